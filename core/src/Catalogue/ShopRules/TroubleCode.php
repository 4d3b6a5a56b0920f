<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Text;

/** A trouble code as a scan tool gives it. */
final readonly class TroubleCode
{
    /** @param string $unit the control unit that stores it; $status the tool's own word */
    public function __construct(
        #[Text(60)]
        public string $unit,
        #[Text(60)]
        public string $code,
        #[Text(300)]
        public string $text = '',
        #[Text(60)]
        public string $status = '',
    ) {}
}
