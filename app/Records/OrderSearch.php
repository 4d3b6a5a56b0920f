<?php

declare(strict_types=1);

namespace App\Records;

use App\Input\Cursor;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/**
 * The orders with some words in their number, car, plate, VIN or serial numbers, in the order of the list. What is
 * common is found among the first of the list, what is rare by the index of words: neither takes longer as years go by.
 */
final class OrderSearch
{
    /** How the list of orders is ordered, as its index has it. */
    public const ORDER = [['closed', 'asc', 'boolean'], ['alarm', 'desc', 'boolean'], ['created_at', 'desc', 'timestamptz'], ['id', 'desc', 'uuid']];

    /** So many of the list are looked through before the index is asked. */
    private const WINDOW = 1_000;

    /** Where that many of them match, there are too many for the index: so many more are looked through first. */
    private const COMMON = 5;

    private const WIDER = 6_000;

    /** A search has at most so many words. */
    private const WORDS = 6;

    /**
     * @param Request $request its "after" tells where the page begins
     * @param int     $page    how many are wanted
     *
     * @return array{ids: list<string>, count: int, more: bool} at most $page and one more; how many there are, or are at least
     */
    public static function find(string $shop, string $search, Request $request, int $page): array
    {
        $words = array_slice(preg_split('/\s+/', mb_strtolower(trim($search)), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, self::WORDS);
        // The last word is still being typed; the others are whole. Where nothing has them, they are beginnings too.
        $found = self::matching($shop, self::query($words, false), $request, $page);

        return $found['count'] === 0 && count($words) > 1 ? self::matching($shop, self::query($words, true), $request, $page) : $found;
    }

    /** @return array{ids: list<string>, count: int, more: bool} */
    private static function matching(string $shop, string $query, Request $request, int $page): array
    {
        foreach ([self::WINDOW, self::WIDER] as $window) {
            [$ids, $isWhole] = self::first($shop, $query, $request, $window);
            if ($isWhole || count($ids) > $page) {
                return ['ids' => array_slice($ids, 0, $page + 1), 'count' => count($ids), 'more' => ! $isWhole];
            }
            if (count($ids) < self::COMMON) {
                break;
            }
        }
        // A wall between the index of words and the list's: otherwise the database might walk the whole list.
        $matched = self::list($shop)->select(['id', 'closed', 'alarm', 'created_at'])->whereRaw('words @@ ?::tsquery', [$query])->offset(0);
        $rare = DB::query()->fromSub($matched, 'm')->select('id');
        Cursor::apply($rare, $request, self::ORDER);
        $all = $rare->limit(self::WINDOW + 1)->pluck('id')->all();

        return ['ids' => array_slice(array_values(array_map(strval(...), $all)), 0, $page + 1), 'count' => min(count($all), self::WINDOW), 'more' => count($all) > self::WINDOW];
    }

    /** @return array{list<string>, bool} those that match among the first of the list, and whether that is the whole list */
    private static function first(string $shop, string $query, Request $request, int $window): array
    {
        $list = self::list($shop)->select(['id', 'words', 'closed', 'alarm', 'created_at']);
        Cursor::apply($list, $request, self::ORDER);
        $row = DB::query()->fromSub($list->limit($window), 'w')
            ->selectRaw('count(*) as looked, json_agg(id order by closed, alarm desc, created_at desc, id desc) filter (where words @@ ?::tsquery) as ids', [$query])
            ->first();

        return [self::ids($row->ids ?? null), (int) ($row->looked ?? 0) < $window];
    }

    private static function list(string $shop): Builder
    {
        // Practice has lists of its own.
        return DB::table('repair_orders')->where('shop_id', $shop)->where('practice', false);
    }

    /** @return list<string> */
    private static function ids(?string $json): array
    {
        $ids = $json === null ? null : json_decode($json, true, 4, JSON_THROW_ON_ERROR);

        return is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
    }

    /** @param list<string> $words */
    private static function query(array $words, bool $beginnings): string
    {
        $last = count($words) - 1;

        return implode(' & ', array_map(
            static fn(string $word, int $i): string => "'" . strtr($word, ["'" => "''", '\\' => '\\\\']) . "'" . ($beginnings || $i === $last ? ':*' : ''),
            $words,
            array_keys($words),
        ));
    }
}
