<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/**
 * All that a shop has sealed, one entry after the other, each with the hash of the one before and signed with the shop's
 * key. Whoever knows the key and a later head finds every entry that was changed, left out, put in or put back.
 */
final readonly class SealBook
{
    public const FORMAT = 'lumbro-book/1';

    /**
     * @param list<SignedEntry> $entries in the order they stand in, which need not be the right one
     * @param list<Message>     $faults  what is wrong with the book by itself; empty where every entry follows the one before under its key
     */
    private function __construct(public string $shop, public array $entries, public array $faults) {}

    /** @throws InvalidInput where it is no book at all */
    public static function read(Node $node): self
    {
        $f = $node->fields(['format', 'shop', 'entries']);
        $f['format']->oneOf([self::FORMAT]);

        $entries = array_map(SignedEntry::read(...), $f['entries']->items());

        return new self($f['shop']->line(200), $entries, self::faults($entries));
    }

    /**
     * The file it leaves the house as.
     *
     * @param string                     $shop    name of the shop
     * @param list<array<string, mixed>> $entries each as {@see SignedEntry::document()}
     *
     * @return array<string, mixed>
     */
    public static function document(string $shop, array $entries): array
    {
        return ['format' => self::FORMAT, 'shop' => $shop, 'entries' => $entries];
    }

    /** The entry of a number; null where the book has none. */
    public function at(int $number): ?BookEntry
    {
        return $number < 1 ? null : ($this->entries[$number - 1]->entry ?? null);
    }

    /** The entry about a seal; null where there is none. */
    public function about(string $hash): ?SignedEntry
    {
        foreach ($this->entries as $signed) {
            if ($signed->entry->isAbout($hash)) {
                return $signed;
            }
        }

        return null;
    }

    /** The entry of the revision that came after a seal; null where that seal still stands. */
    public function after(string $hash): ?BookEntry
    {
        foreach ($this->entries as $signed) {
            if (($signed->entry->says['follows'] ?? null) === $hash) {
                return $signed->entry;
            }
        }

        return null;
    }

    /**
     * Whether a key vouches for the entry of a number: it signed among the entries around it, and no key was lost between.
     * Of a book without faults.
     */
    public function vouches(string $key, int $number): bool
    {
        $names = false;
        foreach ($this->entries as $signed) {
            $entry = $signed->entry;
            if ($entry->kind === EntryKind::Lost) {
                if ($entry->number > $number) {
                    break;
                }
                $names = false;
            }
            $names = $names || $entry->key === $key || ($entry->says['next'] ?? null) === $key;
        }

        return $names;
    }

    /**
     * @param list<SignedEntry> $entries
     *
     * @return list<Message>
     */
    private static function faults(array $entries): array
    {
        $faults = [];
        $signs = null;
        $before = null;
        foreach ($entries as $i => $signed) {
            $entry = $signed->entry;
            $number = $i + 1;
            if ($entry->number !== $number || $entry->previous !== $before?->hash() || ($before !== null && ($entry->shop !== $before->shop || strcmp($entry->at, $before->at) < 0))) {
                $faults[] = Message::of('book.broken', ['number' => $number]);
            }
            $begins = $number === 1 || $entry->kind === EntryKind::Lost;
            // A first key, or one after a loss, signs for itself; every other entry is signed by the key in force.
            if ($entry->key !== ($begins ? ($entry->says['next'] ?? null) : $signs) || ($number === 1 && $entry->kind !== EntryKind::Key)) {
                $faults[] = Message::of('book.key-not-in-force', ['number' => $number]);
            }
            if (! $signed->fits()) {
                $faults[] = Message::of('book.signature', ['number' => $number]);
            }
            $signs = $entry->says['next'] ?? $signs ?? $entry->key;
            $before = $entry;
        }

        return $faults;
    }
}
