<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Every sensor task is judged by the rules it was begun with: what was run before there were others was run by the first. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('sensor_tasks', static function (Blueprint $table): void {
            $table->string('rules', 40)->default('lumbro-rules/2');
        });
        DB::connection($this->getConnection())->statement(
            "update sensor_tasks t set rules = 'lumbro-rules/1' where exists (select 1 from record_events e where e.shop_id = t.shop_id and e.sensor_task_id = t.id and e.kind in ('run', 'asked', 'release'))",
        );
    }
};
