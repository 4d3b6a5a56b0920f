<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/**
 * A sealed record: the record and the SHA-256 over its canonical form. A changed record no longer fits its seal;
 * whoever changes both is found by the seal printed on paper or kept by the shop.
 */
final readonly class Seal
{
    /** What sealed records are called, by edition. */
    public const FORMATS = [1 => 'lumbro-record/1', 2 => 'lumbro-record/2', 3 => 'lumbro-record/3'];

    private function __construct(public string $hash) {}

    /** @param mixed $record decoded JSON */
    public static function of(mixed $record): self
    {
        return new self(hash('sha256', CanonicalJson::encode($record)));
    }

    /**
     * The same of something that came from outside.
     *
     * @throws InvalidInput where it has no canonical form
     */
    public static function read(Node $record): self
    {
        try {
            return self::of($record->raw());
        } catch (\InvalidArgumentException $failure) {
            throw InvalidInput::because($record->path(), 'record.no-canonical-form');
        }
    }

    /**
     * The file a record leaves the house as.
     *
     * @param int              $edition of the record
     * @param SignedEntry|null $signed  the entry of the shop's seal book about it; null where nobody has signed it
     *
     * @return array<string, mixed>
     */
    public function document(mixed $record, int $edition, ?SignedEntry $signed = null): array
    {
        return [
            'format' => self::FORMATS[$edition],
            'record' => $record,
            'seal' => ['algorithm' => 'SHA-256', 'form' => 'RFC 8785', 'hash' => $this->hash, ...($edition < 3 && $signed === null ? [] : ['signature' => $signed?->document()])],
        ];
    }

    /**
     * The hash that a document's seal states.
     *
     * @throws InvalidInput where it is no seal
     */
    public static function stated(Node $seal): string
    {
        $f = $seal->fields(['algorithm', 'form', 'hash'], ['signature']);
        $f['algorithm']->oneOf(['SHA-256']);
        $f['form']->oneOf(['RFC 8785']);

        return self::hash($f['hash']);
    }

    /**
     * The entry of a seal book that came with the document; null where nobody has signed it.
     *
     * @throws InvalidInput where it is none
     */
    public static function signature(Node $seal): ?SignedEntry
    {
        $signature = $seal->member('signature');

        return $signature === null || $signature->raw() === null ? null : SignedEntry::read($signature);
    }

    /** @throws InvalidInput where it is no SHA-256 in hexadecimal */
    public static function hash(Node $node): string
    {
        $hash = $node->text();

        return preg_match('/^[0-9a-f]{64}$/D', $hash) === 1 ? $hash : throw InvalidInput::because($node->path(), 'seal.not-a-hash');
    }
}
