<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** What the shop does with readings near the limit, settled before anybody sees one (need J29). */
final readonly class Policy
{
    /** What becomes of an axis that is unproven after the most readings. */
    public const UNPROVEN = ['adjust', 'accept-by-name', 'send-back'];

    /**
     * @param int    $readings taken before anything is concluded, ≥ 1: one alone does not show that it repeats
     * @param int    $most     readings in one place before something else must be done, ≥ $readings
     * @param int    $rounds   of adjusting before the fault is looked for elsewhere, ≥ 1
     * @param string $unproven one of UNPROVEN
     */
    public function __construct(public int $readings = 2, public int $most = 5, public int $rounds = 3, public string $unproven = 'adjust') {}
}
