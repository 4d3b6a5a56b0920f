<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Required;
use Lumbro\Core\Fields\Whole;
use Lumbro\Core\Measure\Node;

/** What the shop does with readings near the limit, settled before anybody sees one (need J29). */
final readonly class Policy implements Checked
{
    /** What becomes of an axis that is unproven after the most readings. */
    public const UNPROVEN = ['adjust', 'accept-by-name', 'send-back'];

    /** What has to be put up before some readings can be taken. */
    public const SET_UPS = ['line', 'stand-laser', 'hub-plumbs', 'squares', 'wheel-lasers', 'rig', 'level'];

    /**
     * @param int    $readings taken before anything is concluded, ≥ 1: one alone does not show that it repeats
     * @param int    $most     readings in one place before something else must be done, ≥ $readings
     * @param int    $rounds   of adjusting before the fault is looked for elsewhere, ≥ 1
     * @param string $unproven one of UNPROVEN
     * @param float  $guard    the part of an axis's limit that one slip may hide before the run, 0.05 to 1
     * @param SlipLimits|null $slips how large a slip could be at most, where the shop knows better than is usual
     * @param array<string, float> $minutes one of SET_UPS → minutes it takes here, where that is not the usual
     */
    public function __construct(
        #[Required, Whole(1, 20)]
        public int $readings = 2,
        #[Required, Whole(1, 50)]
        public int $most = 5,
        #[Required, Whole(1, 20)]
        public int $rounds = 3,
        #[Required, Choice(self::UNPROVEN)]
        public string $unproven = 'adjust',
        #[Number('', 0.05, 1)]
        public float $guard = 0.6,
        #[Part(SlipLimits::class)]
        public ?SlipLimits $slips = null,
        #[Members(new Number('min', 0.1, 240), self::SET_UPS)]
        public array $minutes = [],
    ) {}

    public function check(Node $node): void
    {
        $node->member('most')?->between($this->readings, 50);
    }

    public static function rule(): array
    {
        return [];
    }
}
