<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How a shop reads: language, unit of lengths, decimal mark, time zone, and the size of its paper. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->text('language')->default('en');
            $table->text('unit')->default('mm');
            $table->text('decimal_mark')->default('.');
            $table->text('zone')->default('UTC');
            $table->text('paper')->default('A4');
        });
        DB::statement("alter table shops add constraint shops_unit_known check (unit in ('mm', 'in')), add constraint shops_decimal_mark_known check (decimal_mark in ('.', ',')), add constraint shops_paper_known check (paper in ('A4', 'Letter'))");
    }
};
