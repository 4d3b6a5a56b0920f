<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support\Growth;

use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** A document with a value more than it had: what adding one takes is shown with it. */
final readonly class GrownStep
{
    /** @param list<self> $then */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $text,
        #[Number('°C', -20, 60), Lost]
        public ?float $warmest = null,
        #[ListOf(new Part(GrownStep::class), 3)]
        public array $then = [],
    ) {}
}
