<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A sealed view shows the order as it was sealed: by the version of its journal, which no clock can move. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('sealed_records', static function (Blueprint $table): void {
            $table->integer('order_version')->default(0);
        });
        DB::connection($this->getConnection())->statement(
            'update sealed_records s set order_version = coalesce((select max(e.version) from order_events e join sensor_tasks t on t.shop_id = e.shop_id and t.repair_order_id = e.repair_order_id'
            . ' where t.shop_id = s.shop_id and t.id = s.sensor_task_id and e.recorded_at <= s.sealed_at), 0)',
        );
    }
};
