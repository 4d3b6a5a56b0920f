<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Journal\Cause;

/** To what fault the car goes back. */
final readonly class SendBackWish
{
    /** As they are typed. */
    public function __construct(
        #[Choice(Cause::class)]
        public Cause $fault,
        #[Text(80)]
        public string $name,
        #[Text(500)]
        public string $note = '',
    ) {}
}
