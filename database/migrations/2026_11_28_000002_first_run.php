<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A shop of one's own beside the practice shop, and the code that its set-up page asks for. */
return new class extends Migration {
    public function up(): void
    {
        // Everything in a practice shop is invented and its cars are simulated.
        Schema::table('shops', static fn(Blueprint $table) => $table->boolean('practice')->default(false));
        $database = DB::connection($this->getConnection());
        // Until now there was no other shop than the demo's.
        $database->statement('update shops set practice = true');
        // Cars, cards and bays of the practice bench belong to no register of a shop.
        foreach (['vehicle_sheets', 'procedure_cards', 'bays'] as $register) {
            Schema::table($register, static fn(Blueprint $table) => $table->boolean('practice')->default(false));
        }
        Schema::table('bays', static function (Blueprint $table): void {
            $table->dropUnique(['shop_id', 'name']);
            $table->unique(['shop_id', 'practice', 'name']);
        });
        Schema::create('set_up_codes', static function (Blueprint $table): void {
            $table->smallInteger('id')->primary();
            $table->char('hash', 64);
            $table->smallInteger('tries')->default(0);
            $table->timestampTz('made_at')->useCurrent();
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        $database->statement("grant select, insert, update, delete on set_up_codes to $role");
    }
};
