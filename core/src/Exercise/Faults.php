<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\Card\CardSensor;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\Word;

/** What is wrong with a simulated car, read off its hidden truth: what is worth naming, and not what every bay has. */
final class Faults
{
    /** From here on it is a fault and no ordinary spread: mm, degrees, turns. */
    private const MM = 4.0;
    private const INSTRUMENT = 2.0;
    private const DEGREES = 0.1;
    private const TURNS = 0.15;

    /** @return list<Fault> */
    public static function of(Scenario $truth, CardSensor $sensor): array
    {
        return array_values(array_filter([
            ...self::ofSurvey($truth),
            ...array_map(static fn(string $call, float $size): Fault => new Fault(FaultKind::Slip, $call, Quantity::mm(abs($size))), array_keys($truth->slips), $truth->slips),
            ...array_map(static fn(string $item, string $who): Fault => new Fault(FaultKind::Word, $item, null, $who), array_keys($truth->words), array_map(static fn($word): string => $word->who, $truth->words)),
            ...self::ofSensor($truth, $sensor),
            $truth->coverLoss > 0 ? new Fault(FaultKind::Cover, '', Quantity::decibels($truth->coverLoss)) : null,
            $truth->otherTarget !== 0.0 ? new Fault(FaultKind::WrongTarget, '', Quantity::decibels(abs($truth->otherTarget))) : null,
            $truth->clutter !== null ? new Fault(FaultKind::Clutter, '', Quantity::decibels($truth->clutter->level)) : null,
            $truth->voltage !== null ? new Fault(FaultKind::Supply, '', Quantity::volts($truth->voltage)) : null,
            $truth->door ? new Fault(FaultKind::Door) : null,
            $truth->code !== null ? new Fault(FaultKind::Code) : null,
        ]));
    }

    /** The same car without one of its faults. */
    public static function without(Scenario $truth, Fault $fault): Scenario
    {
        $point = explode('.', $fault->at)[0];
        $rest = static fn(FaultKind $kind): array => array_filter($truth->offsets, static fn(string $unknown): bool => FaultKind::ofUnknown($unknown) !== $kind, ARRAY_FILTER_USE_KEY);
        $written = [...Document::write($truth), ...match ($fault->kind) {
            FaultKind::Slip => ['slips' => new \stdClass()],
            FaultKind::Word => ['words' => (object) array_map(static fn(Word $word): array => Document::write($word), array_diff_key($truth->words, [$fault->at => 0]))],
            FaultKind::Rule => ['cut' => 0.0],
            FaultKind::Floor => ['floorBelow' => 0.0, 'offsets' => (object) $rest(FaultKind::Floor)],
            FaultKind::Thrust => ['offsets' => (object) $rest(FaultKind::Thrust)],
            FaultKind::Mark, FaultKind::Tape => ['offsets' => (object) array_diff_key($truth->offsets, [$fault->at => 0]), 'shifts' => (object) array_diff_key($truth->shifts, [$point => 0])],
            default => [],
        }];

        return Document::read(Scenario::class, Node::parse((string) json_encode($written, JSON_PRESERVE_ZERO_FRACTION)));
    }

    /** @return list<Fault> what a tape, a rule or a staff could show */
    private static function ofSurvey(Scenario $truth): array
    {
        $offsets = $truth->offsets;
        foreach ($truth->shifts as $point => [, $y]) {
            $offsets["$point.y"] = ($offsets["$point.y"] ?? 0.0) + $y;
        }
        if ($truth->floorBelow !== 0.0) {
            $offsets['siteFloor.z'] = ($offsets['siteFloor.z'] ?? 0.0) - $truth->floorBelow;
        }
        $faults = $truth->cut === 0.0 ? [] : [new Fault(FaultKind::Rule, '#rule.zero', Quantity::mm(abs($truth->cut)))];
        foreach ($offsets as $unknown => $off) {
            $kind = FaultKind::ofUnknown($unknown);
            $isAngle = in_array($unknown[0], ['@', '^'], true);
            $least = match (true) {
                $isAngle => self::DEGREES,
                $unknown[0] === '#' => self::INSTRUMENT,
                default => self::MM,
            };
            if ($kind !== null && abs($off) >= $least && ! in_array($kind, array_column($faults, 'kind'), true)) {
                $faults[] = new Fault($kind, $unknown, $isAngle ? Quantity::degrees(abs($off)) : Quantity::mm(abs($off)));
            }
        }

        return $faults;
    }

    /** @return list<Fault|null> */
    private static function ofSensor(Scenario $truth, CardSensor $sensor): array
    {
        $now = ['azimuth' => $truth->mountAzimuth + $truth->zeroAzimuth, 'elevation' => $truth->mountElevation + $truth->zeroElevation];
        $limits = ['azimuth' => $sensor->limitAzimuth, 'elevation' => $sensor->limitElevation];
        $worst = null;
        foreach ($limits as $axis => $limit) {
            if ($limit !== null && abs($now[$axis]) > $limit && ($worst === null || abs($now[$axis]) > abs($now[$worst]))) {
                $worst = $axis;
            }
        }
        $hidden = max(abs($truth->zeroAzimuth), abs($truth->zeroElevation));

        return [
            $worst === null ? null : new Fault(FaultKind::Axis, $worst, Quantity::degrees(abs($now[$worst]))),
            $truth->backlash >= self::TURNS ? new Fault(FaultKind::Backlash, '', Quantity::turns($truth->backlash)) : null,
            $hidden >= self::DEGREES ? new Fault(FaultKind::Zero, '', Quantity::degrees($hidden)) : null,
            $truth->bent || $truth->fault === Cause::Bracket ? new Fault(FaultKind::Bracket) : null,
            $truth->fault === Cause::Sensor ? new Fault(FaultKind::Sensor) : null,
        ];
    }
}
