<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Practice: a shop's own simulated cars, to whom they are set, and every exercise with its answer and its reckoning. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('practice_cars', static function (Blueprint $table): void {
            self::keys($table);
            $table->text('title');
            $table->jsonb('document');
            $table->uuid('user_id');
            $table->text('person');
            $table->timestampTz('made_at', 3);
            $table->timestampTz('put_away_at', 3)->nullable();
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
        });
        Schema::create('practice_sets', static function (Blueprint $table): void {
            self::keys($table);
            $table->uuid('practice_car_id');
            $table->uuid('user_id');
            $table->text('help');
            $table->text('set_by');
            $table->timestampTz('set_at', 3);
            $table->foreign(['shop_id', 'practice_car_id'])->references(['shop_id', 'id'])->on('practice_cars');
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
        });
        Schema::create('practice_runs', static function (Blueprint $table): void {
            self::keys($table);
            $table->integer('number');
            $table->uuid('user_id');
            $table->text('person');
            // Where its car is from: "lesson", "car" or "drawn", and which.
            $table->text('source');
            $table->text('source_id');
            $table->text('title');
            $table->text('help');
            $table->jsonb('car');
            $table->uuid('practice_set_id')->nullable();
            $table->uuid('repair_order_id');
            $table->uuid('sensor_task_id');
            // How many lines stood in the task's record when the learner took over.
            $table->integer('begun_lines')->default(0);
            $table->integer('asked')->default(0);
            $table->timestampTz('began_at', 3);
            $table->timestampTz('ended_at', 3)->nullable();
            $table->jsonb('answer')->nullable();
            $table->jsonb('reckoning')->nullable();
            $table->jsonb('replay')->nullable();
            $table->integer('method')->nullable();
            $table->integer('result')->nullable();
            $table->unique(['shop_id', 'number']);
            $table->index(['shop_id', 'user_id', 'began_at']);
            $table->unique(['shop_id', 'sensor_task_id']);
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
            $table->foreign(['shop_id', 'repair_order_id'])->references(['shop_id', 'id'])->on('repair_orders');
            $table->foreign(['shop_id', 'sensor_task_id'])->references(['shop_id', 'id'])->on('sensor_tasks');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert, update on practice_cars, practice_sets, practice_runs to $role");
    }

    private static function keys(Blueprint $table): void
    {
        $table->uuid('shop_id');
        $table->uuid('id');
        $table->primary(['shop_id', 'id']);
    }
};
