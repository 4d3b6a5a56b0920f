<?php

declare(strict_types=1);

namespace App\Imports;

use App\Failure\Refusal;
use Lumbro\Core\Codec\Register\Column;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Words\Words;

/** A foreign table, CSV or JSON, as its heading and rows, with a guess which of its columns are which of ours. */
final readonly class RegisterFile
{
    private const MOST_BYTES = 4 * 1024 * 1024;

    /** No table of ours is wider. */
    private const COLUMNS = 200;

    /**
     * @param list<string>       $heading
     * @param list<list<string>> $rows
     * @param list<mixed>        $items of a JSON file, as they stand there
     */
    private function __construct(public array $heading, public array $rows, public array $items) {}

    /** @throws InvalidInput|Refusal where it is too large or no table */
    public static function read(string $bytes): self
    {
        if ($bytes === '') {
            throw Refusal::field('/file', Message::of('file.empty'));
        }
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Refusal::field('/file', Message::of('file.too-large', ['most' => 4]));
        }

        return in_array(ltrim($bytes, "\u{feff} \t\r\n")[0] ?? '', ['{', '['], true) ? self::json($bytes) : self::csv($bytes);
    }

    /**
     * Which column of the file is which of ours, by their names.
     *
     * @param list<Column> $columns
     *
     * @return array<string, int> our column → its place in the file
     */
    public function guess(array $columns, Words $words): array
    {
        $plain = static fn(string $name): string => (string) preg_replace('/[^\p{L}\p{N}]/u', '', mb_strtolower((string) preg_replace('/[(\[].*?[)\]]|,?\s*\b(mm|cm|in|deg|°)\b\.?$/u', '', $name)));
        $heading = array_map($plain, $this->heading);
        // "Rear track" is "Track, rear".
        $bag = static function (string $name): string {
            $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower((string) preg_replace('/[(\[].*?[)\]]/u', '', $name)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            sort($words);

            return implode(' ', $words);
        };
        $guess = [];
        // What is called alike comes first, then what is called so in part.
        foreach ($columns as $column) {
            $place = array_search($bag($words->say($column->label)), array_map($bag, $this->heading), true);
            if ($place !== false && ! in_array($place, $guess, true)) {
                $guess[$column->id] = $place;
            }
        }
        foreach ([static fn(string $theirs, string $ours): bool => $theirs === $ours, static fn(string $theirs, string $ours): bool => mb_strlen($theirs) > 3 && (str_contains($ours, $theirs) || str_contains($theirs, $ours))] as $fits) {
            foreach ($columns as $column) {
                foreach (isset($guess[$column->id]) ? [] : $heading as $place => $theirs) {
                    if ($theirs !== '' && ! in_array($place, $guess, true) && ($fits($theirs, $plain($column->id)) || $fits($theirs, $plain($words->say($column->label))))) {
                        $guess[$column->id] = $place;
                        break;
                    }
                }
            }
        }

        return $guess;
    }

    private static function csv(string $bytes): self
    {
        $rows = CsvReader::ofText($bytes)->rows(RegisterRows::MOST);
        $heading = array_map(trim(...), array_values($rows[0] ?? []));
        $rows = array_values(array_filter(array_slice($rows, 1), static fn(array $row): bool => trim(implode('', $row)) !== ''));

        return self::of($heading, array_map(static fn(array $row): array => array_pad(array_slice(array_values($row), 0, count($heading)), count($heading), ''), $rows), []);
    }

    private static function json(string $bytes): self
    {
        $node = Node::parse($bytes);
        $items = $node->isObject() ? ($node->member('items') ?? $node)->isObject() ? [$node] : $node->member('items')?->fewItems(RegisterRows::MOST) ?? [] : $node->fewItems(RegisterRows::MOST);
        $flat = array_map(static fn(Node $item): array => self::flat($item->raw()), $items);
        $heading = array_keys(array_merge([], ...$flat));

        return self::of($heading, array_map(static fn(array $row): array => array_map(static fn(string $name): string => $row[$name] ?? '', $heading), $flat), array_map(static fn(Node $item): mixed => $item->raw(), $items));
    }

    /** @return array<string, string> dotted name → text */
    private static function flat(mixed $value, string $at = ''): array
    {
        if (is_object($value)) {
            $flat = [];
            foreach (get_object_vars($value) as $name => $inner) {
                $flat += self::flat($inner, $at === '' ? (string) $name : "$at.$name");
            }

            return $flat;
        }
        if (is_array($value)) {
            $plain = array_filter($value, is_scalar(...));

            return $plain === [] ? [] : [$at => implode('; ', array_map(strval(...), $plain))];
        }

        return is_scalar($value) ? [$at => is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value] : [];
    }

    /**
     * @param list<string>       $heading
     * @param list<list<string>> $rows
     * @param list<mixed>        $items
     */
    private static function of(array $heading, array $rows, array $items): self
    {
        if ($rows === [] || $heading === []) {
            throw Refusal::field('/file', Message::of('import.no-rows'));
        }
        if (count($rows) > RegisterRows::MOST) {
            throw Refusal::field('/file', Message::of('csv.too-many-rows', ['count' => count($rows), 'most' => RegisterRows::MOST]));
        }
        if (count($heading) > self::COLUMNS) {
            throw Refusal::field('/file', Message::of('register.too-wide', ['most' => self::COLUMNS]));
        }

        return new self($heading, $rows, $items);
    }
}
