<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Readings that are angles, and the uncertainty that is stated with a reading. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('readings', static function (Blueprint $table): void {
            $table->double('millimetres')->nullable()->change();
            $table->double('degrees')->nullable();
            // Standard, in the reading's own unit.
            $table->double('uncertainty')->nullable();
        });
        DB::connection($this->getConnection())->statement('alter table readings add constraint one_value check ((millimetres is null) <> (degrees is null))');
    }
};
