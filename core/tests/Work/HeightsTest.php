<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Work;

use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** Heights are readings like all others: doubted, checked, and no proof while nothing looks at them another way. */
final class HeightsTest extends TestCase
{
    /** The front radar with its target on the spot. */
    private const SPOT = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'hub-left' => 2861.0, 'hub-right' => 2861.0];

    public function testATopTakenForTheCentreIsSuspectedAndNoRightTapeIs(): void
    {
        $context = (new DemoTask())->context();
        $apart = $context->card->target->heights['top'] - $context->card->target->heights['centre'];
        $state = (new DemoTask())->prepared()->read(self::SPOT + ['height' => 642.0 + $apart])->state();
        self::assertFalse($state->setUp->isConsistent());
        self::assertSame(['remeasure', 'height', 'advice.other-place'], [$state->present()->kind, $state->present()->call, $state->present()->why?->code]);
        self::assertSame('top', $state->present()->why?->with['place'] ?? null);
        // Read to the top, and said so, it is the same height and nothing is in doubt.
        self::assertNotFalse((new DemoTask())->prepared()->read(self::SPOT + ['height' => 642.0])->state()->setUp->isConsistent());
    }

    public function testFiveStaffsReadOnceProveNoElevation(): void
    {
        $floor = [];
        foreach ([...FloorRead::WHEELS, 'site-front'] as $place) {
            $floor[$place] = new FloorRead("floor-$place", 'Ilse', 'now', $place, '1200 mm');
        }
        $order = static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, [], [], [], floor: $floor, policy: new Policy());
        $state = (new DemoTask(order: $order))->prepared()->read(self::SPOT + ['height' => 642.0, 'height-2' => 642.0, 'sensor-height' => 640.0, 'sensor-height-2' => 640.0])->state();
        $guard = $state->setUp->guard('elevation');
        self::assertNotNull($guard);
        self::assertFalse($guard->holds(), 'One staff alone at the spot is checked by nothing.');
        self::assertFalse($state->mayRun());
    }

    public function testARuleWithItsEndCutOffIsFoundByTheTapeHeldToIt(): void
    {
        // The stand stands 25 mm to the left; a rule that lacks as much at its end says that it stands on the line.
        $read = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'hub-left' => 2854.0, 'hub-right' => 2868.0];
        $unchecked = (new DemoTask())->prepared()->read($read)->state();
        self::assertFalse($unchecked->mayRun(), 'Two check tapes that agree well enough are no proof.');
        $checked = (new DemoTask())->prepared()->read($read + ['rule-check' => 225.0, 'rule-check-2' => 225.0])->state();
        $bearing = abs(rad2deg($checked->setUp->deviation('bearing')?->value() ?? 0.0));
        self::assertTrue($checked->setUp->isConsistent() === false || $bearing > 0.3, sprintf('It aims %.2f° aside, and nothing says so.', $bearing));
        self::assertFalse($checked->mayRun());
    }
}
