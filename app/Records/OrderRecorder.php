<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Refusal;
use App\Models\OrderEvent;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Commands\LineGuard;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OrderLineDocument;
use Lumbro\Core\Message\Message;

/**
 * Adds lines to a repair order's record, one writer at a time.
 *
 * A write that was made already is answered as it was. One that has not seen a later line about the same matter is
 * refused with both sides, so that nothing is overwritten unseen; lines about other matters do not stand in its way.
 */
final class OrderRecorder
{
    /**
     * @param \Closure(OrderFile, string): OrderLine $make the line to add, given the file and the present moment
     *
     * @throws Refusal
     */
    public function record(User $user, string $order, string $id, int $version, bool $confirmed, \Closure $make): OrderFile
    {
        return DB::transaction(static function () use ($user, $order, $id, $version, $confirmed, $make): OrderFile {
            $file = OrderFile::open($user, $order, true);
            if (! $file->has($id)) {
                self::append($user, $file, $make($file, Moment::now()), $version, $confirmed);
            }

            return $file;
        });
    }

    /** Adds one line within a transaction that holds the order. */
    public static function append(User $user, OrderFile $file, OrderLine $entry, int $version, bool $confirmed): void
    {
        if ($version > $file->version) {
            throw Refusal::field('/version', Message::of('request.version-ahead', ['version' => $version, 'known' => $file->version]));
        }
        $unseen = $file->unseen($version, $entry);
        if ($unseen !== []) {
            throw Refusal::orderMovedOn(OrderPage::of($file), array_map(self::line(...), $unseen));
        }
        $question = LineGuard::question($file->state(), $entry);
        if ($question !== null && ! $confirmed) {
            throw Refusal::asks('/payload', $question);
        }
        $entry = LineGuard::asRecorded($file->state(), $entry);
        self::insert($user, $file, [$entry]);
        if ($entry instanceof DetailNoted && in_array($entry->field, ['vehicle', 'plate', 'vin'], true)) {
            DB::table('repair_orders')->where('shop_id', $file->row->shop_id)->where('id', $file->row->id)->update([$entry->field => $entry->value]);
            $file->row->{$entry->field} = $entry->value;
        }
        OrderSummary::refresh($file);
    }

    /** @param list<OrderLine> $entries */
    public static function insert(User $user, OrderFile $file, array $entries): void
    {
        $rows = [];
        foreach ($entries as $entry) {
            ['kind' => $kind, 'payload' => $payload] = OrderLineDocument::write($entry);
            $rows[] = [
                'shop_id' => $user->shop_id,
                'id' => $entry->id,
                'repair_order_id' => $file->row->id,
                'version' => $file->version + 1,
                'user_id' => $user->id,
                'person' => $entry->person,
                'recorded_at' => $entry->at,
                'kind' => $kind,
                'payload' => json_encode((object) $payload, JSON_THROW_ON_ERROR),
            ];
            $file->add($entry);
        }
        OrderEvent::query()->insert($rows);
    }

    /** @return array<string, mixed> */
    private static function line(OrderLine $entry): array
    {
        return ['person' => $entry->person, 'at' => $entry->at, ...OrderLineDocument::write($entry)];
    }
}
