<?php

declare(strict_types=1);

namespace App\Signing;

use App\Models\Shop;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Lumbro\Core\Evidence\BookEntry;
use Lumbro\Core\Evidence\SealBook;
use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Measure\Node;

/**
 * The shops' seal books as the database has them: what the signing service has signed, so that reports and files can carry it.
 * The service's own copy is the one that counts; what is missing here is fetched from it.
 */
final readonly class SealBooks
{
    /** Records that are signed in one go. */
    private const BATCH = 50;

    public function __construct(private Signer $signer) {}

    /** Has a sealed record signed; an exercise's never is. Where the service is away it stays unsigned until {@see catchUp()}, and says so. */
    public function sign(string $shop, string $hash): ?SignedEntry
    {
        try {
            if (! $this->real($shop)->where('r.hash', $hash)->exists()) {
                return null;
            }
            $this->fetchNew($shop, $hash);

            return $this->of($shop, $hash) ?? $this->record($shop, $hash);
        } catch (NotSigned $failure) {
            Log::warning('A record was not signed', ['seal' => $hash, 'why' => $failure->getMessage()]);

            return null;
        }
    }

    /** Has an archive's content signed; null where the service is away or will not. */
    public function signArchive(string $shop, mixed $content, string $hash): ?SignedEntry
    {
        try {
            return $this->of($shop, $hash) ?? $this->kept($shop, $this->signer->ask('archive', $shop, $this->known($shop), ['content' => $content]));
        } catch (NotSigned $failure) {
            Log::warning('An archive was not signed', ['seal' => $hash, 'why' => $failure->getMessage()]);

            return null;
        }
    }

    /**
     * Fetches what the service has and this database has not, and has signed what waits for it, oldest first.
     *
     * @return int how many records wait still
     *
     * @throws NotSigned
     */
    public function catchUp(string $shop): int
    {
        $this->fetchNew($shop, null);
        $this->fetch($shop);
        while (($waiting = $this->waiting($shop)) !== []) {
            foreach ($waiting as $i => $hash) {
                try {
                    $this->record($shop, $hash);
                } catch (NotSigned $failure) {
                    // One that will never be signed does not keep the others waiting.
                    if ($failure->isAway || $i === count($waiting) - 1) {
                        throw $failure;
                    }
                    Log::warning('A record was not signed', ['seal' => $hash, 'why' => $failure->getMessage()]);
                }
            }
            if (count($waiting) < self::BATCH) {
                break;
            }
        }

        return count($this->waiting($shop));
    }

    /** How many sealed records nothing in the book is about, as far as they are counted. */
    public function unsigned(string $shop): int
    {
        return count($this->waiting($shop));
    }

    /** The entry about a seal; null where it is not signed. */
    public function of(string $shop, string $hash): ?SignedEntry
    {
        $document = DB::table('book_seals as s')->join('book_entries as e', static fn($on) => $on->on('e.shop_id', 's.shop_id')->on('e.number', 's.number'))
            ->where('s.shop_id', $shop)->where('s.seal', $hash)->value('e.document');

        return is_string($document) ? self::read($document) : null;
    }

    /** The last entry of a shop's book; null where it has none. */
    public function last(string $shop): ?BookEntry
    {
        $document = DB::table('book_entries')->where('shop_id', $shop)->orderByDesc('number')->value('document');

        return is_string($document) ? self::read($document)->entry : null;
    }

    /** @return array<string, mixed> a shop's whole book, as it leaves the house */
    public function document(string $shop): array
    {
        $entries = [];
        foreach (DB::table('book_entries')->where('shop_id', $shop)->orderBy('number')->pluck('document') as $document) {
            $entries[] = self::read((string) $document)->document();
        }

        return SealBook::document(Shop::query()->findOrFail($shop)->name, $entries);
    }

    private function record(string $shop, string $hash): SignedEntry
    {
        $record = DB::table('sealed_records')->where('shop_id', $shop)->where('hash', $hash)->value('record');

        return $this->kept($shop, $this->signer->ask('record', $shop, $this->known($shop), ['record' => json_decode(is_string($record) ? $record : 'null', false, 128, JSON_THROW_ON_ERROR)]));
    }

    /** What the service signed while this database did not hear of it, or before it was put back. */
    private function fetch(string $shop): void
    {
        do {
            $after = (int) DB::scalar('select coalesce(min(number), 0) from (select number from book_entries e where shop_id = ? and not exists (select from book_entries n where n.shop_id = e.shop_id and n.number = e.number + 1)) gaps', [$shop]);
            $entries = ($this->signer->ask('entries', $shop, $this->known($shop), ['after' => $after])->member('entries') ?? throw NotSigned::away())->items();
            $this->keep($shop, array_map(SignedEntry::read(...), $entries));
        } while ($entries !== []);
    }

    /**
     * Where nothing of a book is here: what there is of it, or its beginning. Seals of before the shop had a key are named before
     * anything else is.
     *
     * @param string|null $now the seal that is to be signed, which is not of before
     */
    private function fetchNew(string $shop, ?string $now): void
    {
        if ($this->last($shop) !== null) {
            return;
        }
        $this->fetch($shop);
        if ($this->last($shop)?->number !== 1) {
            return;
        }
        $seals = $this->real($shop)->when($now !== null, static fn($query) => $query->where('r.hash', '<>', $now))->orderBy('r.sealed_at')->orderBy('r.id')->pluck('r.hash')->unique()->values()->all();
        foreach (array_chunk($seals, BookEntry::MOST_SEALS) as $some) {
            $this->kept($shop, $this->signer->ask('earlier', $shop, $this->known($shop), ['seals' => $some]));
        }
    }

    /** @return list<string> seals that nothing in the book is about, oldest first */
    private function waiting(string $shop): array
    {
        return array_values(array_map(strval(...), $this->real($shop)
            ->whereNotExists(static fn($query) => $query->from('book_seals as s')->whereColumn('s.shop_id', 'r.shop_id')->whereColumn('s.seal', 'r.hash'))
            ->orderBy('r.sealed_at')->orderBy('r.revision')->limit(self::BATCH)->pluck('r.hash')->all()));
    }

    /** The shop's sealed records, without those of exercises: nothing that was only practised is vouched for. */
    private function real(string $shop): Builder
    {
        return DB::table('sealed_records as r')->where('r.shop_id', $shop)
            ->join('sensor_tasks as t', static fn($on) => $on->on('t.shop_id', 'r.shop_id')->on('t.id', 'r.sensor_task_id'))
            ->join('repair_orders as o', static fn($on) => $on->on('o.shop_id', 't.shop_id')->on('o.id', 't.repair_order_id'))
            ->where('o.practice', false);
    }

    /** @return array{number: int, hash: string}|null */
    private function known(string $shop): ?array
    {
        $last = $this->last($shop);

        return $last === null ? null : ['number' => $last->number, 'hash' => $last->hash()];
    }

    private function kept(string $shop, Node $answer): SignedEntry
    {
        $signed = SignedEntry::read($answer->member('signed') ?? throw NotSigned::away());
        $this->keep($shop, [$signed]);

        return $signed;
    }

    /** @param list<SignedEntry> $entries */
    private function keep(string $shop, array $entries): void
    {
        DB::transaction(static function () use ($shop, $entries): void {
            foreach ($entries as $signed) {
                $entry = $signed->entry;
                DB::table('book_entries')->insertOrIgnore(['shop_id' => $shop, 'number' => $entry->number, 'hash' => $entry->hash(), 'document' => json_encode($signed->document(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)]);
                DB::table('book_seals')->insertOrIgnore(array_map(static fn(string $seal): array => ['shop_id' => $shop, 'seal' => $seal, 'number' => $entry->number], [...($entry->says['seals'] ?? []), ...(isset($entry->says['hash']) ? [$entry->says['hash']] : [])]));
            }
        });
    }

    private static function read(string $document): SignedEntry
    {
        return SignedEntry::read(Node::stored($document));
    }
}
