<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Message\Message;

/**
 * Who vouches for a seal: the entry of the shop's seal book that came with the file, held against the book, the shop's public
 * key and a head that was printed, as far as these are at hand.
 */
final readonly class SealProof
{
    /**
     * @param SignedEntry|null $entry  the one that is about the seal
     * @param list<Message>    $faults what must not be; empty where nothing speaks against it
     * @param list<Message>    $open   what could not be asked, for want of a key, a book or a head
     */
    private function __construct(public ?SignedEntry $entry, public array $faults, public array $open) {}

    /** @param Witnesses $by what is at hand to hold it against */
    public static function ofRecord(SealedFile $file, Witnesses $by): self
    {
        $record = $file->record;
        $order = $record->fields['order']->member('number')?->line(40);
        $follows = isset($record->fields['follows']) ? $record->fields['follows']->raw() : null;

        return self::of($file->found, $file->signature, $by, static fn(BookEntry $entry): bool => $entry->kind === EntryKind::Earlier
            || ($entry->kind === EntryKind::Record && $entry->says === ['hash' => $file->found, 'order' => $order, 'sensor' => $record->sensor(), 'revision' => $record->revision(), 'follows' => $follows]));
    }

    /** @param Witnesses $by what is at hand to hold it against */
    public static function ofArchive(Archive $archive, Witnesses $by): self
    {
        $whole = self::of($archive->hash, $archive->signature, $by, static fn(BookEntry $entry): bool => $entry->kind === EntryKind::Archive && $entry->says === ['hash' => $archive->hash, 'order' => $archive->order['number']]);
        $faults = $whole->faults;
        $seals = array_map(static fn(SealedFile $file): string => $file->found, $archive->files);
        foreach ($archive->files as $file) {
            $proof = self::ofRecord($file, $by);
            $later = $by->book?->after($file->found);
            // A revision that the archive holds too is no later state than the archive's.
            $isHere = $later !== null && in_array($later->says['hash'] ?? '', $seals, true);
            array_push($faults, ...array_filter($proof->faults, static fn(Message $fault): bool => ! $isHere || $fault->code !== 'book.superseded'));
        }

        return new self($whole->entry, array_values(array_unique($faults, SORT_REGULAR)), $whole->open);
    }

    /** @param \Closure(BookEntry): bool $fits whether an entry says of the file what it is */
    private static function of(string $hash, ?SignedEntry $came, Witnesses $by, \Closure $fits): self
    {
        $faults = $by->book->faults ?? [];
        $open = [];
        $signed = $came ?? $by->book?->about($hash);
        if ($signed === null) {
            // Of before the shop had a key, or somebody else's.
            if ($by->key !== null || $by->book !== null) {
                $faults[] = Message::of('book.unsigned');
            }

            return new self(null, [...$faults, ...self::heads($by)], [Message::of('book.nobody-signs')]);
        }
        $entry = $signed->entry;
        if (! $signed->fits()) {
            $faults[] = Message::of('book.signature', ['number' => $entry->number]);
        }
        if (! $entry->isAbout($hash) || ! $fits($entry)) {
            $faults[] = Message::of('book.other-seal', ['number' => $entry->number]);
        }
        if ($by->book !== null) {
            if ($by->book->at($entry->number)?->hash() !== $entry->hash()) {
                $faults[] = Message::of('book.not-in-book', ['number' => $entry->number]);
            }
            $later = $by->book->after($hash);
            if ($later !== null) {
                $faults[] = Message::of('book.superseded', ['number' => $later->number, 'revision' => $later->says['revision'] ?? 0]);
            }
        } else {
            $open[] = Message::of('book.no-book');
        }
        if ($by->key === null) {
            $open[] = Message::of('book.whose-key', ['key' => $entry->key]);
        } elseif ($by->book === null ? $entry->key !== $by->key : ! $by->book->vouches($by->key, $entry->number)) {
            $faults[] = Message::of('book.other-key', ['key' => $entry->key]);
        }
        if ($by->head === null) {
            $open[] = Message::of('book.no-head');
        } elseif ($by->book === null) {
            if ($by->head['number'] === $entry->number && $by->head['hash'] !== $entry->hash()) {
                $faults[] = Message::of('book.other-head', ['number' => $entry->number]);
            } elseif ($by->head['number'] !== $entry->number) {
                $open[] = Message::of('book.head-needs-book', ['number' => $by->head['number']]);
            }
        }

        return new self($signed, [...$faults, ...self::heads($by)], $open);
    }

    /** @return list<Message> where the book is not the one whose head was printed, or one from before it */
    private static function heads(Witnesses $by): array
    {
        if ($by->head === null || $by->book === null) {
            return [];
        }
        $there = $by->book->at($by->head['number']);

        return match (true) {
            $there === null => [Message::of('book.older-state', ['number' => $by->head['number'], 'count' => count($by->book->entries)])],
            $there->hash() !== $by->head['hash'] => [Message::of('book.other-head', ['number' => $by->head['number']])],
            default => [],
        };
    }
}
