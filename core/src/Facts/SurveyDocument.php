<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\SlipBounds;
use Lumbro\Core\SetUp\CrossCheck;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\ReferenceChoice;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\SetUpBudget;
use Lumbro\Core\SetUp\TaskContext;

/** What the survey says of itself: schools against each other, references, and the budget before the run. */
final class SurveyDocument
{
    /** A factor nearer to 1 than this says nothing worth reading. */
    private const TELLING = 0.05;

    /** @return array<string, mixed> lengths in mm, angles in degrees */
    public static function write(TaskContext $context, SetUp $setUp): array
    {
        return [
            'crossChecks' => array_map(static fn(CrossCheck $check): array => self::crossCheck($setUp->plan, $check), CrossCheck::of($setUp->plan, $setUp->readings)),
            'references' => array_map(static fn(ReferenceChoice $choice): array => self::reference($choice, $setUp->plan->ground->reference, $context->sensor->looksBack()), ReferenceChoice::of($setUp)),
            'budget' => array_map(static fn(SetUpBudget $budget): array => self::budget($context, $budget), SetUpBudget::of($context, $setUp)),
            'bounds' => $context->rules->isInSpace() ? self::bounds($context) : [],
            'lessons' => self::lessons($context->kit),
        ];
    }

    /** @return list<Message> in what the kit counts otherwise than stated */
    private static function lessons(Kit $kit): array
    {
        $said = [];
        foreach ([$kit->tape, ...$kit->rules, $kit->staff] as $instrument) {
            $lesson = $kit->lessons[$instrument->id] ?? null;
            if ($lesson === null) {
                continue;
            }
            if (abs($lesson->factor - 1) >= self::TELLING) {
                $said[] = Message::of('lesson.counts', ['instrument' => $instrument->name, 'factor' => Quantity::number(round($lesson->factor, 2)), 'readings' => $lesson->readings]);
            }
            if ($lesson->at !== null && $instrument->sZero !== null && $instrument->zero === $lesson->zero) {
                $said[] = Message::of('lesson.zero', ['instrument' => $instrument->name, 'zero' => Quantity::mm($lesson->zero, 1), 'at' => Quantity::day($lesson->at)]);
            }
            if ($lesson->at !== null && $instrument->sScale !== null && $instrument->scale === $lesson->scale) {
                $said[] = Message::of('lesson.scale', ['instrument' => $instrument->name, 'scale' => Quantity::number(round(1000 * $lesson->scale, 2)), 'at' => Quantity::day($lesson->at)]);
            }
        }

        return $said;
    }

    /** @return array<string, mixed> */
    private static function crossCheck(MeasuringPlan $plan, CrossCheck $check): array
    {
        $ahead = $plan->ground->isAhead;

        return [
            'first' => Message::of('school.' . $check->first->id()),
            'second' => Message::of('school.' . $check->second->id()),
            'disagrees' => $check->disagrees(),
            'along' => [
                'amount' => abs($check->along->value),
                'direction' => ($check->along->value >= 0) === $ahead ? Directions::said('further') : Directions::said('nearer'),
                'uncertainty' => $check->uncertainty($check->along),
            ],
            'across' => [
                'amount' => abs($check->across->value),
                'direction' => $check->across->value >= 0 ? Directions::said('further-left') : Directions::said('further-right'),
                'uncertainty' => $check->uncertainty($check->across),
            ],
            'bearing' => [
                'amount' => abs(rad2deg($check->bearing->value)),
                'direction' => Directions::axis('azimuth', $check->bearing->value, ! $ahead),
                'uncertainty' => rad2deg($check->uncertainty($check->bearing)),
            ],
            'explanations' => array_map(static fn(array $told): array => [
                'says' => $plan->said($told['id']),
                'times' => $told['times'],
                'amount' => $told['angular'] ? rad2deg($told['amount']) : $told['amount'],
                'unit' => $told['angular'] ? 'degrees' : (str_ends_with($told['id'], '.scale') ? 'share' : 'mm'),
            ], $check->explanations),
        ];
    }

    /** @return list<array{says: Message, most: float, changed: bool}> how large each slip is taken to be at most, mm */
    private static function bounds(TaskContext $context): array
    {
        $usual = SlipBounds::of(null);
        $bounds = [];
        foreach (SlipBounds::of($context->policy()->slips) as $name => $most) {
            $bounds[] = ['says' => Message::of("slip-bound.$name"), 'most' => $most, 'changed' => $most !== $usual[$name]];
        }

        return $bounds;
    }

    /** @return array<string, mixed> */
    private static function reference(ReferenceChoice $choice, string $inUse, bool $looksBack): array
    {
        $figure = static fn(?float $value, ?float $s, Message $direction): ?array => $value === null ? null : ['amount' => abs($value), 'direction' => $direction, 'uncertainty' => $s];

        return [
            'id' => $choice->line,
            'name' => Message::of("reference.$choice->line"),
            'inUse' => $choice->line === $inUse,
            'angle' => $figure($choice->angle, $choice->angleUncertainty, ($choice->angle ?? 0.0) >= 0 ? Directions::said('left') : Directions::said('right')),
            'worth' => $figure($choice->worth, $choice->worthUncertainty, Directions::axis('azimuth', $choice->worth ?? 0.0, $looksBack)),
        ];
    }

    /** @return array<string, mixed> */
    private static function budget(TaskContext $context, SetUpBudget $budget): array
    {
        return [
            'axis' => $budget->axis,
            'deviation' => abs($budget->deviation),
            // A reading shows the set-up the other way round: m = μ − Δ.
            'direction' => Directions::axis($budget->axis, -$budget->deviation, $context->sensor->looksBack()),
            'setUp' => $budget->setUp,
            'reading' => $budget->reading,
            'uncertainty' => $budget->uncertainty(),
            'limit' => $budget->limit,
            'free' => in_array($budget->axis, $context->cardSensor->placementFree, true),
            'verdict' => $budget->decision?->verdict->value,
            'probability' => $budget->decision?->probability,
            'provable' => $budget->provable(),
            'contributions' => $budget->contributions,
            'checks' => $budget->checks,
        ];
    }
}
