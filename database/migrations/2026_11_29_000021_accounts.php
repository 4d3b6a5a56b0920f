<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What keeps an account its person's: a second factor, a PIN at a shared tablet, and a log that leads read. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            // A password that somebody else made up is good for one thing: to be changed.
            $table->boolean('must_change')->default(false);
            // The secret of the codes (RFC 6238), encrypted with the application's key; the last step whose code was taken.
            $table->text('second_secret')->nullable();
            $table->bigInteger('second_step')->default(0);
            // Hashes of the recovery codes that are left.
            $table->jsonb('recovery')->nullable();
            $table->text('pin')->nullable();
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->boolean('leads_need_second')->default(false);
        });
        Schema::create('shop_log', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id');
            $table->timestampTz('at', 3);
            $table->text('kind');
            $table->text('person');
            $table->text('about')->nullable();
            $table->text('address')->nullable();
            $table->primary(['shop_id', 'id']);
            $table->index(['shop_id', 'at', 'id']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert on shop_log to $role");
    }
};
