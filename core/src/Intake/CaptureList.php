<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Journal\Captured;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** What is to be captured before the bumper covers go back, and how it stands with it (need J3). */
final class CaptureList
{
    /** @return list<Capture> those that are due now first, then by sensor */
    public static function of(OrderState $state): array
    {
        $list = [];
        foreach ($state->sheet->sensors as $sensor) {
            $cover = $sensor->cover();
            $owed = $state->owed[$sensor->id] ?? null;
            if ($cover === null || $owed === null || $owed->state === OwedState::NotOwed || ! self::comesOff($state, $cover)) {
                continue;
            }
            $card = $state->context->cards[$sensor->id] ?? null;
            $items = [];
            foreach ([...$state->context->shop->capture, ...($card->capture ?? [])] as $item) {
                $items[$item->id] = $item;
            }
            foreach ($items as $item) {
                if (self::isAsked($item, $sensor, $state)) {
                    $had = $state->record->captured[$sensor->id][$item->id] ?? null;
                    $list[] = new Capture($sensor, $cover, $item, self::state($state, $cover, $had), $had, self::warning($item, $had));
                }
            }
        }
        $order = array_flip(array_column(CaptureState::cases(), 'value'));
        usort($list, static fn(Capture $a, Capture $b): int => $order[$a->state->value] <=> $order[$b->state->value]);

        return $list;
    }

    /** Whether the cover is off, was off, or comes off for an operation of this order. */
    private static function comesOff(OrderState $state, Cover $cover): bool
    {
        if (isset($state->record->covers[$cover->value])) {
            return true;
        }
        foreach ($state->record->operations() as $operation) {
            if ($operation->uncovers() === $cover) {
                return true;
            }
        }

        return false;
    }

    private static function isAsked(CaptureItem $item, CarSensor $sensor, OrderState $state): bool
    {
        if ($item->kinds !== [] && ! in_array($sensor->kind, $item->kinds, true)) {
            return false;
        }
        if ($item->when === []) {
            return true;
        }
        foreach ($state->record->operations() as $operation) {
            $here = $operation->sensor === null || $operation->sensor === $sensor->id;
            $cover = $operation->uncovers();
            if ($here && in_array($operation->code, $item->when, true) && ($cover === null || $cover === $sensor->cover())) {
                return true;
            }
        }

        return false;
    }

    private static function state(OrderState $state, Cover $cover, ?Captured $had): CaptureState
    {
        if ($had !== null) {
            return $had->reason === null ? CaptureState::Had : CaptureState::CannotBeHad;
        }
        $noted = $state->record->covers[$cover->value] ?? null;
        if ($noted === null) {
            // Nobody has said where the cover is: an alarm too many is better than one too few.
            return self::isStillDue($state, $cover) ? CaptureState::Later : CaptureState::Now;
        }
        if ($noted->off) {
            return CaptureState::Now;
        }

        return self::isStillDue($state, $cover) && ! ($state->record->wasOff[$cover->value] ?? false) ? CaptureState::Later : CaptureState::Missed;
    }

    /** Whether the cover comes off only later: every operation that takes it off is still due. */
    private static function isStillDue(OrderState $state, Cover $cover): bool
    {
        $due = false;
        foreach ($state->record->operations as $noted) {
            if ($noted->operation->uncovers() === $cover) {
                if ($noted->state === 'done') {
                    return false;
                }
                $due = true;
            }
        }

        return $due;
    }

    private static function warning(CaptureItem $item, ?Captured $had): ?Message
    {
        if ($had === null || $had->reason !== null || $item->kind !== 'number' || $item->most === null) {
            return null;
        }
        try {
            $number = TypedNumber::read($had->value);
        } catch (UnreadableReading) {
            return null;
        }

        return abs($number) > $item->most
            ? Message::of('capture.too-much', ['value' => $had->value, 'unit' => $item->unit ?? '', 'most' => Quantity::number($item->most)])
            : null;
    }
}
