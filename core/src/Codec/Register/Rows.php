<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** How rows of a foreign table become documents of a register, and documents rows. */
abstract readonly class Rows
{
    /** Registers that can be filled from a file. */
    public const REGISTERS = [
        'vehicles' => VehicleRows::class, 'kit' => KitRows::class, 'bays' => BayRows::class, 'cards' => CardRows::class,
        'rules-conditions' => ConditionRows::class, 'rules-owed' => OwedRows::class, 'rules-capture' => CaptureRows::class, 'rules-codes' => CodeRows::class,
    ];

    /** @throws InvalidInput where there is no such register */
    public static function of(string $register): self
    {
        $class = self::REGISTERS[$register] ?? throw InvalidInput::because('/register', 'register.unknown', ['register' => InvalidInput::short($register), 'known' => array_keys(self::REGISTERS)]);

        return new $class();
    }

    /** @return list<Column> */
    abstract public function columns(): array;

    /**
     * The document of a row.
     *
     * @param Values $values those that are there
     * @param string $source what the file is called, for what says where a figure comes from
     *
     * @return array<array-key, mixed>
     *
     * @throws CoreFailure naming what is wrong
     */
    abstract protected function made(Values $values, string $source): array;

    /**
     * Reads a document of the register as it is kept.
     *
     * @throws CoreFailure naming what is missing, unknown or wrong
     */
    abstract public function check(Node $document): void;

    /** What the row is called in a list. */
    abstract public function title(Node $document): string;

    /**
     * A document as a row has it, for a file that goes out.
     *
     * @return array<string, string|float|null> by column
     */
    public function row(Node $document): array
    {
        $row = [];
        foreach ($this->columns() as $column) {
            $at = $document;
            foreach (explode('.', $column->id) as $step) {
                $at = $at?->isObject() === true ? $at->member($step) : null;
            }
            $raw = $at?->raw();
            $row[$column->id] = match (true) {
                is_array($raw) => implode('; ', array_map(static fn(mixed $one): string => is_scalar($one) ? (string) $one : '', $raw)),
                is_int($raw), is_float($raw) => (float) $raw,
                is_string($raw) => $raw,
                default => null,
            };
        }

        return $row;
    }

    /**
     * @param array<string, string> $cells  by column, as they are typed
     * @param string                $source what the file is called
     *
     * @throws InvalidInput naming the column
     */
    final public function document(array $cells, string $source): Node
    {
        $values = [];
        foreach ($this->columns() as $column) {
            $value = $column->read($cells[$column->id] ?? '');
            if ($value !== null) {
                $values[$column->id] = $value;
            }
        }
        $document = Node::parse((string) json_encode($this->made(new Values($values), $source), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
        $this->check($document);

        return $document;
    }

    /** An id made of a name. */
    protected static function id(string $name): string
    {
        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');

        return substr($plain === '' ? 'item' : $plain, 0, 60);
    }
}
