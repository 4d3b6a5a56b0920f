<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Catalogue\Card\CardPolarSpot;
use Lumbro\Core\Catalogue\Card\CardSpot;
use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Catalogue\ShopRules\ConditionValue;
use Lumbro\Core\Intake\OwedReason;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Beside;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\School;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Moves;
use Lumbro\Core\Run\RunResult;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\SetUp\Disagreement;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\SetUp\TaskRecord;
use Lumbro\Core\Work\BroughtBack;
use Lumbro\Core\Work\StageBoard;
use Lumbro\Core\Work\TaskStanding;

/** Where a sensor task stands, as a JSON document: lengths in mm, angles in degrees. */
final class TaskStateDocument
{
    /** A part of a shift smaller than this need not be made, mm. */
    private const NEGLIGIBLE = 0.5;

    /** What is measured but cannot be judged, because the card gives no tolerance. */
    private const UNLIMITED = ['verdict' => 'unproven', 'reason' => 'no-tolerance'];

    /** The readings that tell best whether a move was made well, the best first. */
    private const TELLING = [
        'turn' => ['split', 'return-left', 'pose-turn', 'cross-left', 'diagonal-left', 'aim', 'split-far'],
        'shift' => BroughtBack::TELLING,
        'height' => ['height'],
    ];

    /** @return array<string, mixed> */
    public static function write(TaskStanding $task): array
    {
        $state = $task->state();
        $context = $state->context;
        $release = $state->record->release;

        $present = $state->present();
        $unchecked = $state->setUp->unchecked();
        $written = static fn(ReadingTaken $reading): array => self::reading($reading, $state->plan, $state->record, in_array($reading->call, $unchecked, true));
        $readings = array_map($written, $state->setUp->readings);

        return [
            'stage' => $state->stage()->value,
            'present' => ['kind' => $present->kind, 'call' => $present->call, 'why' => $present->why],
            'stages' => StageBoard::of($state),
            'owed' => [
                'state' => $state->owed->state->value,
                'route' => $state->owed->route?->value,
                'proves' => $state->owed->route === null ? null : Message::of("route.{$state->owed->route->code()}.proves"),
                'reasons' => array_map(static fn(OwedReason $reason): array => OwedDocument::reason($reason, $state->context->sheet), $state->owed->reasons),
            ],
            'card' => self::card($context, $state->plan->requiredHeight()),
            'preparation' => array_map(static fn(PreparationItem $item): array => self::item($item, $state->answers[$item->id] ?? null, $context->order->values[$item->id] ?? []), $context->preparation),
            'lineSteps' => array_map(static fn(PreparationItem $item): array => self::item($item, $state->answers[$item->id] ?? null), $state->plan->lineSteps()),
            'calls' => array_map(static fn(Call $call): array => self::call($call, $state->plan->choices($call), in_array($call->id, $state->due, true) || $call->id === $present->call, $state->expectedOf($call), self::to($context, $call, $state->expectedOf($call)), $readings[$call->id] ?? null, self::beside($call, $state->calls(), $readings, $state->plan)), array_values($state->calls())),
            'method' => self::method($context, $state->plan),
            'floor' => SiteFloorDocument::write($state->context, $state->plan, $present->kind === 'survey-floor' ? $present->call : null),
            'guards' => self::guards($state->setUp),
            'setAside' => array_map($state->plan->said(...), $state->setUp->aside),
            'disagreement' => self::disagreement($state->setUp),
            'moves' => self::moves($state->setUp, $state->moves),
            'verdicts' => self::verdicts($context, $state->setUp),
            'ifRunNow' => self::ifRunNow($context, $state->setUp),
            'consistent' => $state->setUp->isConsistent(),
            'suspects' => array_map(static fn(string $id): array => ['id' => $id, 'says' => $state->plan->said($id)], $state->setUp->suspects()),
            'failure' => $state->setUp->failure?->said,
            'bars' => array_map(static fn($bar): array => ['code' => $bar->code, 'says' => $bar->says], $state->bars),
            'release' => $release === null ? null : ['name' => $release->name, 'reason' => $release->reason, 'person' => $release->person, 'at' => $release->at],
            'mayRun' => $state->mayRun(),
            'runs' => array_map(static fn(RunResult $run): array => self::run($run, $state->context->sensor->looksBack()), $state->runs),
            'failedRuns' => array_map(
                static fn($run): array => ['id' => $run->id, 'message' => $run->message, 'person' => $run->person, 'at' => $run->at],
                $state->record->failedRuns,
            ),
            'ledger' => array_map($written, $state->record->readings),
            'run' => RunDocument::write($state->run, $state->context, $state->entries, $state->present()->kind, $state->lastRun()),
            'settled' => $state->isSettled(),
            'notProven' => NotProven::of($state->context, $state->plan, $state->answers, $state->run, $state->lastRun(), $state->setUp->aside),
            'plain' => PlainWords::of($state->owed->state, $state->run, $state->runs !== [], $state->context->sensor->looksBack()),
            'plan' => PlanDrawing::of($state->context, $state->setUp),
        ];
    }

    /** @return array<string, mixed> */
    private static function card(TaskContext $context, float $height): array
    {
        $card = $context->card;

        return [
            'title' => $card->title,
            'edition' => $card->edition,
            'dated' => $card->dated,
            'source' => $card->source,
            'enteredBy' => $card->enteredBy,
            'checkedBy' => $card->checkedBy,
            'cautions' => $card->cautions,
            'sensor' => $card->sensor->name,
            'limits' => ['azimuth' => $card->sensor->limitAzimuth, 'elevation' => $card->sensor->limitElevation],
            'target' => $card->targetName,
            'heightDatum' => $context->spot->heightDatum,
            'spot' => self::spot($context->spot, $height),
            'echo' => ['expected' => $card->echo?->expected, 'within' => $card->echo?->within],
        ];
    }

    /** @return array<string, mixed>|null the one reading that does not fit */
    private static function disagreement(SetUp $setUp): ?array
    {
        $found = Disagreement::of($setUp);
        if ($found === null) {
            return null;
        }
        $size = $found->angular ? Quantity::degrees($found->size) : Quantity::mm($found->size);

        return [
            'id' => $found->id,
            'isReading' => $found->isRead,
            'size' => $found->size,
            'unit' => $found->angular ? 'degrees' : 'mm',
            'says' => Message::of($found->isRead ? 'disagreement.reading' : 'disagreement.figure', ['what' => $setUp->plan->said($found->id), 'others' => $found->others, 'size' => $size]),
            'equals' => array_map($setUp->plan->said(...), $found->equals),
        ];
    }

    /** @return list<array<string, mixed>> what one slip could do to each axis and not show, degrees; none by rules that did not ask */
    private static function guards(SetUp $setUp): array
    {
        $guards = [];
        foreach (AxisReading::AXES as $axis) {
            $guard = $setUp->guard($axis);
            if ($guard !== null) {
                $guards[] = [
                    'axis' => $axis,
                    'hidden' => $guard->largest(),
                    'limit' => $guard->limit,
                    'holds' => $guard->holds(),
                    'worst' => $guard->hidden->id === null ? null : $setUp->plan->said($guard->hidden->id),
                    'unchecked' => array_map($setUp->plan->said(...), $guard->hidden->unbounded),
                ];
            }
        }

        return $guards;
    }

    /** @return array<string, mixed> the spot as the card gives it, for this side of the car */
    private static function spot(CardSpot|CardPolarSpot $spot, float $height): array
    {
        return [
            'datum' => $spot->datum,
            ...($spot instanceof CardPolarSpot
                ? ['range' => $spot->range, 'bearing' => $spot->bearing]
                : ['along' => $spot->along, 'across' => $spot->across]),
            'height' => $height,
        ];
    }

    /** @return array<string, mixed> how the set-up is measured: schools, reference and marks */
    private static function method(TaskContext $context, MeasuringPlan $plan): array
    {
        $chosen = $plan->referenceChosen;

        return [
            'schools' => array_map(static fn(School $school): array => ['id' => $school->id(), 'name' => Message::of('school.' . $school->id())], $plan->inUse()),
            'plan' => ReadingPlanDocument::taken($plan),
            'reference' => [
                'line' => $plan->ground->reference,
                'from' => ! MeasuringPlan::asksForReference($context) ? 'card' : ($chosen === null ? 'nobody' : 'shop'),
                'reason' => $chosen?->reason,
                'person' => $chosen?->person,
            ],
            'stand' => ['arm' => $plan->ground->arm(), 'tilt' => $plan->standSet->tilt ?? 0.0, 'isPlate' => $context->card->isPlate],
            'marks' => ['front' => $plan->ground->car->mark('front')->value, 'rear' => $plan->ground->car->mark('rear')->value],
        ];
    }

    /**
     * @param list<ConditionValue> $values that belong to it
     *
     * @return array<string, mixed>
     */
    private static function item(PreparationItem $item, ?Answered $answer, array $values = []): array
    {
        return [
            'id' => $item->id,
            'question' => $item->question,
            'blocks' => $item->blocks,
            'why' => $item->why,
            'answer' => $answer?->answer->value,
            'met' => $answer?->answer->isMet(),
            'word' => $answer?->word,
            'person' => $answer?->person,
            'at' => $answer?->at,
            'values' => array_map(static fn(ConditionValue $value): array => ['id' => $value->id, 'label' => $value->label, 'unit' => $value->unit], $values),
        ];
    }

    /**
     * @param list<MeasuringInstrument> $choices  what it can be taken with, the usual one first
     * @param float|null                $expected what it should read now, mm or degrees
     * @param array<string, float>      $expectedTo place of the target → the same for a meter held to it, mm
     * @param array<string, mixed>|null $reading  the one that counts
     * @param list<string>              $beside   what somebody else can read meanwhile
     *
     * @return array<string, mixed>
     */
    private static function call(Call $call, array $choices, bool $due, ?float $expected, array $expectedTo, ?array $reading, array $beside): array
    {
        return [
            'id' => $call->id,
            'title' => $call->title(),
            'instruction' => $call->instruction(),
            'reads' => $call->reads->value,
            'statesAccuracy' => $call->details->statesAccuracy,
            'datums' => $call->details->datums,
            'check' => $call->isCheck(),
            'instrument' => $call->instrument,
            'choices' => array_map(static fn(MeasuringInstrument $one): array => ['id' => $one->id, 'name' => $one->name], $choices),
            'due' => $due,
            'expected' => $expected,
            'expectedTo' => (object) $expectedTo,
            'reading' => $reading,
            'beside' => $beside,
        ];
    }

    /**
     * @param array<string, Call>  $calls
     * @param array<string, mixed> $readings those that count, by call
     *
     * @return list<string> calls not read yet that somebody else can read at the same time
     */
    private static function beside(Call $call, array $calls, array $readings, MeasuringPlan $plan): array
    {
        $isSpare = count($plan->choices($call)) > 1;
        $beside = [];
        foreach ($calls as $other) {
            if (! isset($readings[$other->id]) && Beside::can($call, $other, $isSpare)) {
                $beside[] = $other->id;
            }
        }

        return $beside;
    }

    /** @return array<string, float> place of the target → what the call should read to it, mm */
    private static function to(TaskContext $context, Call $call, ?float $expected): array
    {
        $to = [];
        if ($expected === null) {
            return [];
        }
        foreach ($call->details->datums as $datum) {
            $to[$datum] = $context->card->target->convert($expected, $context->spot->heightDatum, $datum);
        }

        return $to;
    }

    /** @return array<string, mixed> */
    private static function reading(ReadingTaken $reading, MeasuringPlan $plan, TaskRecord $record, bool $unchecked): array
    {
        return [
            'id' => $reading->id,
            'call' => $reading->call,
            'title' => $plan->said($reading->call),
            'typed' => $reading->typed,
            'value' => $reading->value,
            'unit' => $reading->unit,
            'datum' => $reading->datum,
            // Only where it was not the usual one.
            'instrument' => $reading->instrument === null || $reading->instrument === $plan->call($reading->call)?->instrument ? null : $plan->context->kit->instrument($reading->instrument)?->name,
            'fate' => $record->fate($reading),
            'unchecked' => $unchecked && $record->fate($reading) === 'counts',
            'person' => $reading->person,
            'at' => $reading->at,
        ];
    }

    /**
     * @param list<MoveKind> $moves
     *
     * @return list<array<string, mixed>> the moves to make now, in their order
     */
    private static function moves(SetUp $setUp, array $moves): array
    {
        $ahead = $setUp->plan->ground->isAhead;
        $written = [];
        $made = [];
        foreach ($moves as $kind) {
            // Each move's reading is the one after it and those before it, not after all of them.
            $made[] = $kind;
            $plan = $setUp->plan($made);
            $parts = match ($kind) {
                MoveKind::Height => self::heightPart(-($setUp->height->deviation ?? 0.0)),
                MoveKind::Turn => $plan === null ? [] : self::turnPart($plan[0]),
                MoveKind::Shift => $plan === null ? [] : self::shiftParts($plan[0], $ahead),
            };
            $written[] = ['kind' => $kind->value, 'parts' => $parts, 'then' => self::thenRead($setUp->plan, $plan[1] ?? [], $kind, $setUp->readings)];
        }

        return $written;
    }

    /**
     * What is read after one of the moves, to know that it was made well.
     *
     * @param array<string, float>        $predicted
     * @param array<string, ReadingTaken> $readings those that count now
     *
     * @return array<string, mixed>|null
     */
    private static function thenRead(MeasuringPlan $plan, array $predicted, MoveKind $kind, array $readings): ?array
    {
        foreach (self::TELLING[$kind->value] as $call) {
            $known = $plan->calls()[$call] ?? null;
            if ($known !== null && isset($predicted[$call])) {
                // To where the tape was held the last time: whoever walks away with the figure holds it there again.
                $datum = $known->details->datums === [] ? null : $readings[$call]->datum ?? $plan->context->spot->heightDatum;

                return [
                    'call' => $call, 'title' => $known->title(), 'reads' => $known->reads->value, 'datum' => $datum,
                    'expected' => $datum === null ? $predicted[$call] : self::to($plan->context, $known, $predicted[$call])[$datum] ?? $predicted[$call],
                ];
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private static function turnPart(Moves $moves): array
    {
        $degrees = rad2deg($moves->turn);

        return [['amount' => abs($degrees), 'unit' => 'degrees', 'direction' => Directions::turn($degrees)]];
    }

    /** @return list<array<string, mixed>> */
    private static function heightPart(float $millimetres): array
    {
        return [['amount' => abs($millimetres), 'unit' => 'mm', 'direction' => Directions::height($millimetres)]];
    }

    /** @return list<array<string, mixed>> the larger first */
    private static function shiftParts(Moves $moves, bool $ahead): array
    {
        $parts = [
            ['amount' => abs($moves->across), 'unit' => 'mm', 'direction' => Directions::across($moves->across)],
            ['amount' => abs($moves->along), 'unit' => 'mm', 'direction' => Directions::along($moves->along, $ahead)],
        ];
        usort($parts, static fn(array $a, array $b): int => $b['amount'] <=> $a['amount']);

        return array_values(array_filter($parts, static fn(array $part): bool => $part['amount'] >= self::NEGLIGIBLE));
    }

    /** @return list<array<string, mixed>> */
    private static function verdicts(TaskContext $context, SetUp $setUp): array
    {
        $written = [];
        foreach ($setUp->plan->respects() as $name) {
            $written[] = ['id' => $name, 'title' => Message::of("respect.$name"), ...($name === 'height' ? self::height($setUp, $context->spot->toleranceHeight) : self::deviation($context->spot, $setUp, $name))];
        }

        return $written;
    }

    /** @return array<string, mixed> */
    private static function deviation(CardSpot|CardPolarSpot $spot, SetUp $setUp, string $name): array
    {
        $tolerance = match (true) {
            $spot instanceof CardPolarSpot => $name === 'range' ? $spot->toleranceRange : $spot->toleranceBearing,
            $name === 'along' => $spot->toleranceAlong,
            $name === 'across' => $spot->toleranceAcross,
            default => $spot->toleranceYaw,
        };
        $deviation = $setUp->deviation($name);
        $unit = $name === 'yaw' || $name === 'bearing' ? 'degrees' : 'mm';
        if ($deviation === null) {
            return ['verdict' => 'not-measured', 'unit' => $unit, 'tolerance' => $tolerance];
        }
        $written = $deviation->facts();

        return [
            ...($deviation->decision === null ? ['tolerance' => null, ...self::UNLIMITED] : []),
            ...array_diff_key($written, ['contributions' => 0, 'bestCheck' => 0]),
            'unit' => $unit,
            'direction' => Directions::deviation($name, $deviation->value(), $setUp->plan->ground->isAhead),
            ...self::ground($setUp->plan, $deviation),
        ];
    }

    /** @return array<string, mixed> what a figure rests on */
    private static function ground(MeasuringPlan $plan, Deviation $deviation): array
    {
        $contributions = [];
        foreach (array_slice($deviation->contributions, 0, 5) as ['id' => $id, 'share' => $share]) {
            if ($share > 0.005) {
                $contributions[] = ['says' => $plan->said($id), 'share' => $share];
            }
        }
        $best = $deviation->bestCheck;

        return [
            'contributions' => $contributions,
            'bestCheck' => $best === null ? null : [
                'says' => $plan->said($best['id']),
                'uncertainty' => $deviation->angular ? rad2deg($best['uncertainty']) : $best['uncertainty'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function height(SetUp $setUp, ?float $tolerance): array
    {
        $height = $setUp->height;
        if ($height === null) {
            return ['verdict' => 'not-measured', 'unit' => 'mm', 'tolerance' => $tolerance];
        }
        $floor = $height->sFloor ** 2 / $height->uncertainty ** 2;

        return [
            'deviation' => $height->deviation,
            'uncertainty' => $height->uncertainty,
            'tolerance' => $height->tolerance,
            ...($height->decision === null ? self::UNLIMITED : $height->decision->facts()),
            'unit' => 'mm',
            'direction' => Directions::deviation('height', $height->deviation, true),
            'contributions' => [
                ['says' => Message::of($setUp->plan->floor->from === 'stated' ? 'part.floor-stated' : 'part.floor-surveyed'), 'share' => $floor],
                ['says' => Message::of('part.staff'), 'share' => 1 - $floor],
            ],
            'bestCheck' => null,
        ];
    }

    /** @return array<string, mixed>|null what a true axis would read in this set-up */
    private static function ifRunNow(TaskContext $context, SetUp $setUp): ?array
    {
        $error = $setUp->azimuthError();
        if ($error === null) {
            return null;
        }
        $bearing = $setUp->deviation('bearing');

        return [
            'reading' => -$error->deviation,
            'direction' => Directions::axis('azimuth', -$error->deviation, $context->sensor->looksBack()),
            'uncertainty' => $error->uncertainty,
            'limit' => $context->card->sensor->limitAzimuth,
            ...($bearing === null ? [] : self::ground($setUp->plan, $bearing)),
        ];
    }

    /** @return array<string, mixed> */
    private static function run(RunResult $result, bool $back): array
    {
        return [
            'id' => $result->run->id,
            'person' => $result->run->person,
            'at' => $result->run->at,
            'message' => $result->run->message,
            'verdict' => $result->verdict()->value,
            'azimuth' => self::axis('azimuth', $result->run->azimuth, $result->azimuth, $result->azimuthError, $back),
            'elevation' => self::axis('elevation', $result->run->elevation, $result->elevation, $result->elevationError, $back),
            'echo' => ['level' => $result->run->echoLevel, 'verdict' => $result->echo],
            'release' => $result->release === null ? null : ['name' => $result->release->name, 'reason' => $result->release->reason, 'overrode' => $result->release->overrode],
        ];
    }

    /** @return array<string, mixed> */
    private static function axis(string $axis, float $read, AxisVerdict $verdict, ?PlacementError $error, bool $back): array
    {
        return [
            'read' => $read,
            'readDirection' => Directions::axis($axis, $read, $back),
            ...$verdict->facts(),
            'direction' => Directions::axis($axis, $verdict->misalignment, $back),
            // What the set-up adds to a reading is the other way round from where the target stands: m = μ − Δ.
            'setUp' => $error === null ? null : [
                'deviation' => $error->deviation,
                'direction' => Directions::axis($axis, -$error->deviation, $back),
                'uncertainty' => $error->uncertainty,
            ],
        ];
    }
}
