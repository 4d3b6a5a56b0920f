<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The shops' seal books: what the signing service has signed. Entries are only ever added. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('book_entries', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->integer('number');
            $table->char('hash', 64);
            // The entry and its signature, as they were signed.
            $table->text('document');
            $table->timestampTz('kept_at')->useCurrent();
            $table->primary(['shop_id', 'number']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        Schema::create('book_seals', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->char('seal', 64);
            $table->integer('number');
            $table->primary(['shop_id', 'seal']);
            $table->foreign(['shop_id', 'number'])->references(['shop_id', 'number'])->on('book_entries');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert on book_entries, book_seals to $role");
    }
};
