<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The makers' pages that cards are typed from, by the hash that a card carries; their pictures lie with the photos. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('card_pages', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->char('hash', 64);
            $table->text('name');
            $table->jsonb('pages');
            $table->uuid('user_id');
            $table->timestampTz('created_at')->useCurrent();
            $table->primary(['shop_id', 'hash']);
            $table->foreign(['shop_id', 'user_id'])->references(['shop_id', 'id'])->on('users');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert, delete on card_pages to $role");
    }
};
