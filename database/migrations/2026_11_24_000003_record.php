<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The record: rows that are only ever added. The application's role may neither change nor delete them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('readings', function (Blueprint $table): void {
            $this->line($table);
            $table->text('call');
            $table->text('typed');
            $table->double('millimetres');
            $table->text('unit');
            // What was measured from, and what to.
            $table->text('datum_from')->nullable();
            $table->text('datum_to')->nullable();
            $table->text('instrument');
            $table->uuid('strikes_id')->nullable();
            $table->foreign(['shop_id', 'strikes_id'])->references(['shop_id', 'id'])->on('readings');
        });
        Schema::create('record_events', function (Blueprint $table): void {
            $this->line($table);
            $table->text('kind');
            $table->jsonb('payload');
        });
        Schema::create('sealed_records', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('sensor_task_id');
            // The canonical bytes that the seal was taken over.
            $table->text('record');
            $table->char('hash', 64);
            $table->uuid('user_id');
            $table->timestampTz('sealed_at')->useCurrent();
            $table->primary(['shop_id', 'id']);
            $table->unique(['shop_id', 'sensor_task_id']);
            $table->index('hash');
            $table->foreign(['shop_id', 'sensor_task_id'])->references(['shop_id', 'id'])->on('sensor_tasks');
        });
        $database = DB::connection($this->getConnection());
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        $database->statement("grant usage on schema public to $role");
        $database->statement("grant select, insert, update, delete on all tables in schema public to $role");
        $database->statement("revoke update, delete, truncate on readings, record_events, sealed_records from $role");
        $database->statement("revoke insert, update, delete on migrations from $role");
    }

    private function line(Blueprint $table): void
    {
        $table->uuid('shop_id');
        $table->uuid('id');
        $table->uuid('sensor_task_id');
        // The line's number in its task's record; every write names the last one it saw.
        $table->integer('version');
        $table->uuid('user_id');
        $table->text('person');
        $table->timestampTz('recorded_at', 3)->useCurrent();
        $table->primary(['shop_id', 'id']);
        $table->unique(['shop_id', 'sensor_task_id', 'version']);
        $table->foreign(['shop_id', 'sensor_task_id'])->references(['shop_id', 'id'])->on('sensor_tasks');
        $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
    }
};
