<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Catalogue\Kit\KitNeed;
use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\CaptureState;
use Lumbro\Core\Intake\ConditionState;
use Lumbro\Core\Intake\OrderRecord;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Intake\Owed;
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
        'code' => 'scan', 'card' => 'owed', 'condition' => 'conditions', 'contradiction' => 'conditions', 'kit' => 'kit', 'task' => 'sensors', 'nothing' => 'owed', 'close' => 'close', 'closed' => 'close',
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
            ['id' => 'work', ...self::work($state->record)],
            ['id' => 'owed', ...self::owed($state->record, $state->owed)],
            ['id' => 'capture', ...self::capture($state->captures)],
            ['id' => 'scan', ...($none && $state->record->scans === [] ? self::struck() : self::scan($state->codes['pre'] ?? null))],
            ['id' => 'conditions', ...($none ? self::struck() : self::conditions($state->conditions))],
            ['id' => 'kit', ...($none ? self::struck() : self::kit($state->needs))],
            ['id' => 'car', 'state' => $state->record->figures === [] ? 'hollow' : 'half', 'note' => $state->record->figures === [] ? Message::of('note.as-on-sheet') : Message::of('note.measured', ['count' => count($state->record->figures)])],
            ['id' => 'bay', 'state' => $state->record->stance === null ? 'hollow' : 'full', 'note' => $state->record->stance === null ? Message::of('note.no-stance') : Message::of('note.stance')],
            self::drives($state->driven() === [], count($state->record->drives)),
            ['id' => 'post-scan', ...($none ? self::struck() : self::postScan(isset($state->codes['post']), ScanComparison::of($state->record)))],
            ['id' => 'road', ...($none ? self::struck() : self::road($state->roadFunctions()))],
            ['id' => 'photos', 'state' => $state->record->photos === [] ? 'hollow' : 'full', 'note' => Message::of('note.photos', ['count' => count($state->record->photos)])],
        ];
    }

    /** @return array{state: string, note: Message} */
    private static function struck(): array
    {
        return ['state' => 'struck', 'note' => Message::of('note.nothing-owed')];
    }

    /** @return array{state: string, note: Message} */
    private static function work(OrderRecord $record): array
    {
        $open = count($record->openLines);
        $count = count($record->operations);

        return match (true) {
            $open > 0 => ['state' => 'half', 'note' => Message::of('note.not-understood', ['count' => $open])],
            $count === 0 => ['state' => 'hollow', 'note' => Message::of('note.nothing-entered')],
            default => ['state' => 'full', 'note' => Message::of('note.operations', ['count' => $count])],
        };
    }

    /**
     * @param array<string, Owed> $all
     *
     * @return array{state: string, note: Message}
     */
    private static function owed(OrderRecord $record, array $all): array
    {
        $count = ['owed' => 0, 'unknown' => 0, 'not-owed' => 0];
        foreach ($all as $owed) {
            $count[$owed->state->value]++;
        }

        return match (true) {
            $record->operations === [] => ['state' => 'hollow', 'note' => Message::of('note.no-operation')],
            $count['unknown'] > 0 => ['state' => 'half', 'note' => Message::of('note.unknown', ['count' => $count['unknown']])],
            $count[OwedState::Owed->value] === 0 => ['state' => 'full', 'note' => Message::of('note.none')],
            default => ['state' => 'full', 'note' => Message::of('note.of', ['done' => $count['owed'], 'all' => count($all)])],
        };
    }

    /**
     * @param list<Capture> $captures
     *
     * @return array{state: string, note: Message}
     */
    private static function capture(array $captures): array
    {
        $in = static fn(CaptureState $wanted): int => count(array_filter($captures, static fn(Capture $capture): bool => $capture->state === $wanted));
        [$now, $missed, $had] = [$in(CaptureState::Now), $in(CaptureState::Missed), $in(CaptureState::Had)];

        return match (true) {
            $captures === [] => ['state' => 'struck', 'note' => Message::of('note.no-cover-off')],
            $now > 0 => ['state' => $had > 0 ? 'half' : 'hollow', 'note' => Message::of('note.before-refit', ['count' => $now])],
            $missed > 0 => ['state' => 'half', 'note' => Message::of('note.missed', ['count' => $missed])],
            $had === 0 => ['state' => 'hollow', 'note' => Message::of('note.when-off')],
            default => ['state' => 'full', 'note' => Message::of('note.captured', ['count' => $had])],
        };
    }

    /**
     * @param list<SortedCode>|null $codes null before the scan
     *
     * @return array{state: string, note: Message}
     */
    private static function scan(?array $codes): array
    {
        if ($codes === null) {
            return ['state' => 'hollow', 'note' => Message::of('note.not-scanned')];
        }
        $bars = count(array_filter($codes, static fn(SortedCode $code): bool => $code->sort === CodeSort::Blocking));
        $count = count($codes);

        return $bars > 0 ? ['state' => 'half', 'note' => Message::of('note.codes-bar', ['count' => $bars])] : ['state' => 'full', 'note' => Message::of('note.codes', ['count' => $count])];
    }

    /** @return array{state: string, note: Message} */
    private static function postScan(bool $isScanned, ?ScanComparison $found): array
    {
        $left = $found === null ? 0 : count($found->remain) + count($found->came);

        return match (true) {
            ! $isScanned => ['state' => 'hollow', 'note' => Message::of('note.not-scanned')],
            $found === null => ['state' => 'half', 'note' => Message::of('note.no-pre-scan')],
            default => ['state' => $left === 0 ? 'full' : 'half', 'note' => Message::of('note.codes-left', ['count' => $left])],
        };
    }

    /**
     * @param list<ConditionState> $conditions
     *
     * @return array{state: string, note: Message}
     */
    private static function conditions(array $conditions): array
    {
        $all = count($conditions);
        $answered = count(array_filter($conditions, static fn(ConditionState $condition): bool => $condition->answer !== null));
        $unmet = count(array_filter($conditions, static fn(ConditionState $condition): bool => $condition->isMet() === false));
        $word = count(array_filter($conditions, static fn(ConditionState $condition): bool => $condition->answer?->answer === AnswerKind::OnWord));

        return match (true) {
            $answered < $all => ['state' => $answered === 0 ? 'hollow' : 'half', 'note' => Message::of('note.of', ['done' => $answered, 'all' => $all])],
            $unmet > 0 => ['state' => 'half', 'note' => Message::of('note.not-met', ['count' => $unmet])],
            $word > 0 => ['state' => 'full', 'note' => Message::of('note.on-word', ['count' => $word])],
            default => ['state' => 'full', 'note' => Message::of('note.all-met')],
        };
    }

    /**
     * @param list<KitNeed> $needs
     *
     * @return array{state: string, note: Message}
     */
    private static function kit(array $needs): array
    {
        $in = static fn(string $wanted): int => count(array_filter($needs, static fn(KitNeed $need): bool => $need->state === $wanted));

        return match (true) {
            $needs === [] => ['state' => 'hollow', 'note' => Message::of('note.no-card')],
            $in('missing') > 0 => ['state' => 'half', 'note' => Message::of('note.missing', ['count' => $in('missing')])],
            $in('overdue') > 0 => ['state' => 'half', 'note' => Message::of('note.overdue', ['count' => $in('overdue')])],
            default => ['state' => 'full', 'note' => Message::of('note.all-owned')],
        };
    }

    /**
     * @param list<RoadFunction> $functions
     *
     * @return array{state: string, note: Message}
     */
    private static function road(array $functions): array
    {
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
    private static function drives(bool $none, int $made): array
    {
        return match (true) {
            $none => ['id' => 'drive', 'state' => 'struck', 'note' => Message::of('note.no-drive')],
            $made === 0 => ['id' => 'drive', 'state' => 'hollow', 'note' => Message::of('note.not-driven')],
            default => ['id' => 'drive', 'state' => 'half', 'note' => Message::of('note.drives', ['count' => $made])],
        };
    }
}
