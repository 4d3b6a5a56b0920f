<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Minutes;
use Lumbro\Core\Method\Names;
use Lumbro\Core\Method\SlipBounds;
use Lumbro\Core\Method\Times;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Survey\Aimed;
use Lumbro\Core\Survey\Completion;
use Lumbro\Core\Survey\Hidden;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Reliability;

/** What could be wrong in a set-up and not show, axis by axis, worked out when somebody asks. */
final class Hiding
{
    /** How far off a stand is that was moved to a number: as it comes, as it can be done with care, and not at all, mm, and the same of a turn, rad. */
    private const HANDS = [[0.8, 0.1 * M_PI / 180], [0.4, 0.05 * M_PI / 180], [0.0, 0.0]];

    /** The nearest a target stands, mm. */
    private const RANGE = 1500.0;

    private ?Reliability $reliability = null;

    private ?Completion $search = null;

    /** @var array<string, Guard|null> */
    private array $guards = [];

    /** @var array<string, list<string>|null> what was looked for → what was found */
    private array $missing = [];

    /** @param array<string, ReadingTaken> $readings call → reading */
    public function __construct(private readonly TaskContext $context, private readonly MeasuringPlan $plan, private readonly array $readings, private readonly Placement $placement) {}

    /** Null where the readings say nothing of the axis. */
    public function of(string $axis): ?Guard
    {
        if (! array_key_exists($axis, $this->guards)) {
            $figure = $this->figure($axis);
            $this->guards[$axis] = $figure === null ? null : new Guard($this->hidden($axis, $figure), $this->limit($axis));
        }

        return $this->guards[$axis];
    }

    private function hidden(string $axis, Dual $figure): Hidden
    {
        $hidden = $this->reliability()->hidden($figure);

        return $axis === 'elevation' && $this->context->card->isPlate ? $hidden->beside('plate.tilt', SlipBounds::PLATE_TILT) : $hidden;
    }

    /**
     * The cheapest further readings after which nothing that matters could hide and the set-up is well enough known; where
     * tolerances are asked for and nothing bounds what could hide, those after which they hold.
     *
     * @param array<string, float> $left axis → what of its limit is left for a slip, degrees, where a run has been made; else the shop's part of it
     * @param list<string>|null    $moved respects that a move will put right; null where nobody asks for tolerances
     *
     * @param array<string, float> $spread axis → the standard uncertainty that the set-up may bring to it, degrees
     *
     * @return list<string>|null ids of calls and staffs in the order of work; null where even all of them fall short
     */
    public function missing(array $left = [], ?array $moved = null, array $spread = []): ?array
    {
        $asked = serialize([$left, $moved, $spread]);
        if (! array_key_exists($asked, $this->missing)) {
            $this->missing[$asked] = $this->searched($left, $moved, $spread);
        }

        return $this->missing[$asked];
    }

    /**
     * @param array<string, float> $left
     * @param list<string>|null    $moved
     * @param array<string, float> $spread
     *
     * @return list<string>|null
     */
    private function searched(array $left, ?array $moved, array $spread): ?array
    {
        if ($moved !== null) {
            $axes = $this->axes($left, $spread);
            // Where no reading bounds what could hide, the tolerances are measured all the same; the set-up does not hold by that alone.
            foreach ($axes === [] ? [[]] : [$axes, []] as $hidden) {
                // Where nothing is moved, no hand is off.
                foreach ($moved === [] ? [self::HANDS[0]] : self::HANDS as $hands) {
                    $tolerances = $this->tolerances($moved, $hands);
                    $found = $tolerances === null ? null : $this->completed([...array_values($tolerances), ...$hidden]);
                    if ($found !== null) {
                        return $found;
                    }
                }
            }

            return null;
        }

        return $this->completed($this->axes($left, $spread));
    }

    /**
     * The cheapest of some readings that would prove the set-up, before anything is read and with all that has to be put up.
     *
     * @param list<string> $pool ids of calls and staffs
     *
     * @return list<string>|null in the order of work; null where even all of them fall short
     */
    public function foreseen(array $pool): ?array
    {
        $candidates = array_values(array_filter($this->everything(), static fn(Observation $one): bool => in_array($one->id(), $pool, true)));
        $ids = array_map(static fn(Observation $one): string => $one->id(), $candidates);
        $costs = array_map($this->plan->minutes(...), $ids);
        $search = new Completion($this->placement->solution, $candidates, [], $this->ways($ids));
        foreach (self::HANDS as $hands) {
            $tolerances = $this->tolerances($this->plan->respects(), $hands);
            $found = $tolerances === null ? null : $search->cheapest([...array_values($tolerances), ...$this->axes([], [], true)], $costs, array_map(Minutes::setUp(...), $ids), Minutes::setUps($this->context->policy()->minutes));
            if ($found !== null) {
                return $this->named(array_map(static fn(int $i): string => $ids[$i], $found));
            }
        }

        return null;
    }

    /**
     * With no staff where none was read, and with any of them: what is known of the floor beforehand gives way to them.
     *
     * @param list<string> $ids of the candidates
     *
     * @return list<array{priors: list<string>, without: list<int>}>
     */
    private function ways(array $ids): array
    {
        $ways = [['priors' => [], 'without' => []]];
        // Where no height is asked about, no staff would say anything.
        $matters = $this->limit('elevation') !== null || in_array('height', $this->plan->respects(), true);
        foreach ($matters ? $this->plan->ground->floor?->givesWay() ?? [] : [] as ['priors' => $priors, 'places' => $places]) {
            $staffs = array_keys(array_filter($ids, static fn(string $id): bool => in_array(explode('-', "$id-")[1], $places, true) && str_starts_with($id, 'staff-')));
            if ($staffs !== []) {
                $ways = [
                    ...array_map(static fn(array $way): array => ['priors' => $way['priors'], 'without' => [...$way['without'], ...$staffs]], $ways),
                    ...array_map(static fn(array $way): array => ['priors' => [...$way['priors'], ...$priors], 'without' => $way['without']], $ways),
                ];
            }
        }

        // The fewest staffs first.
        usort($ways, static fn(array $a, array $b): int => count($a['priors']) <=> count($b['priors']));

        return $ways;
    }

    /**
     * How well each respect would have to be known to hold where hands put the stand as it comes.
     *
     * @return array<string, float> in the respect's unit, mm or rad; those without a tolerance are not there
     */
    public function bearables(): array
    {
        $bearable = [];
        foreach ($this->tolerances($this->plan->respects(), self::HANDS[0]) ?? [] as $name => $aim) {
            $bearable[$name] = $aim->uncertainty ?? INF;
        }

        return $bearable;
    }

    /** @return list<Observation> all that could be read here, of any school */
    private function everything(): array
    {
        return [...array_values(array_map(static fn(Call $call): Observation => $call->observation(null, 0.0, Names::stand()), $this->plan->takable())), ...($this->plan->ground->floor?->candidates() ?? [])];
    }

    /**
     * @param array<string, float> $left
     * @param array<string, float> $spread
     *
     * @return list<Aimed>
     */
    private function axes(array $left, array $spread, bool $foreseen = false): array
    {
        $aims = [];
        foreach (AxisReading::AXES as $axis) {
            $figure = $this->figure($axis, $foreseen);
            $limit = $left[$axis] ?? $this->limit($axis);
            if ($figure !== null && $this->limit($axis) !== null && $limit !== null) {
                $aims[] = new Aimed($figure, isset($spread[$axis]) ? deg2rad($spread[$axis]) : null, deg2rad($limit));
            }
        }

        return $aims;
    }

    /**
     * @param list<Aimed> $aims
     *
     * @return list<string>|null
     */
    private function completed(array $aims): ?array
    {
        $candidates = $this->candidates();
        $ids = array_map(static fn(Observation $candidate): string => $candidate->id(), $candidates);
        $this->search ??= new Completion($this->placement->solution, $candidates, [], $this->ways($ids));
        $found = $this->search->cheapest($aims, array_map($this->plan->minutes(...), $ids));

        return $found === null ? null : $this->named(array_map(static fn(int $i): string => $ids[$i], $found));
    }

    /**
     * How well each respect must be known to hold where it is, or with nothing off where a move will put it right.
     *
     * @param list<string> $moved
     * @param array{float, float} $hands how far off a stand is that was moved to a number, mm, and turned, rad
     *
     * @return array<string, Aimed>|null respect → aim; null where one is out
     */
    private function tolerances(array $moved, array $hands): ?array
    {
        $aims = [];
        foreach ($this->plan->respects() as $name) {
            $deviation = $this->placement->deviations[$name] ?? null;
            if ($deviation?->tolerance === null) {
                continue;
            }
            $missed = match (true) {
                $name === 'yaw' => $hands[1],
                // As the sensor sees a hand's error at the target.
                $deviation->angular => $hands[0] / self::RANGE,
                default => $hands[0],
            };
            $off = in_array($name, $moved, true) ? $missed : abs($deviation->value());
            if ($off >= $deviation->tolerance) {
                return null;
            }
            $aims[$name] = new Aimed($deviation->figure, $this->bearable($off, $deviation->tolerance), null);
        }

        return $aims;
    }

    /** How unsure a deviation may be and still hold, in its unit. */
    private function bearable(float $off, float $tolerance): float
    {
        [$low, $high] = [0.0, $tolerance];
        for ($step = 0; $step < 30; $step++) {
            $middle = ($low + $high) / 2;
            if (Decision::about($off, $middle, $tolerance, $this->context->card->thresholds)->verdict === Verdict::Holds) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * What the set-up adds to a reading of the axis, rad; null where nobody knows.
     *
     * @param bool $foreseen whether the height counts as one that will be read
     */
    public function figure(string $axis, bool $foreseen = false): ?Dual
    {
        $card = $this->context->card;
        $deviations = $this->placement->deviations;
        if ($axis === 'azimuth') {
            // A plate sends back what strikes it square: it feels its own turn and not its place across, a reflector the reverse.
            return ($deviations[$card->isPlate ? 'yaw' : 'bearing'] ?? null)?->figure;
        }
        if ($card->adjustment?->inclinometer !== null) {
            return $this->grade()->scaled(-1.0);
        }
        if ($card->isPlate) {
            return Dual::constant(deg2rad(($this->plan->standSet->tilt ?? 0.0) - $this->context->spot->tilt))->minus($this->grade());
        }

        return $foreseen || isset($this->readings['height']) ? ($deviations['elevation'] ?? null)?->figure : null;
    }

    /**
     * The same with each reading's times counted from the first that was not taken.
     *
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private function named(array $ids): array
    {
        $named = [];
        foreach ($ids as $id) {
            $taken = fn(string $name): bool => isset($this->readings[$name]) || in_array($name, $named, true)
                || isset($this->plan->ground->floor->staffs[substr($name, strlen('staff-'))]);
            foreach (Times::all(Times::once($id)) as $name) {
                if (! $taken($name)) {
                    $named[] = $name;
                    break;
                }
            }
        }

        return $named;
    }

    /** How the floor rises along the sensor's facing, rad. */
    private function grade(): Dual
    {
        $layout = $this->placement->solution->geometry->layout;
        $state = $this->placement->solution->geometry->state;
        $facing = deg2rad($this->context->sensor->facing);
        $place = $layout->pitch ?? throw new \LogicException('A survey in space knows how the car stands.');
        [$a, $b] = [tan($state[$place]), tan($state[$place + 1])];
        $rise = $a * cos($facing) + $b * sin($facing);
        $per = 1 / (1 + $rise ** 2);

        return new Dual(atan($rise), [$place => $per * cos($facing) * (1 + $a ** 2), $place + 1 => $per * sin($facing) * (1 + $b ** 2)]);
    }

    private function limit(string $axis): ?float
    {
        $sensor = $this->context->cardSensor;
        $limit = $axis === 'azimuth' ? $sensor->limitAzimuth : $sensor->limitElevation;

        return $limit === null || in_array($axis, $sensor->placementFree, true) ? null : $limit * $this->context->policy()->guard;
    }

    /** @return list<Observation> */
    private function candidates(): array
    {
        return [...array_values(array_map(static fn(Call $call): Observation => $call->observation(null, 0.0, Names::stand()), $this->plan->guards($this->readings))), ...($this->plan->ground->floor?->candidates() ?? [])];
    }

    private function reliability(): Reliability
    {
        return $this->reliability ??= new Reliability($this->placement->solution);
    }
}
