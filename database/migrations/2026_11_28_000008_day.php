<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The day: what it is planned by, what was told, what was pinned, how long stages took, and who may follow it from outside. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('shops', static fn(Blueprint $table) => $table->integer('clock_shift')->default(0));
        // What an order still owes, kept beside what its list shows.
        Schema::table('repair_orders', static fn(Blueprint $table) => $table->jsonb('work')->nullable());
        Schema::create('day_rules', static function (Blueprint $table): void {
            $table->uuid('shop_id')->primary();
            $table->integer('version')->default(1);
            $table->jsonb('document');
            $table->foreign('shop_id')->references('id')->on('shops')->cascadeOnDelete();
        });
        Schema::create('absences', static function (Blueprint $table): void {
            self::keys($table);
            $table->uuid('user_id');
            // On the wall of the shop, such as 2026-11-30T08:00.
            $table->char('from_hour', 16);
            $table->char('to_hour', 16);
            $table->text('why')->default('');
            $table->text('source')->nullable();
            $table->text('person');
            $table->timestampTz('made_at', 3);
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
            $table->index(['shop_id', 'to_hour']);
            $table->unique(['shop_id', 'user_id', 'source']);
        });
        Schema::create('day_plans', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->date('date');
            $table->integer('version');
            $table->timestampTz('made_at', 3);
            $table->jsonb('day');
            $table->jsonb('plan');
            $table->jsonb('changed');
            $table->primary(['shop_id', 'date', 'version']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        Schema::create('day_pins', static function (Blueprint $table): void {
            self::keys($table);
            $table->uuid('repair_order_id');
            $table->text('stage');
            $table->char('at_hour', 16)->nullable();
            $table->uuid('user_id')->nullable();
            $table->uuid('bay_id')->nullable();
            $table->text('person');
            $table->timestampTz('made_at', 3);
            $table->unique(['shop_id', 'stage']);
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
        });
        Schema::create('stage_times', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('sensor_task_id');
            $table->text('stage');
            $table->text('sensor_kind');
            $table->text('school')->nullable();
            $table->timestampTz('began_at', 3);
            $table->timestampTz('last_at', 3);
            $table->timestampTz('ended_at', 3)->nullable();
            $table->double('minutes')->default(0);
            $table->double('told')->nullable();
            $table->jsonb('people');
            $table->primary(['shop_id', 'sensor_task_id', 'stage']);
            $table->index(['shop_id', 'ended_at']);
            $table->foreign(['shop_id', 'sensor_task_id'])->references(['shop_id', 'id'])->on('sensor_tasks');
        });
        Schema::create('stance_rooms', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->char('hash', 64);
            $table->jsonb('document');
            $table->primary(['shop_id', 'hash']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        Schema::create('feed_links', static function (Blueprint $table): void {
            self::keys($table);
            $table->text('kind');
            $table->uuid('subject');
            $table->text('name');
            $table->text('reader');
            $table->char('token_hash', 64)->unique();
            $table->uuid('user_id');
            $table->text('person');
            $table->timestampTz('made_at', 3);
            $table->timestampTz('expires_at');
            $table->timestampTz('revoked_at')->nullable();
            $table->text('revoked_by')->nullable();
            $table->timestampTz('read_at')->nullable();
            $table->integer('reads')->default(0);
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert, update, delete on day_rules, absences, day_plans, day_pins, stage_times, stance_rooms, feed_links to $role");
        DB::connection($this->getConnection())->statement("revoke update, delete, truncate on day_plans from $role");
        DB::connection($this->getConnection())->statement("revoke delete, truncate on feed_links, stage_times from $role");
    }

    private static function keys(Blueprint $table): void
    {
        $table->uuid('shop_id');
        $table->uuid('id');
        $table->primary(['shop_id', 'id']);
    }
};
