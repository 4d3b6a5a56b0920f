<?php

declare(strict_types=1);

namespace App\Input;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Lumbro\Core\Failure\InvalidInput;

/** Where the next page of a list begins: the values of the last row's order, so that new rows never shift a page. */
final class Cursor
{
    /**
     * Orders a query and lets it begin after the row that the request's cursor names.
     *
     * @param list<array{string, string, string}> $order column, direction and type; the last column is unique
     */
    public static function apply(Builder $query, Request $request, array $order): void
    {
        foreach ($order as [$column, $direction]) {
            $query->orderBy($column, $direction);
        }
        $cursor = $request->query('after');
        if ($cursor === null) {
            return;
        }
        $values = is_string($cursor) ? json_decode((string) base64_decode($cursor, true), true) : null;
        if (! is_array($values) || count($values) !== count($order) || array_filter($values, static fn(mixed $value): bool => ! is_string($value)) !== []) {
            throw InvalidInput::because('/after', 'request.cursor');
        }
        foreach ($values as $i => $value) {
            if (! self::fits($value, $order[$i][2])) {
                throw InvalidInput::because('/after', 'request.cursor');
            }
        }
        $query->where(static function (Builder $after) use ($order, $values): void {
            foreach ($order as $i => [$column, $direction, $type]) {
                $after->orWhere(static function (Builder $level) use ($order, $values, $i, $column, $direction, $type): void {
                    for ($before = 0; $before < $i; $before++) {
                        $level->whereRaw("{$order[$before][0]} = ?::{$order[$before][2]}", [$values[$before]]);
                    }
                    $level->whereRaw($column . ($direction === 'asc' ? ' > ' : ' < ') . "?::$type", [$values[$i]]);
                });
            }
        });
    }

    /** @param list<string> $columns */
    public static function of(\stdClass $row, array $columns): string
    {
        return base64_encode((string) json_encode(array_map(
            static fn(string $column): string => is_bool($row->{$column}) ? ($row->{$column} ? 'true' : 'false') : (string) $row->{$column},
            $columns,
        )));
    }

    private static function fits(string $value, string $type): bool
    {
        return match ($type) {
            'boolean' => in_array($value, ['true', 'false'], true),
            'uuid' => preg_match('/^[0-9a-f-]{36}$/', $value) === 1,
            'timestamptz' => preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d+)?[+-]\d\d(:\d\d)?$/', $value) === 1,
            default => strlen($value) < 500,
        };
    }
}
