<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Phones in the hand beside a task's screen, and who is at which reading. Nothing of it is part of a record. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('pads', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('user_id');
            $table->uuid('sensor_task_id');
            // SHA-256 of what the QR code says: whoever reads the database cannot pair with it.
            $table->text('token')->unique();
            $table->timestampTz('made_at', 3);
            $table->timestampTz('paired_at', 3)->nullable();
            $table->primary(['shop_id', 'id']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        Schema::create('held_calls', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('sensor_task_id');
            $table->text('call');
            // The session that holds it, under a name that nobody can use.
            $table->text('device');
            $table->text('person');
            $table->timestampTz('taken_at', 3);
            $table->timestampTz('held_at', 3);
            $table->primary(['shop_id', 'sensor_task_id', 'call']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert, update, delete on pads, held_calls to $role");
    }
};
