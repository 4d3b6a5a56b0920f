<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** A trouble code as a scan tool gives it. */
final readonly class TroubleCode
{
    /** @param string $unit the control unit that stores it; $status the tool's own word */
    public function __construct(public string $unit, public string $code, public string $text, public string $status) {}
}
