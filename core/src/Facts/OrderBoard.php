<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Kit\KitNeed;
use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\CaptureState;
use Lumbro\Core\Intake\ConditionState;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Intake\RoadFunction;
use Lumbro\Core\Intake\ScanComparison;
use Lumbro\Core\Intake\SortedCode;
use Lumbro\Core\Journal\AnswerKind;

/** How far each part of intake and preparation has come: "hollow", "half", "full" or "struck" (not needed), with a word on it. */
final class OrderBoard
{
    /** What an order waits for → the part of the work it belongs to. */
    private const PARTS = [
        'capture' => 'capture', 'estimate' => 'work', 'operations' => 'work', 'cover' => 'capture', 'question' => 'owed', 'scan' => 'scan',
        'code' => 'scan', 'card' => 'owed', 'condition' => 'conditions', 'kit' => 'kit', 'task' => 'sensors', 'nothing' => 'owed', 'close' => 'close', 'closed' => 'close',
    ];

    /** The part of the work that a waiting belongs to. */
    public static function part(string $kind): string
    {
        return self::PARTS[$kind] ?? 'work';
    }

    /** @return list<array{id: string, state: string, note: string}> */
    public static function of(OrderState $state): array
    {
        $none = $state->concerned() === [];

        return [
            ['id' => 'work', ...self::work($state)],
            ['id' => 'owed', ...self::owed($state)],
            ['id' => 'capture', ...self::capture($state)],
            ['id' => 'scan', ...($none && $state->record->scans === [] ? self::struck() : self::scan($state))],
            ['id' => 'conditions', ...($none ? self::struck() : self::conditions($state))],
            ['id' => 'kit', ...($none ? self::struck() : self::kit($state))],
            ['id' => 'car', 'state' => $state->record->figures === [] ? 'hollow' : 'half', 'note' => $state->record->figures === [] ? 'as on the sheet' : count($state->record->figures) . ' measured'],
            ['id' => 'bay', 'state' => $state->record->stance === null ? 'hollow' : 'full', 'note' => $state->record->stance === null ? 'stance not said' : 'stance said'],
            self::drives($state),
            ['id' => 'post-scan', ...($none ? self::struck() : self::postScan($state))],
            ['id' => 'road', ...($none ? self::struck() : self::road($state))],
            ['id' => 'photos', 'state' => $state->record->photos === [] ? 'hollow' : 'full', 'note' => $state->record->photos === [] ? 'none' : (string) count($state->record->photos)],
        ];
    }

    /** @return array{state: string, note: string} */
    private static function struck(): array
    {
        return ['state' => 'struck', 'note' => 'nothing owed'];
    }

    /** @return array{state: string, note: string} */
    private static function work(OrderState $state): array
    {
        $open = count($state->record->openLines);
        $count = count($state->record->operations);

        return match (true) {
            $open > 0 => ['state' => 'half', 'note' => "$open not understood"],
            $count === 0 => ['state' => 'hollow', 'note' => 'nothing entered'],
            default => ['state' => 'full', 'note' => $count === 1 ? '1 operation' : "$count operations"],
        };
    }

    /** @return array{state: string, note: string} */
    private static function owed(OrderState $state): array
    {
        $count = ['owed' => 0, 'unknown' => 0, 'not-owed' => 0];
        foreach ($state->owed as $owed) {
            $count[$owed->state->value]++;
        }

        return match (true) {
            $state->record->operations === [] => ['state' => 'hollow', 'note' => 'no operation yet'],
            $count['unknown'] > 0 => ['state' => 'half', 'note' => "{$count['unknown']} unknown"],
            $count[OwedState::Owed->value] === 0 => ['state' => 'full', 'note' => 'none'],
            default => ['state' => 'full', 'note' => "{$count['owed']} of " . count($state->owed)],
        };
    }

    /** @return array{state: string, note: string} */
    private static function capture(OrderState $state): array
    {
        $in = static fn(CaptureState $wanted): int => count(array_filter($state->captures, static fn(Capture $capture): bool => $capture->state === $wanted));
        [$now, $missed, $had] = [$in(CaptureState::Now), $in(CaptureState::Missed), $in(CaptureState::Had)];

        return match (true) {
            $state->captures === [] => ['state' => 'struck', 'note' => 'no cover off'],
            $now > 0 => ['state' => $had > 0 ? 'half' : 'hollow', 'note' => "$now before refit"],
            $missed > 0 => ['state' => 'half', 'note' => "$missed missed"],
            $had === 0 => ['state' => 'hollow', 'note' => 'when the cover is off'],
            default => ['state' => 'full', 'note' => "$had captured"],
        };
    }

    /** @return array{state: string, note: string} */
    private static function scan(OrderState $state): array
    {
        if (! isset($state->codes['pre'])) {
            return ['state' => 'hollow', 'note' => 'not scanned'];
        }
        $bars = count(array_filter($state->codes['pre'], static fn(SortedCode $code): bool => $code->sort === CodeSort::Blocking));
        $count = count($state->codes['pre']);

        return $bars > 0 ? ['state' => 'half', 'note' => "$bars bar the run"] : ['state' => 'full', 'note' => $count === 1 ? '1 code' : "$count codes"];
    }

    /** @return array{state: string, note: string} */
    private static function postScan(OrderState $state): array
    {
        $found = ScanComparison::of($state->record);
        $left = $found === null ? 0 : count($found->remain) + count($found->came);

        return match (true) {
            ! isset($state->codes['post']) => ['state' => 'hollow', 'note' => 'not scanned'],
            $found === null => ['state' => 'half', 'note' => 'no pre-scan to compare'],
            default => ['state' => $left === 0 ? 'full' : 'half', 'note' => $left === 0 ? 'no code left' : ($left === 1 ? '1 code left' : "$left codes left")],
        };
    }

    /** @return array{state: string, note: string} */
    private static function conditions(OrderState $state): array
    {
        $all = count($state->conditions);
        $answered = count(array_filter($state->conditions, static fn(ConditionState $condition): bool => $condition->answer !== null));
        $unmet = count(array_filter($state->conditions, static fn(ConditionState $condition): bool => $condition->isMet() === false));
        $word = count(array_filter($state->conditions, static fn(ConditionState $condition): bool => $condition->answer?->answer === AnswerKind::OnWord));

        return match (true) {
            $answered < $all => ['state' => $answered === 0 ? 'hollow' : 'half', 'note' => "$answered of $all"],
            $unmet > 0 => ['state' => 'half', 'note' => "$unmet not met"],
            $word > 0 => ['state' => 'full', 'note' => "$word on word"],
            default => ['state' => 'full', 'note' => 'all met'],
        };
    }

    /** @return array{state: string, note: string} */
    private static function kit(OrderState $state): array
    {
        $in = static fn(string $wanted): int => count(array_filter($state->needs, static fn(KitNeed $need): bool => $need->state === $wanted));

        return match (true) {
            $state->needs === [] => ['state' => 'hollow', 'note' => 'no card yet'],
            $in('missing') > 0 => ['state' => 'half', 'note' => $in('missing') . ' missing'],
            $in('overdue') > 0 => ['state' => 'half', 'note' => $in('overdue') . ' overdue'],
            default => ['state' => 'full', 'note' => 'all owned'],
        };
    }

    /** @return array{state: string, note: string} */
    private static function road(OrderState $state): array
    {
        $functions = RoadFunction::of($state);
        $found = static fn(string $wanted): int => count(array_filter($functions, static fn(RoadFunction $function): bool => $function->tested?->found === $wanted));
        [$seen, $failed, $untested] = [$found('seen'), $found('not-seen'), $found('untested')];
        $left = count($functions) - $seen - $failed - $untested;

        return match (true) {
            $left === count($functions) => ['state' => 'hollow', 'note' => 'not driven'],
            $failed > 0 => ['state' => 'half', 'note' => "$failed not seen"],
            $left > 0 => ['state' => 'half', 'note' => "$left to look for"],
            $untested > 0 => ['state' => 'half', 'note' => "$untested untested"],
            default => ['state' => 'full', 'note' => 'all seen'],
        };
    }

    /** @return array{id: string, state: string, note: string} */
    private static function drives(OrderState $state): array
    {
        $asked = array_filter($state->concerned(), static fn(CarSensor $sensor): bool => ($state->context->cards[$sensor->id] ?? null)?->drive !== null);
        $made = count($state->record->drives);

        return match (true) {
            $asked === [] => ['id' => 'drive', 'state' => 'struck', 'note' => 'no card asks for one'],
            $made === 0 => ['id' => 'drive', 'state' => 'hollow', 'note' => 'not driven'],
            default => ['id' => 'drive', 'state' => 'half', 'note' => $made === 1 ? 'one drive' : "$made drives"],
        };
    }
}
