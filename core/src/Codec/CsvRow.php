<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Failure\InvalidInput;

/** One row of a CSV file. Its number counts the heading as 1, as spreadsheets do. */
final readonly class CsvRow
{
    /**
     * @param array<int, string> $cells
     * @param array<string, int> $places column → its place
     */
    public function __construct(private array $cells, private array $places, public int $number) {}

    /**
     * A cell that must not be empty.
     *
     * @throws InvalidInput naming the row and the column
     */
    public function text(string $column, int $longest): string
    {
        $text = $this->optional($column, $longest);
        if ($text === '') {
            throw InvalidInput::because($this->path($column), 'csv.cell-empty');
        }

        return $text;
    }

    /**
     * A cell that may be empty or missing.
     *
     * @throws InvalidInput naming the row and the column, where the cell is too long, is not text or holds a formula
     */
    public function optional(string $column, int $longest): string
    {
        $text = trim($this->cells[$this->places[$column] ?? -1] ?? '');
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::because($this->path($column), 'csv.not-utf8');
        }
        if (mb_strlen($text) > $longest) {
            throw InvalidInput::because($this->path($column), 'input.too-long', ['most' => $longest, 'count' => mb_strlen($text)]);
        }
        if (preg_match('/^[=@\t\r]|^[+-](?![\d\s.,]*$)/', $text) === 1) {
            throw InvalidInput::because($this->path($column), 'csv.formula', ['first' => $text[0]]);
        }
        if (preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/', $text) === 1) {
            throw InvalidInput::because($this->path($column), 'input.control-characters');
        }

        return $text;
    }

    /** Where a cell stands, as a JSON Pointer of row and column. */
    public function path(string $column): string
    {
        return "/$this->number/$column";
    }
}
