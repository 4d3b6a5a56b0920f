<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tracks of drives, as their files were: added to, never changed. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('tracks', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('repair_order_id');
            $table->uuid('user_id');
            $table->timestampTz('kept_at', 3);
            $table->text('track');
            $table->primary(['shop_id', 'id']);
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert on tracks to $role");
    }
};
