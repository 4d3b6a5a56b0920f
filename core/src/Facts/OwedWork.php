<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\CardNeed;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Day\OwedDrive;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OpenItem;
use Lumbro\Core\Intake\OrderRecord;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\TaskJournal;
use Lumbro\Core\Work\Stage;

/** What an order still owes, in the terms a day is planned in. */
final class OwedWork
{
    /** Of which a shop has few, so that two cars wait for one. */
    private const FEW = ['laser', 'level', 'inclinometer'];

    /** Beside what must count of a drive, minutes to and from where it can be driven. */
    private const WAY = 10.0;

    /** Of the middle of the speeds a drive is made at, so much is reached on the road. */
    private const PACE = 0.7;

    /**
     * At one sensor.
     *
     * @param TaskJournal|null $task its own record; null where it cannot be worked on yet
     *
     * @return array{kind: string, reached: string|null, targets: list<string>, uses: list<string>, school: string|null, drive: array{daylight: bool, minutes: float}|null, lacks: string|null}|null null where nothing is owed, or its record is sealed
     */
    public static function sensor(OrderJournal $journal, string $sensor, ?TaskJournal $task, bool $sealed): ?array
    {
        $order = $journal->state();
        $of = array_values(array_filter($order->concerned(), static fn($one): bool => $one->id === $sensor))[0] ?? null;
        if ($of === null || $sealed) {
            return null;
        }
        $card = $order->context->cards[$sensor] ?? null;
        // A sensor that learns on the road is driven, whether or not its card says how.
        $drives = $card?->drive !== null || $order->owed[$sensor]->route === Route::Dynamic;
        $drive = ! $drives || self::isDriven($order->record, $sensor) ? null : ['daylight' => $card->drive->daylight ?? false, 'minutes' => $card?->drive === null ? 0.0 : self::minutes($card->drive)];

        return [
            'kind' => $of->kind,
            'reached' => $card === null ? null : self::reached($order->owed[$sensor]->route, $task),
            'targets' => $card === null ? [] : ['target ' . mb_strtolower($card->targetName), 'stand'],
            'uses' => self::uses($card),
            'school' => $task?->plan()->schools[0] ?? null,
            'drive' => $drive,
            'lacks' => $card === null ? 'card' : null,
        ];
    }

    /**
     * Of the car as a whole.
     *
     * @return array{scans: list<string>, roadTests: int}
     */
    public static function order(OrderJournal $journal, Closing $closing): array
    {
        $order = $journal->state();
        $open = array_map(static fn(OpenItem $item): string => $item->id, $closing->open());
        $scans = [];
        if ($order->concerned() !== [] && $order->record->lastScan('pre') === null) {
            $scans[] = 'pre-scan';
        }
        if (in_array('post-scan', $open, true)) {
            $scans[] = 'post-scan';
        }

        return ['scans' => $scans, 'roadTests' => count(array_filter($open, static fn(string $id): bool => str_starts_with($id, 'road ')))];
    }

    /** Read back as it was written for a sensor, with the stance it is worked at. */
    public static function read(string $sensor, Node $node, ?string $stance): SensorWork
    {
        $f = $node->fields(['kind', 'reached', 'targets', 'uses', 'school', 'drive', 'lacks']);
        $texts = static fn(Node $list): array => array_map(static fn(Node $one): string => $one->text(), $list->items());
        $drive = $f['drive']->raw() === null ? null : $f['drive']->fields(['daylight', 'minutes']);

        return new SensorWork(
            $sensor,
            $f['kind']->text(),
            $f['reached']->raw() === null ? null : $f['reached']->text(),
            $stance,
            $texts($f['targets']),
            school: $f['school']->raw() === null ? null : $f['school']->text(),
            drive: $drive === null ? null : new OwedDrive($drive['daylight']->flag(), $drive['minutes']->number()),
            uses: $texts($f['uses']),
        );
    }

    /** The first stage that is not done; null where the sensor is driven alone, or its set-up is over. */
    private static function reached(?Route $route, ?TaskJournal $task): ?string
    {
        if ($route === Route::Dynamic) {
            return null;
        }

        if ($task === null) {
            return 'prepare';
        }

        $state = $task->state();

        return match ($state->run->log->sentBack === null ? $state->stage() : Stage::Close) {
            Stage::Intake => 'prepare',
            Stage::Close => null,
            default => $state->stage()->value,
        };
    }

    private static function isDriven(OrderRecord $record, string $sensor): bool
    {
        foreach ($record->drives as $drive) {
            if (in_array($sensor, $drive->enough, true)) {
                return true;
            }
        }

        return isset($record->left["drive $sensor"]);
    }

    private static function minutes(DriveRule $rule): float
    {
        $pace = self::PACE * ($rule->slowest + $rule->fastest) / 2 / 3.6;

        return self::WAY + max($rule->seconds, $rule->metres / max(1.0, $pace)) / 60;
    }

    /** @return list<string> */
    private static function uses(?ProcedureCard $card): array
    {
        $kinds = array_map(static fn(CardNeed $need): string => $need->kind, $card === null ? [] : $card->kit);

        return array_values(array_unique(array_filter($kinds, static fn(string $kind): bool => in_array($kind, self::FEW, true))));
    }
}
