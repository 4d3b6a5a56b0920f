<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Exercises at an order: where the learner has looked. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('practice_runs', static function (Blueprint $table): void {
            $table->jsonb('looked')->default('[]');
        });
    }
};
