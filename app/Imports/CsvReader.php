<?php

declare(strict_types=1);

namespace App\Imports;

use Lumbro\Core\Failure\InvalidInput;

/** Reads the rows of a CSV file as spreadsheets write it: UTF-8, with commas or semicolons, with or without a mark at its start. */
final class CsvReader
{
    private const MARK = "\u{feff}";

    /** @param resource $file */
    private function __construct(private $file, private readonly string $separator) {}

    /** @throws InvalidInput where the text is not UTF-8 */
    public static function ofText(string $text): self
    {
        $file = fopen('php://temp/maxmemory:4194304', 'w+b');
        if ($file === false) {
            throw new \RuntimeException('No room for a temporary file.');
        }
        fwrite($file, $text);

        return self::begin($file);
    }

    /**
     * @param int $place where to go on reading, as place() gave it; 0 for the beginning
     *
     * @throws InvalidInput where the file is not UTF-8
     */
    public static function ofFile(string $path, int $place = 0): self
    {
        $file = fopen($path, 'rb');
        if ($file === false) {
            throw new \RuntimeException('The imported file is gone.');
        }
        $reader = self::begin($file);
        if ($place > 0) {
            fseek($file, $place);
        }

        return $reader;
    }

    /** @return array<int, string>|null the next row; null after the last */
    public function row(): ?array
    {
        $row = fgetcsv($this->file, 65_536, $this->separator, '"', '');
        if ($row === false) {
            return null;
        }

        return array_map(static fn(?string $cell): string => $cell ?? '', $row);
    }

    /** Where the next row begins, in bytes. */
    public function place(): int
    {
        return (int) ftell($this->file);
    }

    /** @return list<array<int, string>> all that is left */
    public function rows(int $most): array
    {
        $rows = [];
        while (count($rows) <= $most + 1 && ($row = $this->row()) !== null) {
            $rows[] = $row;
        }

        return $rows;
    }

    /** @param resource $file */
    private static function begin($file): self
    {
        rewind($file);
        $head = (string) fread($file, 65_536);
        if (str_starts_with($head, "\xff\xfe") || str_starts_with($head, "\xfe\xff") || str_contains(substr($head, 0, 200), "\0")) {
            throw InvalidInput::because('', 'csv.encoding');
        }
        $first = strtok(str_replace(self::MARK, '', $head), "\r\n");
        $separator = $first !== false && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        fseek($file, str_starts_with($head, self::MARK) ? strlen(self::MARK) : 0);

        return new self($file, $separator);
    }
}
