<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\ShopRules\TroubleCode;

/** What a scan tool read of a car. */
final readonly class Scan
{
    /**
     * @param string            $tool    its name, as it gives it
     * @param string            $readAt  as it gives it
     * @param list<TroubleCode> $codes   in its order
     * @param float|null        $voltage of the supply, V
     */
    public function __construct(public string $tool, public string $readAt, public array $codes, public ?float $voltage = null) {}
}
