<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/**
 * One entry of a shop's seal book: what was sealed, after which entry, when, under which key. Its hash is the head of the
 * book while it is the last.
 *
 * @phpstan-type Says array{hash?: string, order?: string, sensor?: string, revision?: int, follows?: string|null, seals?: list<string>, next?: string}
 */
final readonly class BookEntry
{
    public const FORMAT = 'lumbro-entry/1';

    /** Seals of before the key that one entry may name. */
    public const MOST_SEALS = 1_000;

    /**
     * @param string      $shop     id of the shop
     * @param int         $number   1 for the first of a book
     * @param string|null $previous hash of the entry before; null for the first
     * @param string      $at       moment, ISO 8601 in UTC
     * @param string      $key      public key that signs it, as {@see Signature} writes keys
     * @param Says        $says     key, lost: next; earlier: seals; record: hash, order, sensor, revision, follows; archive: hash, order
     */
    public function __construct(
        public string $shop,
        public int $number,
        public ?string $previous,
        public string $at,
        public string $key,
        public EntryKind $kind,
        public array $says,
    ) {}

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): self
    {
        $f = $node->fields(['format', 'shop', 'number', 'previous', 'at', 'key', 'kind', 'says']);
        $f['format']->oneOf([self::FORMAT]);
        $kind = EntryKind::from($f['kind']->oneOf(array_column(EntryKind::cases(), 'value')));

        return new self(
            $f['shop']->line(60),
            (int) $f['number']->between(1, 100_000_000),
            $f['previous']->raw() === null ? null : Seal::hash($f['previous']),
            $f['at']->line(40),
            Signature::key($f['key']),
            $kind,
            self::said($kind, $f['says']),
        );
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return ['format' => self::FORMAT, 'shop' => $this->shop, 'number' => $this->number, 'previous' => $this->previous, 'at' => $this->at, 'key' => $this->key, 'kind' => $this->kind->value, 'says' => (object) $this->says];
    }

    /** The bytes that are signed and hashed: the canonical form. */
    public function canonical(): string
    {
        return CanonicalJson::encode($this->document());
    }

    /** SHA-256 of it: what the next entry names, and the head of the book while this is the last. */
    public function hash(): string
    {
        return hash('sha256', $this->canonical());
    }

    /** Whether it is about the seal: a record's, an archive's, or one of before the key. */
    public function isAbout(string $hash): bool
    {
        return ($this->says['hash'] ?? null) === $hash || in_array($hash, $this->says['seals'] ?? [], true);
    }

    /** @return Says */
    private static function said(EntryKind $kind, Node $says): array
    {
        $f = $says->fields(match ($kind) {
            EntryKind::Key, EntryKind::Lost => ['next'],
            EntryKind::Earlier => ['seals'],
            EntryKind::Record => ['hash', 'order', 'sensor', 'revision', 'follows'],
            EntryKind::Archive => ['hash', 'order'],
        });

        return match ($kind) {
            EntryKind::Key, EntryKind::Lost => ['next' => Signature::key($f['next'])],
            EntryKind::Earlier => ['seals' => array_map(Seal::hash(...), $f['seals']->fewItems(self::MOST_SEALS))],
            EntryKind::Record => [
                'hash' => Seal::hash($f['hash']),
                'order' => $f['order']->line(40),
                'sensor' => $f['sensor']->id(),
                'revision' => (int) $f['revision']->between(1, 10_000),
                'follows' => $f['follows']->raw() === null ? null : Seal::hash($f['follows']),
            ],
            EntryKind::Archive => ['hash' => Seal::hash($f['hash']), 'order' => $f['order']->line(40)],
        };
    }
}
