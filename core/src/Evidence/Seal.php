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
    public const FORMAT = 'lumbro-record/2';

    /** Sealed before a record carried all it rests on: its seal is checked, it is not computed again. */
    private const EARLIER = 'lumbro-record/1';

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
            throw InvalidInput::because($record->path(), lcfirst($failure->getMessage()));
        }
    }

    /**
     * The file a record leaves the house as.
     *
     * @return array<string, mixed>
     */
    public function document(mixed $record): array
    {
        return [
            'format' => self::FORMAT,
            'record' => $record,
            'seal' => ['algorithm' => 'SHA-256', 'form' => 'RFC 8785', 'hash' => $this->hash],
        ];
    }

    /**
     * Checks a sealed file against its own seal.
     *
     * @return array{stated: string, found: string} equal where the record is unchanged
     *
     * @throws InvalidInput where the text is not a sealed record at all
     */
    public static function check(string $json): array
    {
        $field = Node::parse($json)->fields(['format', 'record', 'seal']);
        $field['format']->oneOf([self::FORMAT, self::EARLIER]);
        $seal = $field['seal']->fields(['algorithm', 'form', 'hash']);
        $seal['algorithm']->oneOf(['SHA-256']);
        $seal['form']->oneOf(['RFC 8785']);
        if (! $field['record']->isObject()) {
            throw InvalidInput::wrongType('/record', 'an object', $field['record']->raw());
        }

        return ['stated' => $seal['hash']->text(), 'found' => self::read($field['record'])->hash];
    }
}
