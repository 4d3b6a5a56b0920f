<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Failure\InvalidInput;

/** The rows of a CSV file whose first one names the columns, in any order. */
final class CsvTable
{
    /** @var array<string, int> column → its place */
    private array $places = [];

    /**
     * @param list<array<int, string>> $rows
     * @param list<string>             $required columns
     * @param list<string>             $optional columns
     *
     * @throws InvalidInput naming the column that is missing, unknown or there twice, or the number of rows
     */
    public function __construct(private readonly array $rows, array $required, array $optional, int $most)
    {
        if ($rows === []) {
            throw InvalidInput::because('', 'csv.empty', ['columns' => $required]);
        }
        if (count($rows) - 1 > $most) {
            throw InvalidInput::because('', 'csv.too-many-rows', ['count' => count($rows) - 1, 'most' => $most]);
        }
        $this->places = self::columns($rows[0], $required, $optional);
    }

    /**
     * The places of the columns that a heading names.
     *
     * @param array<int, string> $heading
     * @param list<string>       $required
     * @param list<string>       $optional
     *
     * @return array<string, int>
     */
    public static function columns(array $heading, array $required, array $optional): array
    {
        $places = [];
        foreach ($heading as $place => $name) {
            $name = mb_strtolower(trim($name));
            if (! in_array($name, [...$required, ...$optional], true)) {
                throw InvalidInput::because('/1', 'csv.unknown-column', ['name' => mb_strimwidth($name, 0, 40, '…'), 'known' => [...$required, ...$optional]]);
            }
            if (isset($places[$name])) {
                throw InvalidInput::because('/1', 'csv.column-twice', ['name' => $name]);
            }
            $places[$name] = $place;
        }
        foreach ($required as $name) {
            if (! isset($places[$name])) {
                throw InvalidInput::because('/1', 'csv.no-column', ['name' => $name]);
            }
        }

        return $places;
    }

    /** @return \Generator<int, CsvRow> without the heading and without empty rows */
    public function rows(): \Generator
    {
        foreach ($this->rows as $i => $row) {
            if ($i > 0 && trim(implode('', $row)) !== '') {
                yield $i => new CsvRow($row, $this->places, $i + 1);
            }
        }
    }
}
