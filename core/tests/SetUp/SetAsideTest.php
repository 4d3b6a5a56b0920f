<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Facts\NotProven;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Guess;
use Lumbro\Core\Survey\Vertical;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** Readings that contradict the car's sheet: taken anew first, and only then the sheet's figure counts no more. */
final class SetAsideTest extends TestCase
{
    private const SPOT = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0];

    public function testOneReadingAgainstTheSheetIsTakenAnew(): void
    {
        $state = (new DemoTask())->prepared()->read(self::SPOT + ['sensor-offset' => 14.0])->state();
        self::assertFalse($state->setUp->isConsistent());
        self::assertSame(['remeasure', 'sensor-offset'], [$state->present()->kind, $state->present()->call]);
    }

    public function testFiguresThatCouldAsWellBeWrongAreBothSetAside(): void
    {
        // The sensor sits 14 mm aside, or the front mark does: nothing read so far tells which.
        $state = (new DemoTask())->prepared()->read(self::SPOT + ['sensor-offset' => 14.0, 'sensor-offset-2' => 14.0])->state();
        self::assertNotFalse($state->setUp->isConsistent());
        self::assertFalse($state->setUp->guard('azimuth')?->holds());
        self::assertFalse($state->setUp->holds());
        // It is said on screen, and in the record among what it does not prove.
        self::assertContains('sensor.y', $state->setUp->aside);
        $codes = array_column(array_map(static fn(Message $said): array => $said->jsonSerialize(), NotProven::of($state->context, $state->plan, $state->answers, $state->run, null, $state->setUp->aside)), 'say');
        self::assertContains('not-proven.set-aside', $codes);
        self::assertSame([], (new DemoTask())->prepared()->read(self::SPOT)->state()->setUp->aside);
    }

    public function testHowTheCarStandsIsSetAsideLikeAnyOtherFigure(): void
    {
        $network = (new DemoTask())->prepared()->read(self::SPOT)->state()->plan->ground->network([], Guess::Place);
        $known = Copy::of($network, ['vertical' => new Vertical(0.0, 0.0, 0.001, 0.001), 'bounds' => ['^roll' => 0.017, '~laser.tiltX' => 1.0] + $network->bounds]);
        $doubting = $known->doubting('^roll');
        self::assertSame(0.001, $doubting->vertical?->sPitch);
        self::assertEqualsWithDelta(0.017 / sqrt(3), $doubting->vertical->sRoll, 1e-12);
        self::assertEqualsWithDelta(1.0 / sqrt(3), $known->doubting('~laser.tiltX')->levels[0]->tilt ?? 0.0, 1e-12);
        self::assertSame($known->levels[0]->tilt, $doubting->levels[0]->tilt);
    }

    public function testAReadingThatTellsThemApartDecides(): void
    {
        $read = self::SPOT + ['sensor-offset' => 14.0, 'sensor-offset-2' => 14.0];
        $straight = ['hub-offset-FL' => 799.0, 'hub-offset-FR' => -799.0, 'hub-offset-RL' => 802.0, 'hub-offset-RR' => -802.0];
        $task = (new DemoTask())->prepared()->read($read + $straight);
        // The line runs along the car. Now it is the sensor, or the rule that read both: the one reading that knows is asked for.
        self::assertSame(['guard', 'rule-check'], [$task->state()->present()->kind, $task->state()->present()->call]);
        $state = $task->read(['rule-check' => 200.0, 'rule-check-2' => 200.0])->state();
        [, $y] = $state->setUp->placement?->solution->geometry->point('sensor') ?? [null, null];
        self::assertEqualsWithDelta(14.0, $y->value ?? INF, 2.0, 'The rule is sound: it is the sensor.');
        // It is seen from there: the spot is not straight ahead of it.
        self::assertEqualsWithDelta(rad2deg(atan(-14 / 1900)), rad2deg($state->setUp->deviation('bearing')?->value() ?? INF), 0.08);
    }

    public function testTheSameReadingTakenAnewConfirmsItself(): void
    {
        $task = (new DemoTask())->prepared()->read(self::SPOT + ['sensor-offset' => 14.0]);
        $task->correct('sensor-offset', 13.0, $task->last());
        self::assertSame(['sensor-offset'], $task->state()->record->confirmed(0));
        self::assertNotFalse($task->state()->setUp->isConsistent());
        // One that comes out otherwise confirms nothing: the first was the slip.
        $other = (new DemoTask())->prepared()->read(self::SPOT + ['sensor-offset' => 14.0]);
        $other->correct('sensor-offset', 0.0, $other->last());
        self::assertSame([], $other->state()->record->confirmed(0));
        self::assertNotFalse($other->state()->setUp->isConsistent());
    }

    public function testWhatIsSetAsideMakesASetUpLessSureAndLessGuarded(): void
    {
        $read = ['sensor-offset-2' => 0.0] + self::SPOT;
        $trusted = (new DemoTask())->prepared()->read($read + ['sensor-offset' => 0.0])->state();
        $aside = (new DemoTask())->prepared()->read(['sensor-offset' => 14.0, 'sensor-offset-2' => 14.0] + self::SPOT)->state();
        self::assertGreaterThan($trusted->setUp->deviation('bearing')->uncertainty ?? INF, $aside->setUp->deviation('bearing')->uncertainty ?? 0.0);
    }
}
