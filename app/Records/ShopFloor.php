<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Document\KitRegisterDocument;
use Lumbro\Core\Document\Node;
use Lumbro\Core\Document\ShopRulesDocument;
use Lumbro\Core\Intake\ShopRules;
use Lumbro\Core\Kit\KitRegister;

/** What a shop has for all its orders: its default tables and its kit. */
final readonly class ShopFloor
{
    private function __construct(public ShopRules $rules, public KitRegister $kit) {}

    public static function of(string $shop): self
    {
        $rules = DB::table('shop_rules')->where('shop_id', $shop)->value('document');
        $items = DB::table('kit_items')->where('shop_id', $shop)->where('retired', false)->orderBy('item')->pluck('document');

        return new self(
            is_string($rules) ? ShopRulesDocument::read(Node::parse($rules)) : new ShopRules(),
            KitRegisterDocument::register($items->map(static fn(string $document): object => KitRegisterDocument::item(Node::parse($document)))->all()),
        );
    }
}
