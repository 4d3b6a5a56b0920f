<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** What the scan tool is to do. */
final readonly class ToolWish
{
    /** As they are typed. */
    public function __construct(
        #[Choice(ToolCommand::class)]
        public ToolCommand $command,
        #[Part(ZeroWish::class)]
        public ?ZeroWish $values = null,
        #[Text(60)]
        public ?string $lotCode = null,
    ) {}
}
