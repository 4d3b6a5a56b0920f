<?php

declare(strict_types=1);

namespace Lumbro\Signer;

use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\BookEntry;
use Lumbro\Core\Evidence\EntryKind;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealedFile;
use Lumbro\Core\Evidence\SealedRecordDocument;
use Lumbro\Core\Evidence\Signature;
use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Measure\Node;

/**
 * What is signed with a shop's key, and what is not: records that came out the same when they were computed again, archives of
 * such records, and keys. Whether a reading was really taken it cannot know.
 */
final readonly class Signing
{
    /** Entries handed over at once. */
    private const MOST_ENTRIES = 500;

    /** @param \Closure(): string $now ISO 8601 in UTC */
    public function __construct(private Home $home, private \Closure $now) {}

    /**
     * Answers whoever asks through the socket: nothing that is asked here changes a key.
     *
     * @param array<array-key, Node> $ask do, known and what it needs
     *
     * @return array<string, mixed>
     *
     * @throws Refused where it is not signed
     */
    public function answer(string $do, array $ask): array
    {
        return $this->home->alone(function () use ($do, $ask): array {
            $this->isTheSameBook($ask['known']);
            $this->begin();

            return match ($do) {
                'entries' => ['entries' => $this->entries((int) $ask['after']->between(0, 1e8))],
                'earlier' => ['signed' => $this->earlier($ask['seals'])->document()],
                'record' => ['signed' => $this->record($ask['record'])->document()],
                'archive' => ['signed' => $this->archive($ask['content'])->document()],
                default => throw new Refused('signer.no-such-thing'),
            };
        });
    }

    /** Another key signs from here on; the one before says so. */
    public function change(): SignedEntry
    {
        return $this->home->alone(function (): SignedEntry {
            $this->begin();
            $signed = $this->add(EntryKind::Key, ['next' => Signature::publicKey($this->home->draw())]);
            $this->home->enforce();

            return $signed;
        });
    }

    /**
     * The key is lost: another one signs from here on, and only who says so vouches for it.
     *
     * @param list<Node> $kept the book as the shop's database has it, for where the service's own is gone too
     */
    public function lost(array $kept): SignedEntry
    {
        return $this->home->alone(function () use ($kept): SignedEntry {
            $count = $this->home->last()->entry->number ?? 0;
            foreach (array_slice($kept, $count) as $node) {
                $this->home->append(SignedEntry::read($node));
            }
            $last = $this->home->last()->entry ?? throw new Refused('signer.no-book');
            $seed = $this->home->draw();
            $key = Signature::publicKey($seed);
            $signed = SignedEntry::make(new BookEntry($this->home->shop, $last->number + 1, $last->hash(), $this->time($last), $key, EntryKind::Lost, ['next' => $key]), $seed);
            $this->home->append($signed);
            $this->home->enforce();

            return $signed;
        });
    }

    /** The first key of a shop, with the first entry of its book; a change that was ended in the middle is gone through with. */
    private function begin(): void
    {
        $last = $this->home->last();
        $drawn = $this->home->drawn();
        if ($last === null) {
            $seed = $drawn ?? $this->home->draw();
            $key = Signature::publicKey($seed);
            $this->home->append(SignedEntry::make(new BookEntry($this->home->shop, 1, null, ($this->now)(), $key, EntryKind::Key, ['next' => $key]), $seed));
            $this->home->enforce();
        } elseif ($drawn !== null && ($last->entry->says['next'] ?? null) === Signature::publicKey($drawn)) {
            $this->home->enforce();
        }
    }

    /** A book that is not the one the shop's database knows is not written on: somebody must look first. */
    private function isTheSameBook(Node $known): void
    {
        if ($known->raw() === null) {
            return;
        }
        $f = $known->fields(['number', 'hash']);
        $number = (int) $f['number']->between(1, 1e8);
        if (! $this->home->isThere()) {
            throw new Refused('signer.book-gone', ['number' => $number]);
        }
        if ($this->home->at($number)?->entry->hash() !== Seal::hash($f['hash'])) {
            throw new Refused('signer.other-book', ['number' => $number]);
        }
    }

    /** @return list<array<string, mixed>> */
    private function entries(int $after): array
    {
        return array_map(static fn(SignedEntry $signed): array => $signed->document(), $this->home->after($after, self::MOST_ENTRIES));
    }

    private function earlier(Node $seals): SignedEntry
    {
        $hashes = array_map(Seal::hash(...), $seals->fewItems(BookEntry::MOST_SEALS));
        foreach ($hashes as $hash) {
            $known = $this->home->about($hash);
            if ($known !== null) {
                return $known;
            }
        }
        if ($this->home->last()?->entry->kind === EntryKind::Key && $this->home->last()->entry->number === 1 || $this->home->last()?->entry->kind === EntryKind::Earlier) {
            return $this->add(EntryKind::Earlier, ['seals' => $hashes]);
        }

        // Once it has signed a record, nothing more can be of before the key.
        throw new Refused('signer.too-late');
    }

    private function record(Node $record): SignedEntry
    {
        $hash = Seal::read($record)->hash;
        $known = $this->home->about($hash);
        if ($known !== null) {
            return $known;
        }
        $file = SealedFile::read(Node::decoded((object) ['format' => Seal::FORMATS[SealedRecordDocument::EDITION], 'record' => $record->raw(), 'seal' => (object) ['algorithm' => 'SHA-256', 'form' => 'RFC 8785', 'hash' => $hash]]));
        if (! $file->comesOutTheSame()) {
            throw new Refused('signer.not-the-same', $file->failure === null ? ['count' => count($file->differences) + count($file->refused) + count($file->breaks)] : ['count' => 1]);
        }
        $follows = $file->record->fields['follows']->raw() === null ? null : Seal::hash($file->record->fields['follows']);
        if ($follows !== null && $this->home->about($follows) === null) {
            throw new Refused('signer.follows-nothing');
        }

        return $this->add(EntryKind::Record, ['hash' => $hash, 'order' => $file->record->fields['order']->fields(['number', 'vehicle', 'plate'])['number']->line(40), 'sensor' => $file->record->sensor(), 'revision' => $file->record->revision(), 'follows' => $follows]);
    }

    private function archive(Node $content): SignedEntry
    {
        $hash = Seal::read($content)->hash;
        $known = $this->home->about($hash);
        if ($known !== null) {
            return $known;
        }
        $archive = Archive::read((string) json_encode(['format' => Archive::FORMAT, 'content' => $content->raw(), 'seal' => ['algorithm' => 'SHA-256', 'form' => 'RFC 8785', 'hash' => $hash]], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
        if (! $archive->holds()) {
            throw new Refused('signer.not-the-same', ['count' => max(1, count($archive->broken))]);
        }
        foreach ($archive->files as $file) {
            if ($this->home->about($file->found) === null) {
                throw new Refused('signer.stranger', ['sensor' => $file->record->sensor(), 'revision' => $file->record->revision()]);
            }
        }

        return $this->add(EntryKind::Archive, ['hash' => $hash, 'order' => $archive->order['number']]);
    }

    /** @param array{hash?: string, order?: string, sensor?: string, revision?: int, follows?: string|null, seals?: list<string>, next?: string} $says */
    private function add(EntryKind $kind, array $says): SignedEntry
    {
        $last = $this->home->last()->entry ?? throw new Refused('signer.no-book');
        $seed = $this->home->seed();
        $key = Signature::publicKey($seed);
        if (($last->says['next'] ?? $last->key) !== $key) {
            throw new Refused('signer.key-gone');
        }
        $signed = SignedEntry::make(new BookEntry($this->home->shop, $last->number + 1, $last->hash(), $this->time($last), $key, $kind, $says), $seed);
        $this->home->append($signed);

        return $signed;
    }

    /** A clock that runs behind the last entry is not believed. */
    private function time(BookEntry $last): string
    {
        $now = ($this->now)();

        return strcmp($now, $last->at) >= 0 ? $now : throw new Refused('signer.clock', ['at' => $last->at]);
    }
}
