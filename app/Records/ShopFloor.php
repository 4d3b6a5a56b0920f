<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** What a shop has for all its orders: its default tables and its kit. */
final readonly class ShopFloor
{
    private function __construct(public ShopRules $rules, public KitRegister $kit) {}

    public static function of(string $shop): self
    {
        $query = DB::table('shops as o')->where('o.id', $shop)->selectRaw('o.id as shop_id');
        self::columns($query, 'o.id');

        return self::read($query->first() ?? new \stdClass());
    }

    /** Lets a query bring the shop's documents along: one more query each would cost more than they do. */
    public static function columns(Builder $query, string $shop): void
    {
        $query
            ->selectSub(static fn(Builder $of) => $of->from('shops as s')->select('s.practice')->whereColumn('s.id', $shop), 'practice_shop')
            ->selectSub(static fn(Builder $rules) => $rules->from('shop_rules as r')->select('r.document')->whereColumn('r.shop_id', $shop), 'rules')
            ->selectSub(static fn(Builder $kit) => $kit->from('kit_items as k')->selectRaw('json_agg(k.document order by k.item)')->whereColumn('k.shop_id', $shop)->where('k.retired', false), 'kit');
    }

    /** The shop's tables as JSON; those of a shop that keeps none are empty. */
    public static function rules(\stdClass $row): string
    {
        return $row->rules ?? json_encode(Document::write(new ShopRules()), JSON_THROW_ON_ERROR);
    }

    /** The kit as JSON. Practice touches nothing real: it has a kit of its own, in which nothing is missing or overdue. */
    public static function register(\stdClass $row): string
    {
        return ($row->practice ?? false) ? PracticeRegisters::kit() : $row->kit ?? '[]';
    }

    /** @param \stdClass $row with the columns above */
    public static function read(\stdClass $row): self
    {
        return new self(
            isset($row->rules) ? Document::read(ShopRules::class, Node::stored($row->rules)) : new ShopRules(),
            KitRegister::of(isset($row->kit) ? array_map(KitItem::read(...), Node::stored($row->kit)->items()) : []),
        );
    }
}
