<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What the list of orders keeps of each: what it waits for is said under another name. The next line of an order writes it anew. */
return new class extends Migration {
    public function up(): void
    {
        DB::connection($this->getConnection())->statement(
            "update repair_orders set summary = jsonb_set(summary #- '{waits,words}', '{waits,says}', summary #> '{waits,words}') where summary #> '{waits,words}' is not null",
        );
    }
};
