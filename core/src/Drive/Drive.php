<?php

declare(strict_types=1);

namespace Lumbro\Core\Drive;

/** How much of a drive counted towards what the card asks, stretch by stretch (maths, section 10). */
final readonly class Drive
{
    private const EARTH = 6_371_008.8;

    /** A longer silence of the receiver is a gap, s. */
    private const GAP = 5.0;

    /** The heading is taken over at least this, s: from one point to the next it would only be the receiver's noise. */
    private const BASE = 2.0;

    /** Under this the receiver's noise has no heading, m. */
    private const STILL = 2.0;

    /** The sun's upper edge stands on the horizon: elevation of its middle, degrees. */
    public const SUNRISE = -0.833;

    /** A sun higher than this is above the windscreen's and the sensor's view, degrees. */
    private const HIGH = 20.0;

    /** The sun is looked up once in so many seconds. */
    private const SUN = 60.0;

    /**
     * @param list<Stretch>                $stretches in order of time
     * @param array<string, float>         $lost      reason → seconds
     * @param list<array{float, float, float}> $speeds at, km/h and heading, as driven; a thinned line for drawing
     */
    private function __construct(public array $stretches, public float $seconds, public float $metres, public array $lost, public array $speeds, public bool $isEnough) {}

    /** @param list<TrackPoint> $track in order of time; two at one moment are one */
    public static function along(array $track, DriveRule $rule): self
    {
        $stretches = [];
        $counted = $driven = 0.0;
        $lost = [];
        $speeds = [];
        $sun = null;
        $back = 0;
        $count = count($track);
        for ($i = 1; $i < $count; $i++) {
            [$from, $to] = [$track[$i - 1], $track[$i]];
            $took = $to->at - $from->at;
            if ($took <= 0) {
                continue;
            }
            $metres = self::span($from, $to);
            while ($back < $i - 1 && $to->at - $track[$back + 1]->at >= self::BASE) {
                $back++;
            }
            $speed = $metres / $took * 3.6;
            $heading = self::heading($from, $to);
            $turn = self::turning($track, $i, $back);
            if ($sun === null || $to->at - $sun[0] >= self::SUN) {
                $sun = [$to->at, SolarPosition::at($to->at, $to->latitude, $to->longitude)];
            }
            $reason = match (true) {
                $took > self::GAP => 'no-fix',
                $speed < $rule->slowest => 'too-slow',
                $speed > $rule->fastest => 'too-fast',
                $turn > $rule->turning => 'turning',
                $rule->daylight && $sun[1]->elevation < self::SUNRISE => 'dark',
                $rule->glare !== null && self::blinds($sun[1], $heading, $rule->glare) => 'low-sun',
                default => null,
            };
            if ($reason === null) {
                $counted += $took;
                $driven += $metres;
            } else {
                $lost[$reason] = ($lost[$reason] ?? 0.0) + $took;
            }
            $speeds[] = [$to->at, $speed, $heading];
            self::extend($stretches, $from, $to, $metres, $reason);
            if ($took > self::GAP) {
                // What lies before a gap says nothing of the heading after it.
                $back = $i;
            }
        }

        return new self($stretches, $counted, $driven, $lost, self::thin($speeds), $counted >= $rule->seconds && $driven >= $rule->metres);
    }

    /** @param list<Stretch> $stretches */
    private static function extend(array &$stretches, TrackPoint $from, TrackPoint $to, float $metres, ?string $reason): void
    {
        $last = array_key_last($stretches);
        if ($last !== null && $stretches[$last]->reason === $reason && $stretches[$last]->to === $from->at) {
            $stretches[$last] = new Stretch($stretches[$last]->from, $to->at, $stretches[$last]->metres + $metres, $reason);
        } else {
            $stretches[] = new Stretch($from->at, $to->at, $metres, $reason);
        }
    }

    /**
     * How fast the heading changes, degrees a second; 0 where the car hardly moves.
     *
     * @param list<TrackPoint> $track
     */
    private static function turning(array $track, int $i, int $back): float
    {
        $middle = intdiv($i + $back, 2);
        if ($middle === $back || $middle === $i) {
            return 0.0;
        }
        [$a, $b, $c] = [$track[$back], $track[$middle], $track[$i]];
        if (self::span($a, $b) < self::STILL || self::span($b, $c) < self::STILL) {
            return 0.0;
        }
        $change = abs(self::wrap(self::heading($b, $c) - self::heading($a, $b)));

        // The two headings stand for the middles of their parts.
        return $change / max(1e-9, ($c->at - $a->at) / 2);
    }

    private static function blinds(SolarPosition $sun, float $heading, float $cone): bool
    {
        $height = $sun->elevation;

        return $height > self::SUNRISE && $height < self::HIGH && hypot(self::wrap($sun->azimuth - $heading), $height) <= $cone;
    }

    /** Along the great circle, m. */
    private static function span(TrackPoint $a, TrackPoint $b): float
    {
        [$p, $q] = [deg2rad($a->latitude), deg2rad($b->latitude)];
        $h = sin(($q - $p) / 2) ** 2 + cos($p) * cos($q) * sin(deg2rad($b->longitude - $a->longitude) / 2) ** 2;

        return 2 * self::EARTH * asin(min(1.0, sqrt($h)));
    }

    /** Degrees from north, over east. */
    private static function heading(TrackPoint $a, TrackPoint $b): float
    {
        [$p, $q] = [deg2rad($a->latitude), deg2rad($b->latitude)];
        $east = deg2rad($b->longitude - $a->longitude);

        return fmod(rad2deg(atan2(sin($east) * cos($q), cos($p) * sin($q) - sin($p) * cos($q) * cos($east))) + 360, 360);
    }

    private static function wrap(float $degrees): float
    {
        return fmod(fmod($degrees + 180, 360) + 360, 360) - 180;
    }

    /**
     * @param list<array{float, float, float}> $speeds
     *
     * @return list<array{float, float, float}> at most some hundred, each the fastest of its part
     */
    private static function thin(array $speeds): array
    {
        $most = 600;
        $step = max(1, intdiv(count($speeds), $most));
        $thin = [];
        foreach (array_chunk($speeds, $step) as $part) {
            usort($part, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
            $thin[] = $part[0];
        }

        return $thin;
    }
}
