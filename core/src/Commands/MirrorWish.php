<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Text;

/** Where a laser's spot comes back. */
final readonly class MirrorWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(60)]
        public string $distance,
        #[Text(60)]
        public string $left,
        #[Text(60)]
        public string $above,
    ) {}
}
