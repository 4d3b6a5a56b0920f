<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use App\People\ShopLog;
use App\Records\Moment;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\SealProof;
use Lumbro\Core\Evidence\Witnesses;

/** Another installation's archive is taken in, with what was found in it. One that was changed is taken in too, and says so. */
final readonly class TakeArchive
{
    /**
     * @param string $id of the archive here, made by the client
     *
     * @return string id under which it is kept: an earlier one's, where this very archive is here already
     */
    public function __invoke(User $user, string $id, string $json): string
    {
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
