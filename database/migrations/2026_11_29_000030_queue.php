<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Work that takes long: what waits for a worker, and what became of it. Nothing of it is part of a record. */
return new class extends Migration {
    public function up(): void
    {
        // As the framework's queue has it.
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->bigIncrements('id');
            $table->text('queue')->index();
            $table->text('payload');
            $table->unsignedSmallInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('chores', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('user_id');
            $table->text('kind');
            $table->text('state');
            // The request that a worker does in the place of the server; its body and its answer are files.
            $table->text('method');
            $table->text('address');
            $table->text('type');
            $table->text('request');
            $table->text('from')->nullable();
            $table->bigInteger('bytes');
            $table->smallInteger('attempts')->default(0);
            $table->text('worker')->nullable();
            $table->timestampTz('asked_at', 3);
            $table->timestampTz('began_at', 3)->nullable();
            $table->timestampTz('ended_at', 3)->nullable();
            $table->primary(['shop_id', 'id']);
            $table->index(['state', 'asked_at']);
            $table->index(['shop_id', 'kind', 'ended_at']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        $connection = DB::connection($this->getConnection());
        $connection->statement("grant select, insert, update, delete on jobs, chores to $role");
        $connection->statement("grant usage on sequence jobs_id_seq to $role");
    }
};
