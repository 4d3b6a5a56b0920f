<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the readings of sealed set-ups left over, and what all of them together teach of each instrument. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('residuals', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('sealed_record_id');
            $table->smallInteger('position');
            // Simulated cars teach only what simulated cars are measured with.
            $table->boolean('simulated');
            $table->text('kind');
            $table->text('instrument');
            $table->text('person');
            $table->boolean('again');
            $table->double('residual');
            $table->double('s');
            $table->double('redundancy');
            $table->primary(['shop_id', 'sealed_record_id', 'position']);
            $table->index(['shop_id', 'instrument']);
            $table->foreign(['shop_id', 'sealed_record_id'])->references(['shop_id', 'id'])->on('sealed_records');
        });
        Schema::create('instrument_errors', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('sealed_record_id');
            $table->boolean('simulated');
            $table->text('instrument');
            $table->text('error');
            $table->double('value');
            $table->double('s');
            $table->primary(['shop_id', 'sealed_record_id', 'instrument', 'error']);
            $table->foreign(['shop_id', 'sealed_record_id'])->references(['shop_id', 'id'])->on('sealed_records');
        });
        // The sum of both, made when a record is sealed: an order must not add up all that ever was sealed.
        Schema::create('lessons', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->boolean('simulated');
            $table->text('instrument');
            $table->jsonb('document');
            $table->primary(['shop_id', 'simulated', 'instrument']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        // An order counts by what was taught when it was opened: what is sealed meanwhile must not change it under somebody's hands.
        Schema::table('repair_orders', static fn(Blueprint $table) => $table->jsonb('lessons')->default('{"real": [], "simulated": []}'));
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        $database = DB::connection($this->getConnection());
        $database->statement("grant select, insert on residuals, instrument_errors to $role");
        $database->statement("grant select, insert, update, delete on lessons to $role");
    }
};
