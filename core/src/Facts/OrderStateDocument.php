<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitNeed;
use Lumbro\Core\Catalogue\ShopRules\ConditionValue;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\ConditionState;
use Lumbro\Core\Intake\Contradiction;
use Lumbro\Core\Intake\OrderRecord;
use Lumbro\Core\Intake\OrderStanding;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\OwedChange;
use Lumbro\Core\Intake\ScanComparison;
use Lumbro\Core\Intake\SortedCode;
use Lumbro\Core\Intake\Waiting;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\FigureMeasured;
use Lumbro\Core\Journal\LineNotUnderstood;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OtherSensorNoted;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Journal\PhotoAdded;
use Lumbro\Core\Journal\ScanTaken;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Work\OrderBoard;

/** Where a repair order stands, as a JSON document: lengths in mm. */
final class OrderStateDocument
{
    /** As many of the latest changes as are shown. */
    private const CHANGES = 12;


    /** @return array<string, mixed> */
    public static function write(OrderStanding $order): array
    {
        $state = $order->state();

        return [
            'waits' => self::waits($state->waitsFor()),
            'parts' => OrderBoard::of($state),
            'alarms' => array_map(static fn(Capture $capture): Message => $capture->said(), $state->alarms()),
            'car' => self::car($state->sheet),
            'operations' => array_values(array_map(static fn(OperationNoted $noted): array => [
                'code' => $noted->operation->text(),
                'says' => $noted->operation->said($state->sheet),
                'state' => $noted->state,
                ...self::who($noted->person, $noted->at, $noted->word),
            ], $state->record->operations)),
            'estimateLines' => array_values(array_map(static fn(LineNotUnderstood $line): array => ['id' => $line->id, 'text' => $line->text], $state->record->openLines)),
            'covers' => self::covers($state->sheet, $state->record->covers, $state->alarms()),
            'sensors' => array_map(static fn(CarSensor $sensor): array => self::sensor($sensor, $state->context->cards[$sensor->id] ?? null, OwedDocument::write($state->owed[$sensor->id], $state->sheet)), $state->sheet->sensors),
            'changes' => array_map(static fn(OwedChange $change): array => self::change($state->sheet, $change), array_reverse(array_slice($state->changes, -self::CHANGES))),
            'captures' => array_map(self::capture(...), $state->captures),
            'scans' => self::scans($state->record, $state->codes),
            'comparison' => self::comparison(ScanComparison::of($state->record)),
            'conditions' => array_map(static fn(ConditionState $condition): array => self::condition($state->sheet, $condition), $state->conditions),
            'contradictions' => array_map(static fn(Contradiction $found): array => ['sensor' => $found->sensor, 'one' => (array) $found->one, 'other' => (array) $found->other], $state->contradictions),
            'needs' => array_map(static fn(KitNeed $need): array => self::need($state->sheet, $need), $state->needs),
            'geometry' => self::geometry($state->sheet, $state->record->figures),
            'road' => ClosingDocument::road($state->sheet, $state->roadFunctions()),
            'others' => array_values(array_map(static fn(OtherSensorNoted $noted): array => [
                'state' => $noted->state, 'name' => $noted->name, 'why' => $noted->why, ...self::who($noted->person, $noted->at, $noted->word),
            ], $state->record->others)),
            'closedBy' => $state->record->closed === null ? null : ['person' => $state->record->closed->person, 'at' => $state->record->closed->at],
            'photos' => array_map(static fn(PhotoAdded $photo): array => [
                'id' => $photo->photo, 'sensor' => $photo->sensor, 'about' => $photo->about, ...self::who($photo->person, $photo->at, null),
            ], $state->record->photos),
            'note' => $state->record->details['note']->value ?? null,
            'promised' => $state->record->hour('promised'),
            'ready' => $state->record->hour('ready'),
        ];
    }

    /** @return array<string, mixed> what the order waits for, and the part of the work that belongs to */
    public static function waits(Waiting $waits): array
    {
        return ['kind' => $waits->kind, 'says' => $waits->says, 'sensor' => $waits->sensor, 'part' => OrderBoard::part($waits->kind)];
    }

    /** @return array{person: string, at: string, word: string|null} */
    private static function who(string $person, string $at, ?string $word): array
    {
        return ['person' => $person, 'at' => $at, 'word' => $word];
    }

    /** @return array<string, mixed> */
    private static function car(VehicleSheet $sheet): array
    {
        return [
            'make' => $sheet->make,
            'model' => $sheet->model,
            'front' => $sheet->wheelbase + $sheet->frontOverhang,
            'rear' => -$sheet->rearOverhang,
            'halfWidth' => $sheet->width / 2,
            'wheelbase' => $sheet->wheelbase,
            'tyre' => [$sheet->tyreDiameter, $sheet->tyreWidth],
            'trackFront' => $sheet->trackFront,
            'trackRear' => $sheet->trackRear,
        ];
    }

    /**
     * @param array<string, CoverNoted> $noted  cover → where it was last said to be
     * @param list<Capture>             $alarms
     *
     * @return list<array<string, mixed>>
     */
    private static function covers(VehicleSheet $sheet, array $noted, array $alarms): array
    {
        $covers = [];
        foreach (Cover::cases() as $cover) {
            $behind = array_values(array_filter($sheet->sensors, static fn(CarSensor $sensor): bool => $sensor->cover() === $cover));
            if ($behind === []) {
                continue;
            }
            $last = $noted[$cover->value] ?? null;
            $covers[] = [
                'id' => $cover->value,
                'says' => $cover->said(),
                'off' => $last?->off,
                'missed' => $last === null ? [] : $last->missed,
                'due' => array_values(array_map(
                    static fn(Capture $capture): Message => $capture->said(),
                    array_filter($alarms, static fn(Capture $capture): bool => $capture->cover === $cover),
                )),
                ...($last === null ? ['person' => null, 'at' => null, 'word' => null] : self::who($last->person, $last->at, null)),
            ];
        }

        return $covers;
    }

    /**
     * @param array<string, mixed> $owed
     *
     * @return array<string, mixed>
     */
    private static function sensor(CarSensor $sensor, ?ProcedureCard $card, array $owed): array
    {
        return [
            'id' => $sensor->id,
            'name' => $sensor->name,
            'kind' => $sensor->kind,
            'side' => $sensor->side,
            'sideSaid' => $sensor->sideSaid(),
            'pair' => $sensor->pair,
            'behind' => $sensor->behind,
            'at' => [$sensor->along, $sensor->across],
            'facing' => $sensor->facing,
            'owed' => $owed,
            'card' => $card === null ? null : [
                'title' => $card->title, 'source' => $card->source, 'edition' => $card->edition, 'checked' => $card->isChecked(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function change(VehicleSheet $sheet, OwedChange $change): array
    {
        $entry = $change->entry;
        $what = match (true) {
            $entry instanceof OperationNoted => Message::of('change.operation', ['operation' => $entry->operation->said($sheet), 'state' => $entry->state]),
            $entry instanceof OwedAnswered => Message::of('change.answered', ['operation' => Operation::fromCode($entry->operation)->said($sheet)]),
            default => null,
        };

        return [
            'what' => $what,
            'person' => $entry->person,
            'at' => $entry->at,
            'sensors' => array_map(static fn(array $changed): array => [
                'sensor' => $changed['sensor']->name,
                'before' => self::owedSaid($changed['before']),
                'after' => self::owedSaid($changed['after']),
                'why' => $changed['after']->reasons[0]->outcome->reason ?? Message::of('change.no-operation'),
            ], $change->sensors),
        ];
    }

    private static function owedSaid(Owed $owed): Message
    {
        return match ($owed->state) {
            OwedState::Owed => Message::of('note.owed-by', ['route' => Message::of('route.' . ($owed->route?->code() ?? 'static'))]),
            OwedState::NotOwed => Message::of('note.not-owed'),
            OwedState::Unknown => Message::of('note.not-known'),
        };
    }

    /** @return array<string, mixed> */
    private static function capture(Capture $capture): array
    {
        $item = $capture->item;

        return [
            'sensor' => $capture->sensor->id,
            'sensorName' => $capture->sensor->name,
            'sideSaid' => $capture->sensor->sideSaid(),
            'cover' => $capture->cover->value,
            'item' => $item->id,
            'question' => $item->question,
            'kind' => $item->kind,
            'unit' => $item->unit,
            'neededFor' => $item->neededFor,
            'afterRefit' => $item->afterRefit,
            'state' => $capture->state->value,
            'value' => $capture->had?->value === '' ? null : $capture->had?->value,
            'reason' => $capture->had?->reason,
            'warning' => $capture->warning,
            'person' => $capture->had?->person,
            'at' => $capture->had?->at,
            'word' => $capture->had?->word,
        ];
    }

    /** @return array<string, list<array<string, string>>>|null the pre-scan against the post-scan */
    private static function comparison(?ScanComparison $found): ?array
    {
        $written = static fn(TroubleCode $code): array => ['unit' => $code->unit, 'code' => $code->code, 'text' => $code->text, 'status' => $code->status];

        return $found === null ? null : [
            'cleared' => array_map($written, $found->cleared),
            'remain' => array_map($written, $found->remain),
            'came' => array_map($written, $found->came),
        ];
    }

    /**
     * @param array<string, list<SortedCode>> $sorted phase → its codes
     *
     * @return list<array<string, mixed>> the latest of each phase
     */
    private static function scans(OrderRecord $record, array $sorted): array
    {
        $scans = [];
        foreach ($sorted as $phase => $codes) {
            $taken = $record->lastScan($phase);
            if (! $taken instanceof ScanTaken) {
                continue;
            }
            $scans[] = [
                'phase' => $phase,
                'origin' => $taken->origin,
                'tool' => $taken->scan->tool,
                'readAt' => $taken->scan->readAt,
                'voltage' => $taken->scan->voltage,
                'codes' => array_map(static fn(SortedCode $code): array => [
                    'unit' => $code->code->unit, 'code' => $code->code->code, 'text' => $code->code->text, 'status' => $code->code->status,
                    'sort' => $code->sort->value, 'why' => $code->why,
                ], $codes),
                ...self::who($taken->person, $taken->at, null),
            ];
        }

        return $scans;
    }

    /** @return array<string, mixed> */
    private static function condition(VehicleSheet $sheet, ConditionState $of): array
    {
        $condition = $of->condition;

        return [
            'item' => $condition->id,
            'sensor' => $of->sensor,
            'sensorName' => $of->sensor === null ? null : $sheet->sensor($of->sensor)?->name,
            'question' => $condition->question,
            'blocks' => $condition->blocks,
            'why' => $condition->why,
            'source' => $condition->source,
            'values' => array_map(static fn(ConditionValue $value): array => [
                'id' => $value->id, 'label' => $value->label, 'unit' => $value->unit, 'typed' => $of->answer->values[$value->id] ?? null,
                'wanted' => self::wanted($value, $sheet),
            ], $condition->values),
            'answer' => $of->answer?->answer->value,
            'met' => $of->isMet(),
            'findings' => $of->findings,
            'effect' => $of->effect,
            'person' => $of->answer?->person,
            'at' => $of->answer?->at,
            'word' => $of->answer?->word,
        ];
    }

    private static function wanted(ConditionValue $value, VehicleSheet $sheet): ?Message
    {
        [$least, $most] = ConditionState::limits($value, $sheet);
        $with = [...($least === null ? [] : ['least' => Quantity::number($least)]), ...($most === null ? [] : ['most' => Quantity::number($most)]), 'unit' => $value->unit];

        return match (true) {
            $least !== null && $most !== null => Message::of('wanted.between', $with),
            $least !== null => Message::of('wanted.least', $with),
            $most !== null => Message::of('wanted.most', $with),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function need(VehicleSheet $sheet, KitNeed $need): array
    {
        return [
            'kind' => $need->kind, 'wanted' => $need->wanted, 'sensors' => array_map(static fn(string $id): string => $sheet->sensor($id)->name ?? $id, $need->sensors), 'why' => $need->why,
            'state' => $need->state, 'item' => $need->item, 'note' => $need->note, 'bars' => $need->bars,
        ];
    }

    /**
     * @param array<string, FigureMeasured> $figures those measured on this car
     *
     * @return list<array<string, mixed>>
     */
    private static function geometry(VehicleSheet $sheet, array $figures): array
    {
        $all = get_object_vars($sheet);
        $origins = $sheet->origins;
        $line = static function (string $figure, Message $label, mixed $value, ?float $s, bool $sided, ?string $hubs = null) use ($figures, $origins): array {
            $measured = $figures[$figure] ?? null;

            return [
                'figure' => $figure, 'label' => $label, 'value' => $value, 's' => $measured === null ? $s : $measured->s, 'sided' => $sided, 'hubs' => $hubs,
                'from' => $origins[$figure]->from ?? null, 'said' => $origins[$figure]->said ?? null, 'cars' => $origins[$figure]->cars ?? null,
                'typed' => $measured?->typed, 'person' => $measured?->person, 'at' => $measured?->at, 'word' => $measured?->word,
            ];
        };
        $lines = [];
        foreach (VehicleSheet::MEASURABLE as $figure) {
            // An emblem's height is a figure of a sheet that has it.
            if ($all[$figure] !== null) {
                $lines[] = $line($figure, Message::of("figure.$figure"), $all[$figure], $sheet->s[$figure] ?? null, false);
            }
        }
        foreach ($sheet->sensors as $sensor) {
            foreach (CarSensor::COORDINATES as $coordinate) {
                $code = "figure.sensor.$coordinate";
                $value = $sensor->at($coordinate);
                $hubs = null;
                if ($coordinate === 'along' && $sheet->isGrown()) {
                    // As somebody measures it who stands there with a tape.
                    $hubs = $sensor->looksBack() ? 'rear-hubs' : 'front-hubs';
                    $code .= ".$hubs";
                    $value = $sensor->looksBack() ? -$value : $value - $sheet->wheelbase;
                }
                $lines[] = $line("$sensor->id.$coordinate", Message::of($code, ['sensor' => $sensor->name]), $value, $sensor->sOf($coordinate), $coordinate === 'across', $hubs);
            }
        }

        return $lines;
    }
}
