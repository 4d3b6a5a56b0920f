<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Names;

/**
 * What a reading of the axis would be worth in this set-up, before the run (need J23): how far it may be off in degrees
 * at the sensor, what that comes from, and which further check would help most.
 */
final readonly class SetUpBudget
{
    /** So many checks are told. */
    private const CHECKS = 3;

    /**
     * @param string                                                 $axis        "azimuth" or "elevation"
     * @param float                                                  $deviation   of the set-up, degrees; the reading is corrected for it
     * @param float                                                  $setUp       its standard uncertainty, degrees
     * @param float                                                  $reading     of one reading of the sensor, degrees
     * @param float|null                                             $limit       degrees, half-width; null where the card gives none
     * @param Decision|null                                          $decision    on an axis that reads exactly true: whether it would be proven
     * @param list<array{says: string|Message, share: float, degrees: float}> $contributions to the set-up's uncertainty, the largest first
     * @param list<array{says: string|Message, call: string, uncertainty: float}> $checks    what would help, with what the set-up's uncertainty became, degrees
     */
    private function __construct(
        public string $axis,
        public float $deviation,
        public float $setUp,
        public float $reading,
        public ?float $limit,
        public ?Decision $decision,
        public array $contributions,
        public array $checks,
    ) {}

    /** The whole standard uncertainty of the corrected reading, degrees. */
    public function uncertainty(): float
    {
        return hypot($this->setUp, $this->reading);
    }

    /** Up to how far off an axis could be read here and still be proven inside its limit, degrees; null where none could. */
    public function provable(): ?float
    {
        if ($this->limit === null || $this->decision?->verdict !== Verdict::Holds) {
            return null;
        }
        [$low, $high] = [0.0, $this->limit];
        for ($step = 0; $step < 40; $step++) {
            $middle = ($low + $high) / 2;
            if (Decision::about($middle, $this->uncertainty(), $this->limit)->verdict === Verdict::Holds) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** @return list<self> the axes that are known in this set-up */
    public static function of(TaskContext $context, SetUp $setUp): array
    {
        return array_values(array_filter([self::azimuth($context, $setUp), self::elevation($context, $setUp)]));
    }

    private static function azimuth(TaskContext $context, SetUp $setUp): ?self
    {
        $error = $setUp->azimuthError();
        $bearing = $setUp->deviation($context->card->isPlate ? 'yaw' : 'bearing');
        $solution = $setUp->placement?->solution;
        if ($error === null || $bearing === null || $solution === null) {
            return null;
        }
        $contributions = [];
        foreach (array_slice($bearing->contributions, 0, 6) as ['id' => $id, 'share' => $share]) {
            if ($share > 0.005) {
                $contributions[] = ['says' => $setUp->plan->said($id), 'share' => $share, 'degrees' => sqrt($share) * $error->uncertainty];
            }
        }
        $checks = [];
        $rise = $setUp->plan->rise($setUp->readings['height'] ?? null);
        foreach ($context->rules->isInSpace() ? $setUp->plan->guards($setUp->readings) : $setUp->plan->considered() as $call) {
            if (! isset($setUp->readings[$call->id])) {
                $with = rad2deg($solution->uncertaintyWith($bearing->figure, $call->observation(null, $rise, Names::stand())));
                $checks[] = ['says' => $call->title(), 'call' => $call->id, 'uncertainty' => $with];
            }
        }
        usort($checks, static fn(array $a, array $b): int => $a['uncertainty'] <=> $b['uncertainty']);

        return self::budget($context, 'azimuth', $error->deviation, $error->uncertainty, $contributions, array_slice($checks, 0, self::CHECKS));
    }

    private static function elevation(TaskContext $context, SetUp $setUp): ?self
    {
        $error = $setUp->elevationError();
        $height = $setUp->height;
        if ($error === null) {
            return null;
        }
        if ($height === null || $context->card->isPlate || $context->card->adjustment?->inclinometer !== null) {
            // Neither rests on a height: what is left is the floor's slope, and a plate's own tilt.
            $floor = $setUp->plan->floor->slope($context)->uncertainty;
            $share = $error->uncertainty > 0 ? ($floor / $error->uncertainty) ** 2 : 0.0;
            $contributions = [['says' => Message::of('part.floor-slope'), 'share' => $share, 'degrees' => $floor]];
            if ($share < 0.995) {
                $contributions[] = ['says' => Message::of('part.plate-tilt'), 'share' => 1 - $share, 'degrees' => sqrt(1 - $share) * $error->uncertainty];
            }

            return self::budget($context, 'elevation', $error->deviation, $error->uncertainty, $contributions, []);
        }
        $parts = [
            'part.target-height' => $height->sReading,
            $setUp->plan->floor->from === 'stated' ? 'part.floor-stated' : 'part.floor-surveyed' => $height->sFloor,
            'part.sensor-height' => $context->sheet->sSensorHeight,
        ];
        $sum = array_sum(array_map(static fn(float $s): float => $s ** 2, $parts));
        $contributions = [];
        foreach ($parts as $code => $s) {
            $share = $sum > 0 ? $s ** 2 / $sum : 0.0;
            $contributions[] = ['says' => Message::of($code), 'share' => $share, 'degrees' => sqrt($share) * $error->uncertainty];
        }
        usort($contributions, static fn(array $a, array $b): int => $b['share'] <=> $a['share']);

        return self::budget($context, 'elevation', $error->deviation, $error->uncertainty, $contributions, []);
    }

    /**
     * @param list<array{says: string|Message, share: float, degrees: float}>       $contributions
     * @param list<array{says: string|Message, call: string, uncertainty: float}> $checks
     */
    private static function budget(TaskContext $context, string $axis, float $deviation, float $uncertainty, array $contributions, array $checks): self
    {
        $limit = $axis === 'azimuth' ? $context->cardSensor->limitAzimuth : $context->cardSensor->limitElevation;
        $reading = $context->cardSensor->s;

        return new self(
            axis: $axis,
            deviation: $deviation,
            setUp: $uncertainty,
            reading: $reading,
            limit: $limit,
            decision: $limit === null ? null : Decision::about(0.0, hypot($uncertainty, $reading), $limit, $context->card->thresholds),
            contributions: $contributions,
            checks: $checks,
        );
    }
}
