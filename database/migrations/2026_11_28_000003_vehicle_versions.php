<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Vehicle sheets grow: an order keeps the version it began with, and the register shows the newest. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('vehicle_sheets', static function (Blueprint $table): void {
            // All versions of one sheet share its family.
            $table->uuid('family')->nullable();
            $table->integer('version')->default(1);
            $table->boolean('newest')->default(true);
            // Who entered this version, and why it is one.
            $table->text('person')->default('');
            $table->text('reason')->default('');
            // The beginnings of vehicle numbers that the shop puts to this sheet; * stands for any sign.
            $table->jsonb('vins')->default('[]');
        });
        DB::connection($this->getConnection())->statement('update vehicle_sheets set family = id');
        Schema::table('vehicle_sheets', static function (Blueprint $table): void {
            $table->unique(['shop_id', 'family', 'version']);
            $table->index(['shop_id', 'newest', 'name', 'id']);
        });
    }
};
