<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What outlives an order: revisions of sealed records, serial numbers, links for outside readers, archives of other installations. */
return new class extends Migration {
    public function up(): void
    {
        $database = DB::connection($this->getConnection());
        Schema::table('users', static function (Blueprint $table): void {
            // Somebody who left keeps their name in the records and cannot sign in.
            $table->boolean('active')->default(true);
        });
        Schema::table('repair_orders', static function (Blueprint $table): void {
            $table->boolean('practice')->default(false);
        });
        $database->statement("update repair_orders set practice = true where plate = 'PRACTICE'");
        Schema::table('sealed_records', static function (Blueprint $table): void {
            $table->integer('revision')->default(1);
            // The sealed result's few figures that a history shows, so that none has to be opened for it.
            $table->jsonb('outcome')->nullable();
            $table->dropUnique(['shop_id', 'sensor_task_id']);
            $table->unique(['shop_id', 'sensor_task_id', 'revision']);
        });
        Schema::table('sensor_tasks', static function (Blueprint $table): void {
            // The seal that stands; null while the record is open, or open again.
            $table->uuid('sealed_record_id')->nullable();
            $table->text('serial')->nullable();
            $table->text('part_number')->nullable();
        });
        $database->statement('update sensor_tasks t set sealed_record_id = s.id from sealed_records s where s.shop_id = t.shop_id and s.sensor_task_id = t.id');
        $database->statement('create index sensor_tasks_by_serial on sensor_tasks (shop_id, serial) where serial is not null');
        $database->statement('create index sensor_tasks_by_card on sensor_tasks (shop_id, procedure_card_id, sealed_record_id)');
        // A person looks for plates and VINs without minding their spaces.
        $database->statement("create index repair_orders_by_plate on repair_orders (shop_id, replace(lower(plate), ' ', ''))");
        // Words as a whole: what is typed is looked for where they begin.
        $database->statement("alter table repair_orders add column words tsvector generated always as (array_to_tsvector(array_remove(string_to_array(search, ' '), ''))) stored");
        $database->statement('create index repair_orders_by_words on repair_orders using gin (words) with (fastupdate = off)');
        $database->statement('drop index repair_orders_searched');
        // With the words beside it, the list's own index is enough to look through the first of it.
        $database->statement('drop index repair_orders_listed');
        $database->statement('create index repair_orders_listed on repair_orders (shop_id, closed, alarm desc, created_at desc, id desc) include (words)');
        $this->links();
        Schema::create('archives', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->char('hash', 64);
            $table->text('origin');
            $table->text('number');
            $table->text('vehicle');
            $table->text('plate');
            $table->jsonb('findings');
            $table->text('document');
            $table->uuid('user_id');
            $table->text('person');
            $table->timestampTz('taken_at')->useCurrent();
            $table->primary(['shop_id', 'id']);
            $table->unique(['shop_id', 'hash']);
            $table->index(['shop_id', 'taken_at', 'id']);
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        $database->statement("grant select, insert, update, delete on reader_links, reader_visits, archives to $role");
        $database->statement("revoke update, delete, truncate on reader_visits, archives from $role");
        $database->statement("revoke delete, truncate on reader_links from $role");
    }

    private function links(): void
    {
        Schema::create('reader_links', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('repair_order_id');
            $table->text('kind');
            $table->text('reader');
            // The link's secret is told once, to whoever makes it; only its hash is kept.
            $table->char('token_hash', 64)->unique();
            $table->uuid('user_id');
            $table->text('person');
            $table->timestampTz('made_at')->useCurrent();
            $table->timestampTz('expires_at');
            $table->timestampTz('revoked_at')->nullable();
            $table->text('revoked_by')->nullable();
            $table->primary(['shop_id', 'id']);
            $table->index(['shop_id', 'repair_order_id', 'made_at']);
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
        });
        Schema::create('reader_visits', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('reader_link_id');
            $table->timestampTz('at')->useCurrent();
            $table->text('address');
            $table->text('what');
            $table->primary(['shop_id', 'id']);
            $table->index(['shop_id', 'reader_link_id', 'at']);
            $table->foreign(['shop_id', 'reader_link_id'])->references(['shop_id', 'id'])->on('reader_links');
        });
    }
};
