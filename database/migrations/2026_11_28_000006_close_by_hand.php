<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** From now on somebody closes an order; those that closed by themselves before stay closed. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('repair_orders', static function (Blueprint $table): void {
            $table->boolean('closes_itself')->default(false);
        });
        DB::connection($this->getConnection())->statement('update repair_orders set closes_itself = true where closed');
    }
};
