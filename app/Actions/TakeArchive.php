<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\User;
use App\People\ShopLog;
use App\Records\Moment;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\SealProof;
use Lumbro\Core\Evidence\Witnesses;
use Lumbro\Core\Message\Message;

/** Another installation's archive is taken in, with what was found in it. One that was changed is taken in too, and says so. */
final readonly class TakeArchive
{
    /** With as many photos as one is given away with, bytes. */
    private const MOST = 52_000_000;

    /**
     * @param string $id of the archive here, made by the client
     *
     * @return string id under which it is kept: an earlier one's, where this very archive is here already
     *
     * @throws Refusal where it is too large
     */
    public function __invoke(User $user, string $id, string $json): string
    {
        if (strlen($json) > self::MOST) {
            throw Refusal::field('', Message::of('file.too-large', ['most' => intdiv(self::MOST, 1_000_000)]));
        }
        $archive = Archive::read($json);
        $proof = SealProof::ofArchive($archive, new Witnesses());
        $kept = DB::table('archives')->where('shop_id', $user->shop_id)->where('hash', hash('sha256', $json))->value('id');
        if (is_string($kept)) {
            return $kept;
        }
        DB::table('archives')->insertOrIgnore([
            'shop_id' => $user->shop_id,
            'id' => $id,
            'hash' => hash('sha256', $json),
            'origin' => $archive->order['shop'],
            'number' => $archive->order['number'],
            'vehicle' => $archive->order['vehicle'],
            'plate' => $archive->order['plate'],
            'findings' => json_encode(['seal' => $archive->hash, 'key' => $proof->entry?->entry->key, 'holds' => $archive->holds() && $proof->faults === [], 'broken' => [...$archive->broken, ...$proof->faults], 'records' => $archive->records, 'photos' => $archive->photos, 'vin' => $archive->order['vin']], JSON_THROW_ON_ERROR),
            'document' => $json,
            'user_id' => $user->id,
            'person' => $user->name,
            'taken_at' => Moment::now(),
        ]);
        ShopLog::note(ShopLog::ARCHIVE, $user, "{$archive->order['number']}, {$archive->order['shop']}");

        return $id;
    }
}
