<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;

/** The links outside readers have to an order's reports, and when they used them. */
final class LinkPage
{
    private const VISITS = 20;

    /** @return array{links: list<array<string, mixed>>} newest first */
    public static function of(string $shop, string $order): array
    {
        $rows = DB::table('reader_links')->where('shop_id', $shop)->where('repair_order_id', $order)->orderByDesc('made_at')->get();

        return ['links' => array_values($rows->map(static fn(\stdClass $row): array => [
            'id' => $row->id,
            'kind' => $row->kind,
            'reader' => $row->reader,
            'person' => $row->person,
            'madeAt' => Moment::read($row->made_at),
            'expiresAt' => Moment::read($row->expires_at),
            'revokedAt' => $row->revoked_at === null ? null : Moment::read($row->revoked_at),
            'revokedBy' => $row->revoked_by,
            'works' => $row->revoked_at === null && Moment::read($row->expires_at) > Moment::now(),
            'visits' => self::visits($shop, $row->id),
        ])->all())];
    }

    /** @return list<array{at: string, address: string, what: string}> the latest first */
    private static function visits(string $shop, string $link): array
    {
        $rows = DB::table('reader_visits')->where('shop_id', $shop)->where('reader_link_id', $link)->orderByDesc('at')->limit(self::VISITS)->get(['at', 'address', 'what']);

        return array_values($rows->map(static fn(\stdClass $row): array => ['at' => Moment::read($row->at), 'address' => $row->address, 'what' => $row->what])->all());
    }
}
