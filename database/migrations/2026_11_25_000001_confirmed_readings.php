<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a reading far outside what was expected was asked about, and confirmed. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('readings', static function (Blueprint $table): void {
            $table->boolean('confirmed')->default(false);
        });
    }
};
