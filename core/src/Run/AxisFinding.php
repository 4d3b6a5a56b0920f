<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Axis\Walk;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\SetUp\TaskContext;

/** What readings of one place say together: their mean, whether they repeat, and the verdict on the axis. */
final readonly class AxisFinding
{
    public const AXES = AxisReading::AXES;

    /** Standard deviations by which one reading may miss the mean of all: the survey's own bound (maths, section 2). */
    private const STRAY = 3.29;

    /** An electronic zero that the reading after it does not show, in standard deviations. */
    private const NOT_TAKEN = 4.0;

    /**
     * @param array<string, AxisVerdict>         $verdicts by axis
     * @param array<string, float>               $means    by axis, as misalignment, degrees, the set-up not taken out
     * @param array<string, float>               $errors   by axis, standard uncertainty of the mean alone, degrees
     * @param array<string, float>               $spreads  by axis, the largest less the smallest, degrees
     * @param array<string, PlacementError|null> $setUp    by axis
     * @param bool                               $unlimited whether an axis without a limit stands in nobody's way
     * @param bool|null                          $interference whether a walk showed a second echo; null where there was none
     * @param string                             $basis    "readings", or "zero" where readings before an electronic zero carry it
     */
    private function __construct(
        public int $readings,
        public array $verdicts,
        public array $means,
        public array $errors,
        public array $spreads,
        public array $setUp,
        public bool $repeats,
        public string $basis,
        private bool $unlimited,
        public ?bool $interference = null,
    ) {}

    /**
     * @param non-empty-list<RunMade>            $runs
     * @param array<string, PlacementError|null> $setUp  by axis, of the place they were read in
     * @param float                              $bias   what a second echo may add to all of them alike, degrees, standard
     * @param string|null                        $doubt  a reason for which nothing may be concluded from them
     * @param list<float>                        $nudges reading → where on the walk the stand was, mm; empty where it stood
     */
    public static function of(array $runs, TaskContext $context, array $setUp, float $bias, ?string $doubt, array $nudges = []): self
    {
        $sensor = $context->cardSensor;
        $verdicts = $means = $errors = $spreads = [];
        $repeats = true;
        $count = count($runs);
        $interference = null;
        foreach (self::AXES as $axis) {
            $read = array_map(static fn(RunMade $run): float => ($sensor->reportsTargetAngle ? -1 : 1) * $run->{$axis}, $runs);
            $mean = array_sum($read) / $count;
            $stray = max(array_map(static fn(float $one): float => abs($one - $mean), $read));
            $error = AxisReading::together($sensor->s, $count, $bias);
            $walk = self::walk($read, $nudges, $sensor->s);
            if ($walk !== null) {
                [$mean, $error] = [$walk->mean, $walk->uncertainty];
                $interference = $interference === true || $walk->interference;
            } elseif ($count > 1 && $stray > self::STRAY * $sensor->s * sqrt(1 - 1 / $count)) {
                $repeats = false;
                $squares = array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $read));
                $error = hypot(sqrt($squares / ($count - 1) / $count), $bias);
            }
            [$means[$axis], $errors[$axis], $spreads[$axis]] = [$mean, $error, max($read) - min($read)];
            $verdict = self::judged($context, $axis, $mean, $error, $setUp[$axis]);
            $verdicts[$axis] = $doubt === null ? $verdict : $verdict->unprovenBecause($doubt);
        }

        return new self(readings: $count, verdicts: $verdicts, means: $means, errors: $errors, spreads: $spreads, setUp: $setUp, repeats: $repeats, basis: 'readings', unlimited: $context->rules->isInSpace(), interference: $interference);
    }

    /**
     * The readings of a walk, those of one place taken together; null where the stand was not walked far enough.
     *
     * @param list<float> $read   degrees
     * @param list<float> $nudges mm
     */
    private static function walk(array $read, array $nudges, float $s): ?Walk
    {
        $places = [];
        foreach ($nudges as $i => $nudge) {
            $places[(string) $nudge][] = $read[$i];
        }
        $means = array_values(array_map(static fn(array $here): float => array_sum($here) / count($here), $places));

        return count($means) >= Walk::LEAST ? Walk::of($means, $s) : null;
    }

    /** One axis against its limit; by rules that ask, no slip that would not show may leave it outside (maths, section 6). */
    private static function judged(TaskContext $context, string $axis, float $mean, float $error, ?PlacementError $setUp): AxisVerdict
    {
        $sensor = $context->cardSensor;
        $limit = $axis === 'azimuth' ? $sensor->limitAzimuth : $sensor->limitElevation;
        $left = $limit === null || ! $context->rules->isInSpace() ? null : max(0.0, $limit - abs($mean + ($setUp->deviation ?? 0.0)));

        $free = in_array($axis, $sensor->placementFree, true);

        return AxisVerdict::of(AxisReading::misalignment($mean, $error), $free && $context->rules->isInSpace() ? null : $setUp, $limit, $free, $context->card->thresholds, $left);
    }

    /**
     * What is known after an electronic zero: the axis found before it, less what was stored. A reading afterwards shows
     * nothing by itself but that the zero was taken.
     *
     * @param array<string, float> $zeros     by axis, stored since, degrees
     * @param self|null            $after     readings after it; null where there are none
     * @param bool                 $samePlace whether the stand stands where it did
     */
    public function afterZero(array $zeros, ?self $after, bool $samePlace, TaskContext $context): self
    {
        $verdicts = $means = [];
        foreach (self::AXES as $axis) {
            $before = $this->verdicts[$axis];
            $means[$axis] = $this->means[$axis] + $zeros[$axis];
            $verdict = self::judged($context, $axis, $means[$axis], $this->errors[$axis], $this->setUp[$axis]);
            $reason = $before->decision?->reason;
            // What the slip could hide is judged anew, by what is left of the limit now.
            $reason = $reason === AxisVerdict::UNGUARDED ? null : $reason;
            if ($after !== null && $samePlace && abs($after->means[$axis] - $means[$axis]) > self::NOT_TAKEN * hypot($this->errors[$axis], $after->errors[$axis])) {
                $reason = 'zero-not-taken';
            }
            $verdicts[$axis] = $reason === null ? $verdict : $verdict->unprovenBecause($reason);
        }

        return new self(readings: $after->readings ?? 0, verdicts: $verdicts, means: $means, errors: $this->errors, spreads: $after->spreads ?? $this->spreads, setUp: $this->setUp, repeats: $after->repeats ?? true, basis: 'zero', unlimited: $this->unlimited);
    }

    /** The same figures, but nothing may be concluded from them. */
    public function unprovenBecause(string $reason): self
    {
        $verdicts = array_map(static fn(AxisVerdict $verdict): AxisVerdict => $verdict->unprovenBecause($reason), $this->verdicts);

        return new self(readings: $this->readings, verdicts: $verdicts, means: $this->means, errors: $this->errors, spreads: $this->spreads, setUp: $this->setUp, repeats: $this->repeats, basis: $this->basis, unlimited: $this->unlimited, interference: $this->interference);
    }

    /** Out where either axis is out, holding where both that are limited hold. */
    public function verdict(): Verdict
    {
        return self::together($this->verdicts, $this->unlimited);
    }

    /**
     * Of both axes.
     *
     * @param array<AxisVerdict> $verdicts
     * @param bool               $unlimited whether an axis without a limit stands in nobody's way
     */
    public static function together(array $verdicts, bool $unlimited): Verdict
    {
        $verdicts = array_map(static fn(AxisVerdict $verdict): ?Verdict => $verdict->decision?->verdict, array_values($verdicts));
        $judged = $unlimited ? array_values(array_filter($verdicts)) : $verdicts;

        return match (true) {
            in_array(Verdict::Out, $judged, true) => Verdict::Out,
            $judged !== [] && array_unique($judged, SORT_REGULAR) === [Verdict::Holds] => Verdict::Holds,
            default => Verdict::Unproven,
        };
    }

    /** The first reason why nothing may be concluded; null where there is none. */
    public function reason(): ?string
    {
        foreach ($this->verdicts as $verdict) {
            if ($verdict->decision?->reason !== null) {
                return $verdict->decision->reason;
            }
        }

        return null;
    }
}
