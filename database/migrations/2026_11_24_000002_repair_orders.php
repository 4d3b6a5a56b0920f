<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (['vehicle_sheets', 'procedure_cards', 'kits', 'bays'] as $register) {
            Schema::create($register, static function (Blueprint $table): void {
                $table->uuid('shop_id');
                $table->uuid('id');
                $table->text('name');
                $table->jsonb('document');
                $table->timestampTz('created_at')->useCurrent();
                $table->primary(['shop_id', 'id']);
                $table->foreign('shop_id')->references('id')->on('shops');
            });
        }
        Schema::create('repair_orders', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->text('number');
            $table->text('vehicle');
            $table->text('plate');
            $table->jsonb('operations');
            $table->uuid('vehicle_sheet_id');
            $table->uuid('bay_id');
            $table->uuid('kit_id');
            $table->timestampTz('created_at')->useCurrent();
            $table->primary(['shop_id', 'id']);
            $table->unique(['shop_id', 'number']);
            $table->foreign(['shop_id', 'vehicle_sheet_id'])->references(['shop_id', 'id'])->on('vehicle_sheets');
            $table->foreign(['shop_id', 'bay_id'])->references(['shop_id', 'id'])->on('bays');
            $table->foreign(['shop_id', 'kit_id'])->references(['shop_id', 'id'])->on('kits');
        });
        Schema::create('sensor_tasks', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->uuid('repair_order_id');
            $table->uuid('procedure_card_id');
            // The hidden truth of a simulated car; null where a real one stands in the bay.
            $table->jsonb('scenario')->nullable();
            $table->primary(['shop_id', 'id']);
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
            $table->foreign(['shop_id', 'procedure_card_id'])->references(['shop_id', 'id'])->on('procedure_cards');
        });
        DB::connection($this->getConnection())->statement('create index sensor_tasks_by_order on sensor_tasks (shop_id, repair_order_id)');
    }
};
