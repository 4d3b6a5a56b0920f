<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
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
    /**
     * @param list<CarSensor> $concerned sensors that are owed a calibration, or may be
     *
     * @return list<Capture> those that are due now first, then by sensor
     */
    public static function of(OrderContext $context, OrderRecord $record, array $concerned): array
    {
        $list = [];
        foreach ($concerned as $sensor) {
            $cover = $sensor->cover();
            if ($cover === null || ! self::comesOff($record, $cover)) {
                continue;
            }
            $card = $context->cards[$sensor->id] ?? null;
            $items = [];
            foreach ([...$context->shop->capture, ...($card->capture ?? [])] as $item) {
                $items[$item->id] = $item;
            }
            foreach ($items as $item) {
                if (self::isAsked($item, $sensor, $record)) {
                    $had = $record->captured[$sensor->id][$item->id] ?? null;
                    $list[] = new Capture($sensor, $cover, $item, self::state($record, $cover, $had), $had, self::warning($item, $had));
                }
            }
        }
        $order = array_flip(array_column(CaptureState::cases(), 'value'));
        usort($list, static fn(Capture $a, Capture $b): int => $order[$a->state->value] <=> $order[$b->state->value]);

        return $list;
    }

    /** Whether the cover is off, was off, or comes off for an operation of this order. */
    private static function comesOff(OrderRecord $record, Cover $cover): bool
    {
        if ($record->wasOff[$cover->value] ?? false) {
            return true;
        }
        foreach ($record->operations() as $operation) {
            if ($operation->uncovers() === $cover) {
                return true;
            }
        }

        return false;
    }

    private static function isAsked(CaptureItem $item, CarSensor $sensor, OrderRecord $record): bool
    {
        if ($item->kinds !== [] && ! in_array($sensor->kind, $item->kinds, true)) {
            return false;
        }
        if ($item->when === []) {
            return true;
        }
        foreach ($record->operations() as $operation) {
            $here = $operation->sensor === null || $operation->sensor === $sensor->id;
            $cover = $operation->uncovers();
            if ($here && in_array($operation->code, $item->when, true) && ($cover === null || $cover === $sensor->cover())) {
                return true;
            }
        }

        return false;
    }

    private static function state(OrderRecord $record, Cover $cover, ?Captured $had): CaptureState
    {
        if ($had !== null) {
            return $had->reason === null ? CaptureState::Had : CaptureState::CannotBeHad;
        }
        $noted = $record->covers[$cover->value] ?? null;
        if ($noted === null) {
            // Nobody has said where the cover is: an alarm too many is better than one too few.
            return self::isStillDue($record, $cover) ? CaptureState::Later : CaptureState::Now;
        }
        if ($noted->off) {
            return CaptureState::Now;
        }

        return self::isStillDue($record, $cover) && ! ($record->wasOff[$cover->value] ?? false) ? CaptureState::Later : CaptureState::Missed;
    }

    /** Whether the cover comes off only later: every operation that takes it off is still due. */
    private static function isStillDue(OrderRecord $record, Cover $cover): bool
    {
        $due = false;
        foreach ($record->operations as $noted) {
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
