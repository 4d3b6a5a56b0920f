<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Session logs of scan tools, as they were loaded, and the way from a card to the tasks that were done by it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('tool_logs', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('sensor_task_id');
            $table->uuid('user_id');
            $table->timestampTz('loaded_at', 3);
            $table->text('log');
            $table->primary(['shop_id', 'id']);
            $table->index(['shop_id', 'sensor_task_id', 'id']);
            $table->foreign(['shop_id', 'sensor_task_id'])->references(['shop_id', 'id'])->on('sensor_tasks');
        });
        Schema::table('sensor_tasks', static function (Blueprint $table): void {
            $table->index(['shop_id', 'procedure_card_id']);
        });
        // Added to, never changed, as every record.
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert on tool_logs to $role");
    }
};
