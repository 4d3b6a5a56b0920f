<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('shops', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->text('name');
            $table->timestampTz('created_at')->useCurrent();
        });
        Schema::create('users', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->uuid('id')->unique();
            $table->text('name');
            $table->text('email')->unique();
            $table->text('role');
            $table->text('password');
            $table->text('remember_token')->nullable();
            $table->timestampTz('created_at')->useCurrent();
            $table->primary(['shop_id', 'id']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->uuid('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->text('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->text('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }
};
