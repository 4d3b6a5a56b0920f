<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Intake and preparation: the order's own record, the shop's tables, versions of cards, the kit register, photos and imports. */
return new class extends Migration {
    public function up(): void
    {
        $database = DB::connection($this->getConnection());
        $database->statement('create extension if not exists pg_trgm');
        Schema::create('order_events', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('repair_order_id');
            // The line's number in its order's record; every write names the last one it saw.
            $table->integer('version');
            $table->uuid('user_id');
            $table->text('person');
            $table->timestampTz('recorded_at', 3)->useCurrent();
            $table->text('kind');
            $table->jsonb('payload');
            $table->primary(['shop_id', 'id']);
            $table->unique(['shop_id', 'repair_order_id', 'version']);
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
        });
        Schema::create('shop_rules', static function (Blueprint $table): void {
            $table->uuid('shop_id')->primary();
            $table->jsonb('document');
            $table->integer('version')->default(1);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        Schema::create('kit_items', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->text('item');
            $table->text('sort');
            $table->jsonb('document');
            $table->integer('version')->default(1);
            $table->boolean('retired')->default(false);
            $table->primary(['shop_id', 'id']);
            $table->unique(['shop_id', 'item']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        $this->cards();
        $this->orders($database);
        $this->photos();
        $this->imports();
        $this->carryOver($database);
        Schema::table('repair_orders', static function (Blueprint $table): void {
            $table->dropColumn(['operations', 'kit_id']);
        });
        Schema::drop('kits');
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        $database->statement("grant select, insert, update, delete on all tables in schema public to $role");
        $database->statement("revoke update, delete, truncate on readings, record_events, order_events, sealed_records from $role");
        $database->statement("revoke insert, update, delete on migrations from $role");
    }

    private function cards(): void
    {
        Schema::table('procedure_cards', static function (Blueprint $table): void {
            // All versions of one card share its family.
            $table->uuid('family')->nullable();
            $table->integer('version')->default(1);
            $table->boolean('newest')->default(true);
            $table->uuid('entered_by')->nullable();
            $table->uuid('checked_by')->nullable();
            $table->timestampTz('checked_at')->nullable();
            $table->text('make')->default('');
            $table->text('model')->default('');
            $table->text('search')->default('');
        });
        DB::connection($this->getConnection())->statement("update procedure_cards set family = id, search = lower(document->>'title' || ' ' || (document->>'source'))");
        Schema::table('procedure_cards', static function (Blueprint $table): void {
            $table->uuid('family')->nullable(false)->change();
            $table->unique(['shop_id', 'family', 'version']);
            $table->index(['shop_id', 'newest', 'name', 'id']);
            $table->index(['shop_id', 'make', 'model']);
        });
    }

    private function orders(Illuminate\Database\Connection $database): void
    {
        Schema::table('repair_orders', static function (Blueprint $table): void {
            $table->text('vin')->nullable();
            // What the list shows of an order: made anew from its record with every write, never the only place of anything.
            $table->jsonb('summary')->nullable();
            $table->boolean('alarm')->default(false);
            $table->boolean('closed')->default(false);
            $table->text('search')->default('');
            $table->uuid('import_id')->nullable();
            $table->uuid('bay_id')->nullable()->change();
            $table->uuid('kit_id')->nullable()->change();
            $table->index(['shop_id', 'plate']);
            $table->index(['shop_id', 'vin']);
        });
        $database->statement("update repair_orders set search = lower(number || ' ' || vehicle || ' ' || plate)");
        $database->statement('create index repair_orders_listed on repair_orders (shop_id, closed, alarm desc, created_at desc, id desc)');
        $database->statement('create index repair_orders_searched on repair_orders using gin (search gin_trgm_ops)');
        $database->statement('create index procedure_cards_searched on procedure_cards using gin (search gin_trgm_ops)');
        Schema::table('sensor_tasks', static function (Blueprint $table): void {
            $table->text('sensor')->default('front');
            $table->uuid('procedure_card_id')->nullable()->change();
            $table->unique(['shop_id', 'repair_order_id', 'sensor']);
        });
    }

    private function photos(): void
    {
        Schema::create('photos', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('repair_order_id');
            $table->char('hash', 64);
            $table->text('type');
            $table->integer('width');
            $table->integer('height');
            $table->integer('bytes');
            $table->text('taken_at')->nullable();
            // Kept only where somebody asked for it.
            $table->jsonb('location')->nullable();
            $table->uuid('user_id');
            $table->timestampTz('created_at')->useCurrent();
            $table->primary(['shop_id', 'id']);
            $table->index(['shop_id', 'repair_order_id']);
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
        });
    }

    private function imports(): void
    {
        Schema::create('imports', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('user_id');
            $table->text('kind');
            $table->text('name');
            $table->text('state');
            $table->bigInteger('size');
            $table->bigInteger('place')->default(0);
            $table->integer('rows')->default(0);
            $table->integer('refused')->default(0);
            $table->jsonb('heading')->nullable();
            $table->jsonb('errors')->default('[]');
            $table->timestampTz('created_at')->useCurrent();
            $table->primary(['shop_id', 'id']);
        });
        Schema::create('import_rows', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('import_id');
            $table->integer('row');
            $table->text('key');
            $table->jsonb('document');
            $table->primary(['shop_id', 'import_id', 'row']);
            $table->index(['shop_id', 'import_id', 'key', 'row']);
            $table->foreign(['shop_id', 'import_id'])->references(['shop_id', 'id'])->on('imports')->cascadeOnDelete();
        });
    }

    /** What stood in columns and in one kit's document becomes lines and items. */
    private function carryOver(Illuminate\Database\Connection $database): void
    {
        $database->statement(<<<'SQL'
            update procedure_cards set
                document = replace(replace(document::text, '"front-radar-replaced"', '"sensor-replaced"'), '"front-bracket-changed"', '"bracket-changed"')::jsonb,
                checked_at = case when document->>'checkedBy' is not null then created_at end
            SQL);
        $renamed = ['front-radar-replaced' => 'sensor-replaced@front', 'front-bracket-changed' => 'bracket-changed@front'];
        foreach ($database->table('repair_orders')->get() as $order) {
            $user = $database->table('users')->where('shop_id', $order->shop_id)->orderBy('id')->first();
            foreach (array_values((array) json_decode($order->operations, true)) as $i => $code) {
                $database->table('order_events')->insert([
                    'shop_id' => $order->shop_id, 'id' => (string) Illuminate\Support\Str::uuid7(), 'repair_order_id' => $order->id,
                    'version' => $i + 1, 'user_id' => $user->id, 'person' => $user->name, 'recorded_at' => $order->created_at,
                    'kind' => 'operation', 'payload' => json_encode(['operation' => $renamed[$code] ?? $code, 'state' => 'done']),
                ]);
            }
        }
        foreach ($database->table('kits')->get() as $kit) {
            foreach ((array) json_decode($kit->document, true) as $name => $part) {
                $item = $name === 'stand' ? ['sort' => 'stand', 'id' => 'stand-1', ...$part] : ['sort' => 'instrument', 'kind' => $name, ...$part];
                $database->table('kit_items')->insertOrIgnore([
                    'shop_id' => $kit->shop_id, 'id' => (string) Illuminate\Support\Str::uuid7(), 'item' => $item['id'], 'sort' => $item['sort'], 'document' => json_encode($item),
                ]);
            }
        }
    }
};
