<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Bays are changed by more than one person: a write names the version it saw. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('bays', static function (Blueprint $table): void {
            $table->integer('version')->default(1);
            $table->unique(['shop_id', 'name']);
        });
    }
};
