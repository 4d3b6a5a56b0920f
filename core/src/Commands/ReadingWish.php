<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Text;

/** A reading as it is typed. */
final readonly class ReadingWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(80)]
        public string $call,
        #[Text(60)]
        public string $typed,
        #[Text(80)]
        public ?string $datum = null,
        #[Text(80)]
        public ?string $strikes = null,
        #[Text(60)]
        public ?string $accuracy = null,
        #[Text(80)]
        public ?string $instrument = null,
    ) {}
}
