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
use Lumbro\Core\Message\Message;

/** How far each part of intake and preparation has come: "hollow", "half", "full" or "struck" (not needed), with a note on it. */
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

    /** @return list<array{id: string, state: string, note: Message}> */
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
            ['id' => 'car', 'state' => $state->record->figures === [] ? 'hollow' : 'half', 'note' => $state->record->figures === [] ? Message::of('note.as-on-sheet') : Message::of('note.measured', ['count' => count($state->record->figures)])],
            ['id' => 'bay', 'state' => $state->record->stance === null ? 'hollow' : 'full', 'note' => $state->record->stance === null ? Message::of('note.no-stance') : Message::of('note.stance')],
            self::drives($state),
            ['id' => 'post-scan', ...($none ? self::struck() : self::postScan($state))],
            ['id' => 'road', ...($none ? self::struck() : self::road($state))],
            ['id' => 'photos', 'state' => $state->record->photos === [] ? 'hollow' : 'full', 'note' => Message::of('note.photos', ['count' => count($state->record->photos)])],
        ];
    }

    /** @return array{state: string, note: Message} */
    private static function struck(): array
    {
        return ['state' => 'struck', 'note' => Message::of('note.nothing-owed')];
    }

    /** @return array{state: string, note: Message} */
    private static function work(OrderState $state): array
    {
        $open = count($state->record->openLines);
        $count = count($state->record->operations);

        return match (true) {
            $open > 0 => ['state' => 'half', 'note' => Message::of('note.not-understood', ['count' => $open])],
            $count === 0 => ['state' => 'hollow', 'note' => Message::of('note.nothing-entered')],
            default => ['state' => 'full', 'note' => Message::of('note.operations', ['count' => $count])],
        };
    }

    /** @return array{state: string, note: Message} */
    private static function owed(OrderState $state): array
    {
        $count = ['owed' => 0, 'unknown' => 0, 'not-owed' => 0];
        foreach ($state->owed as $owed) {
            $count[$owed->state->value]++;
        }

        return match (true) {
            $state->record->operations === [] => ['state' => 'hollow', 'note' => Message::of('note.no-operation')],
            $count['unknown'] > 0 => ['state' => 'half', 'note' => Message::of('note.unknown', ['count' => $count['unknown']])],
            $count[OwedState::Owed->value] === 0 => ['state' => 'full', 'note' => Message::of('note.none')],
            default => ['state' => 'full', 'note' => Message::of('note.of', ['done' => $count['owed'], 'all' => count($state->owed)])],
        };
    }

    /** @return array{state: string, note: Message} */
    private static function capture(OrderState $state): array
    {
        $in = static fn(CaptureState $wanted): int => count(array_filter($state->captures, static fn(Capture $capture): bool => $capture->state === $wanted));
        [$now, $missed, $had] = [$in(CaptureState::Now), $in(CaptureState::Missed), $in(CaptureState::Had)];

        return match (true) {
            $state->captures === [] => ['state' => 'struck', 'note' => Message::of('note.no-cover-off')],
            $now > 0 => ['state' => $had > 0 ? 'half' : 'hollow', 'note' => Message::of('note.before-refit', ['count' => $now])],
            $missed > 0 => ['state' => 'half', 'note' => Message::of('note.missed', ['count' => $missed])],
            $had === 0 => ['state' => 'hollow', 'note' => Message::of('note.when-off')],
            default => ['state' => 'full', 'note' => Message::of('note.captured', ['count' => $had])],
        };
    }

    /** @return array{state: string, note: Message} */
    private static function scan(OrderState $state): array
    {
        if (! isset($state->codes['pre'])) {
            return ['state' => 'hollow', 'note' => Message::of('note.not-scanned')];
        }
        $bars = count(array_filter($state->codes['pre'], static fn(SortedCode $code): bool => $code->sort === CodeSort::Blocking));
        $count = count($state->codes['pre']);

        return $bars > 0 ? ['state' => 'half', 'note' => Message::of('note.codes-bar', ['count' => $bars])] : ['state' => 'full', 'note' => Message::of('note.codes', ['count' => $count])];
    }

    /** @return array{state: string, note: Message} */
    private static function postScan(OrderState $state): array
    {
        $found = ScanComparison::of($state->record);
        $left = $found === null ? 0 : count($found->remain) + count($found->came);

        return match (true) {
            ! isset($state->codes['post']) => ['state' => 'hollow', 'note' => Message::of('note.not-scanned')],
            $found === null => ['state' => 'half', 'note' => Message::of('note.no-pre-scan')],
            default => ['state' => $left === 0 ? 'full' : 'half', 'note' => Message::of('note.codes-left', ['count' => $left])],
        };
    }

    /** @return array{state: string, note: Message} */
    private static function conditions(OrderState $state): array
    {
        $all = count($state->conditions);
        $answered = count(array_filter($state->conditions, static fn(ConditionState $condition): bool => $condition->answer !== null));
        $unmet = count(array_filter($state->conditions, static fn(ConditionState $condition): bool => $condition->isMet() === false));
        $word = count(array_filter($state->conditions, static fn(ConditionState $condition): bool => $condition->answer?->answer === AnswerKind::OnWord));

        return match (true) {
            $answered < $all => ['state' => $answered === 0 ? 'hollow' : 'half', 'note' => Message::of('note.of', ['done' => $answered, 'all' => $all])],
            $unmet > 0 => ['state' => 'half', 'note' => Message::of('note.not-met', ['count' => $unmet])],
            $word > 0 => ['state' => 'full', 'note' => Message::of('note.on-word', ['count' => $word])],
            default => ['state' => 'full', 'note' => Message::of('note.all-met')],
        };
    }

    /** @return array{state: string, note: Message} */
    private static function kit(OrderState $state): array
    {
        $in = static fn(string $wanted): int => count(array_filter($state->needs, static fn(KitNeed $need): bool => $need->state === $wanted));

        return match (true) {
            $state->needs === [] => ['state' => 'hollow', 'note' => Message::of('note.no-card')],
            $in('missing') > 0 => ['state' => 'half', 'note' => Message::of('note.missing', ['count' => $in('missing')])],
            $in('overdue') > 0 => ['state' => 'half', 'note' => Message::of('note.overdue', ['count' => $in('overdue')])],
            default => ['state' => 'full', 'note' => Message::of('note.all-owned')],
        };
    }

    /** @return array{state: string, note: Message} */
    private static function road(OrderState $state): array
    {
        $functions = $state->roadFunctions();
        $found = static fn(string $wanted): int => count(array_filter($functions, static fn(RoadFunction $function): bool => $function->tested?->found === $wanted));
        [$seen, $failed, $untested] = [$found('seen'), $found('not-seen'), $found('untested')];
        $left = count($functions) - $seen - $failed - $untested;

        return match (true) {
            $left === count($functions) => ['state' => 'hollow', 'note' => Message::of('note.not-driven')],
            $failed > 0 => ['state' => 'half', 'note' => Message::of('note.not-seen', ['count' => $failed])],
            $left > 0 => ['state' => 'half', 'note' => Message::of('note.to-look-for', ['count' => $left])],
            $untested > 0 => ['state' => 'half', 'note' => Message::of('note.untested', ['count' => $untested])],
            default => ['state' => 'full', 'note' => Message::of('note.all-seen')],
        };
    }

    /** @return array{id: string, state: string, note: Message} */
    private static function drives(OrderState $state): array
    {
        $asked = array_filter($state->concerned(), static fn(CarSensor $sensor): bool => ($state->context->cards[$sensor->id] ?? null)?->drive !== null);
        $made = count($state->record->drives);

        return match (true) {
            $asked === [] => ['id' => 'drive', 'state' => 'struck', 'note' => Message::of('note.no-drive')],
            $made === 0 => ['id' => 'drive', 'state' => 'hollow', 'note' => Message::of('note.not-driven')],
            default => ['id' => 'drive', 'state' => 'half', 'note' => Message::of('note.drives', ['count' => $made])],
        };
    }
}
