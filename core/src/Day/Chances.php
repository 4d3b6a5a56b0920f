<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

use Lumbro\Core\Numeric\Normal;

/**
 * How likely each promise holds, by going through the plan many times with durations drawn from their spread (maths,
 * section 11): everybody keeps to the order they were told, and begins what is next as soon as it can be begun.
 */
final class Chances
{
    private const NEVER = Compiled::NEVER;

    /** Times the day is gone through. */
    public const DRAWS = 400;

    /** A stage under way has lasted longer than most of its draws: then it is taken to need this part of it once more. */
    private const LONGER = 0.15;

    /** @var list<array{int, array<int, int>, int, int, list<array{int, int}>, list<array{int, int}>|null}> not before, stages before it, car, minutes, windows, hours of its person */
    private array $stages = [];

    /** @var list<float> stage → spread */
    private array $spreads = [];

    /** @var list<Began|null> */
    private array $began = [];

    private function __construct(private readonly Day $day, Timetable $plan)
    {
        $cars = array_flip(array_map(static fn(Car $car): string => $car->id, $day->cars));
        $hours = array_combine(array_map(static fn(Person $person): string => $person->id, $day->people), array_map(static fn(Person $person): array => $person->hours, $day->people));
        $shares = array_combine(array_map(static fn(Place $place): string => $place->id, $day->places), array_map(static fn(Place $place): array => $place->shares, $day->places));
        $of = [];
        foreach ($day->cars as $car) {
            foreach ($car->parts as $part) {
                foreach ($part->stages as $stage) {
                    $of[$stage->id] = $stage;
                }
            }
        }
        $last = [];
        foreach ($plan->slots as $slot) {
            $stage = $of[$slot->stage];
            $car = (int) $cars[$slot->car];
            $things = ["car $car", ...array_map(static fn(string $unit): string => "unit $unit", $slot->units)];
            if ($slot->person !== null) {
                $things[] = "person {$slot->person}";
            }
            if ($slot->place !== null) {
                array_push($things, "place {$slot->place}", ...array_map(static fn(string $share): string => "share $share", $shares[$slot->place] ?? []));
            }
            $number = count($this->stages);
            $before = [];
            foreach ($things as $thing) {
                if (isset($last[$thing])) {
                    $before[$last[$thing]] = $last[$thing];
                }
                $last[$thing] = $number;
            }
            $this->stages[] = [
                max($day->cars[$car]->ready, $stage->asks->notBefore, $stage->pin->at ?? 0, $day->now),
                $before, $car, $stage->minutes, $stage->asks->windows, $slot->person === null ? null : $hours[$slot->person],
            ];
            $this->spreads[] = $stage->spread;
            $this->began[] = $stage->began;
        }
    }

    /**
     * @return array<string, array{chance: float|null, half: int|null, most: int|null}> car → the chance that its promise
     *         holds, 0 to 1, null where nothing is promised; the minute by which it is done in half and in nine of ten goes
     */
    public static function of(Day $day, Timetable $plan, int $draws = self::DRAWS, int $seed = 1): array
    {
        $chances = new self($day, $plan);
        $all = [];
        for ($i = 0; $i < $draws; $i++) {
            foreach ($chances->once($seed + $i) as $car => $done) {
                $all[$car][] = $done;
            }
        }
        $told = [];
        foreach ($day->cars as $number => $car) {
            $done = $all[$number] ?? [];
            sort($done);
            $isPlanned = ($plan->done[$car->id] ?? null) !== null && $done !== [];
            $at = static fn(float $share): ?int => $isPlanned && $done[(int) ($share * (count($done) - 1))] < self::NEVER ? (int) round($done[(int) ($share * (count($done) - 1))]) : null;
            $kept = count(array_filter($done, static fn(float $one): bool => $one <= ($car->promised ?? 0) + 0.5));
            $told[$car->id] = [
                'chance' => $car->promised === null ? null : ($isPlanned ? $kept / count($done) : 0.0),
                'half' => $at(0.5), 'most' => $at(0.9),
            ];
        }

        return $told;
    }

    /** @return array<int, float> car → when it is done */
    private function once(int $seed): array
    {
        // Apart for each go, and mixed before it is used.
        $state = ($seed * 2_654_435_761) & 0x7FFFFFFF;
        $even = static function () use (&$state): float {
            $state = ($state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

            return (($state >> 7) + 0.5) / 16_777_216.0;
        };
        $even();
        $ends = $done = [];
        foreach ($this->stages as $i => [$earliest, $before, $car, $minutes, $windows, $hours]) {
            $spread = $this->spreads[$i];
            $lasts = $minutes * exp($spread * Normal::quantile($even()) - $spread ** 2 / 2);
            $began = $this->began[$i];
            if ($began !== null) {
                $so = $this->day->now - $began->from;
                for ($try = 0; ! $began->done && $lasts <= $so && $try < 20; $try++) {
                    $lasts = $minutes * exp($spread * Normal::quantile($even()) - $spread ** 2 / 2);
                }
                $ends[$i] = $began->done ? (float) $began->to : $began->from + max($lasts, $so + self::LONGER * $minutes * $even());
                $done[$car] = max($done[$car] ?? 0.0, $ends[$i]);

                continue;
            }
            $at = (float) $earliest;
            foreach ($before as $other) {
                $at = max($at, $ends[$other]);
            }
            // Nobody begins what they do not expect to end within their hours, or the drive within daylight.
            do {
                $was = $at;
                $at = $hours === null ? $at : self::within($hours, $at, $minutes);
                $at = $windows === [] ? $at : self::within($windows, $at, $minutes);
            } while ($at > $was && $at < self::NEVER);
            $ends[$i] = $at + $lasts;
            $done[$car] = max($done[$car] ?? 0.0, $ends[$i]);
        }

        return $done;
    }

    /** @param list<array{int, int}> $spans */
    private static function within(array $spans, float $at, int $minutes): float
    {
        foreach ($spans as [$from, $to]) {
            // Half a minute is nobody's reason to wait until tomorrow.
            if (max($at, $from) + $minutes <= $to + 0.5) {
                return max($at, (float) $from);
            }
        }

        return (float) self::NEVER;
    }
}
