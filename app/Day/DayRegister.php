<?php

declare(strict_types=1);

namespace App\Day;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Shop\DayRules;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** What a shop's days are planned by, as the database has it. */
final readonly class DayRegister
{
    private function __construct(public DayRules $rules, public int $version) {}

    public static function of(string $shop): self
    {
        $row = DB::table('day_rules')->where('shop_id', $shop)->first();

        return $row === null ? new self(DayRules::usual(), 0) : new self(Document::read(DayRules::class, Node::stored($row->document)), (int) $row->version);
    }

    public static function keep(string $shop, DayRules $rules, int $version): void
    {
        DB::table('day_rules')->upsert(
            [['shop_id' => $shop, 'version' => $version, 'document' => json_encode(Document::write($rules), JSON_THROW_ON_ERROR)]],
            ['shop_id'],
            ['version', 'document'],
        );
    }
}
