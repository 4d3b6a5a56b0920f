<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Facts\ClosingDocument;
use Lumbro\Core\Facts\OrderStateDocument;
use Lumbro\Core\Facts\RecordFacts;

/** All that an order's own screen shows, in one answer. */
final class OrderPage
{
    /** @return array<string, mixed> */
    public static function of(OrderFile $file): array
    {
        $closing = $file->closing();

        return [
            'id' => $file->row->id,
            'version' => $file->version,
            'number' => $file->row->number,
            'vehicle' => $file->row->vehicle,
            'plate' => $file->row->plate,
            'vin' => $file->row->vin,
            'openedAt' => Moment::read($file->row->created_at),
            'simulated' => $file->isSimulated(),
            'codeReader' => $file->isInvented(),
            'tasks' => TaskLines::of($file),
            'closing' => ClosingDocument::items($closing),
            'offers' => CardOffers::of($file),
            'noRoom' => BayPage::hindrances($file),
            ...RecordFacts::order($file->journal),
            'waits' => OrderStateDocument::waits($closing->waitsFor()),
        ];
    }
}
