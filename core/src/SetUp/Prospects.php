<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Measure\LengthUnit;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Minutes;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Method\School;
use Lumbro\Core\Method\Schools;
use Lumbro\Core\Method\Times;
use Lumbro\Core\Survey\Observation\Observation;

/** The plan of readings (maths, section 2.3): how far each way of measuring would come here, and which is the cheapest that proves it. */
final readonly class Prospects
{
    private const NOBODY = ['', '', ''];

    /** No register says that a shop has a camera rig: a plan counts on one only where somebody chose it. */
    private const RIG = 'reported-pose';

    /**
     * @param list<Prospect> $schools those that can be used here, in the order they are offered
     */
    private function __construct(public array $schools, public ?Prospect $cheapest) {}

    /** By the kit, the card and the floor as they are known, with the stand on its spot and nothing read. */
    public static function of(TaskContext $context, MeasuringPlan $plan): self
    {
        $prospects = [];
        $cheapest = null;
        foreach ($plan->usable() as $school) {
            $prospect = self::school($context, $plan, $school);
            $prospects[] = $prospect;
            if ($prospect->whole !== null && in_array($school, self::owned($plan), true) && ($cheapest === null || $prospect->minutes < $cheapest->minutes - 1e-9)) {
                $cheapest = $prospect;
            }
        }
        $mixed = self::mixed($context, $plan);
        $cheapest = $mixed?->whole !== null && ($cheapest === null || $mixed->minutes < $cheapest->minutes - 1e-9) ? $mixed : $cheapest;

        return new self($prospects, $cheapest);
    }

    /**
     * What a plan by these schools may hold.
     *
     * @param non-empty-list<string> $schools
     *
     * @return list<string> ids of calls and staffs
     */
    public static function known(MeasuringPlan $plan, array $schools): array
    {
        $by = self::measuredBy($plan->context, $plan, $schools);

        return self::pool($by, $by->takable());
    }

    /** The set-up by the schools in use, or by the first that can be, with the stand on its spot and each reading as it should be. */
    public static function nominalSetUp(TaskContext $context, MeasuringPlan $plan): SetUp
    {
        $schools = $plan->inUse() === [] ? array_slice($plan->usable(), 0, 1) : $plan->inUse();
        $own = self::measuredBy($context, $plan, array_map(static fn(School $school): string => $school->id(), $schools) ?: ['plumb-and-line']);

        return new SetUp($context, $own, self::nominalReadings($own));
    }

    /** @return array<string, ReadingTaken> */
    private static function nominalReadings(MeasuringPlan $plan): array
    {
        $readings = [];
        foreach ($plan->calls() as $call) {
            if ($call->isSurveyed() && $call->details->of === null) {
                $readings[$call->id] = self::nominal($plan, $call);
            }
        }

        return $readings;
    }

    private static function school(TaskContext $context, MeasuringPlan $plan, School $school): Prospect
    {
        $own = self::measuredBy($context, $plan, [$school->id()]);
        $readings = self::nominalReadings($own);
        $setUp = new SetUp($context, $own, $readings);
        $bearable = $setUp->bearables();
        $respects = $axes = [];
        foreach ($own->respects() as $name) {
            $deviation = $setUp->isPlaced() ? $setUp->placement->deviations[$name] ?? null : null;
            $unit = $deviation?->angular === true ? rad2deg(1) : 1.0;
            $respects[$name] = ['uncertainty' => $deviation === null ? null : $deviation->uncertainty * $unit, 'bearable' => isset($bearable[$name]) ? $bearable[$name] * $unit : null];
        }
        foreach (AxisReading::AXES as $axis) {
            $guard = $setUp->guard($axis);
            if ($guard?->limit !== null) {
                $axes[$axis] = ['hidden' => $guard->largest(), 'limit' => $guard->limit];
            }
        }

        return self::prospect($context, $own, $school->id(), array_keys($readings), $respects, $axes, self::pool($own, $own->schoolsOwn()));
    }

    /** @return list<School> those of the usable ones that a plan may count on */
    private static function owned(MeasuringPlan $plan): array
    {
        return array_values(array_filter($plan->usable(), static fn(School $school): bool => $school->id() !== self::RIG || in_array($school, $plan->inUse(), true)));
    }

    /** @return array<string, Call> what could be taken, without a rig's readings where nobody chose one */
    private static function without(MeasuringPlan $plan, MeasuringPlan $all): array
    {
        if (in_array(Schools::all()[self::RIG], $plan->inUse(), true)) {
            return $all->takable();
        }
        $rig = array_map(static fn(Call $call): string => $call->id, Schools::all()[self::RIG]->calls($all->ground));

        return array_filter($all->takable(), static fn(Call $call): bool => ! in_array($call->details->of->id ?? $call->id, $rig, true));
    }

    private static function mixed(TaskContext $context, MeasuringPlan $plan): ?Prospect
    {
        $ids = array_map(static fn(School $school): string => $school->id(), self::owned($plan));
        if ($ids === []) {
            return null;
        }
        $all = self::measuredBy($context, $plan, $ids);

        return self::prospect($context, $all, null, [], [], [], self::pool($all, self::without($plan, $all)));
    }

    /**
     * @param list<string>                                                       $alone
     * @param array<string, array{uncertainty: float|null, bearable: float|null}> $respects
     * @param array<string, array{hidden: float|null, limit: float}>              $axes
     * @param list<string>                                                       $pool
     */
    private static function prospect(TaskContext $context, MeasuringPlan $plan, ?string $school, array $alone, array $respects, array $axes, array $pool): Prospect
    {
        $whole = (new SetUp($context, $plan, []))->foreseen($pool);

        return new Prospect($school, $school === null ? self::needed($plan, $whole ?? []) : [$school], $alone, $respects, $axes, $whole, self::minutes($whole ?? $alone, $plan->context->policy()->minutes));
    }

    /**
     * The fewest schools, taken as they are offered, that know all these readings.
     *
     * @param list<string> $readings
     *
     * @return non-empty-list<string>
     */
    private static function needed(MeasuringPlan $plan, array $readings): array
    {
        $open = array_flip(array_map(Times::once(...), $readings));
        $needed = [];
        while ($open !== []) {
            [$best, $knows] = [null, []];
            foreach ($plan->inUse() as $school) {
                $its = array_intersect_key(array_flip(array_map(static fn(Call $call): string => $call->id, $school->calls($plan->ground))), $open);
                [$best, $knows] = count($its) > count($knows) ? [$school->id(), $its] : [$best, $knows];
            }
            if ($best === null) {
                break;
            }
            $needed[] = $best;
            $open = array_diff_key($open, $knows);
        }

        return $needed === [] ? ['plumb-and-line'] : $needed;
    }

    /**
     * Readings and staffs with all that has to be put up for them.
     *
     * @param list<string>         $ids
     * @param array<string, float> $own minutes of the shop's own, by what has to be put up
     */
    public static function minutes(array $ids, array $own = []): float
    {
        $setUps = array_filter(array_map(Minutes::setUp(...), $ids), is_string(...));

        return array_sum(array_map(Minutes::of(...), $ids)) + array_sum(array_intersect_key(Minutes::setUps($own), array_flip($setUps)));
    }

    /**
     * Calls, and the staffs under them.
     *
     * @param array<string, Call> $calls
     *
     * @return list<string>
     */
    private static function pool(MeasuringPlan $plan, array $calls): array
    {
        return [...array_keys($calls), ...array_map(static fn(Observation $staff): string => $staff->id(), $plan->ground->floor?->candidates() ?? [])];
    }

    /** @param non-empty-list<string> $schools */
    private static function measuredBy(TaskContext $context, MeasuringPlan $plan, array $schools): MeasuringPlan
    {
        return new MeasuringPlan($context, array_values(array_filter([$plan->referenceChosen, $plan->standSet, new SchoolsChosen(...self::NOBODY, schools: $schools)])));
    }

    /** The reading that would be taken with the target on its spot. */
    private static function nominal(MeasuringPlan $plan, Call $call): ReadingTaken
    {
        $value = $plan->expected($call);
        $turn = $call->reads === Reads::Turn;

        return new ReadingTaken('', '', '', $call->id, '', $turn ? null : $value, $turn ? 'deg' : LengthUnit::Millimetre->value, degrees: $turn ? $value : null);
    }
}
