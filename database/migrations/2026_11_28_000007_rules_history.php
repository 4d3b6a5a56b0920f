<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Every version of a shop's rules is kept: who made it, when, and why. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('shop_rule_versions', static function (Blueprint $table): void {
            $table->uuid('shop_id');
            $table->integer('version');
            $table->text('person');
            $table->timestampTz('made_at', 3);
            $table->text('reason')->default('');
            $table->json('document');
            $table->primary(['shop_id', 'version']);
            $table->foreign('shop_id')->references('id')->on('shops')->cascadeOnDelete();
        });
        $role = '"' . str_replace('"', '""', (string) config('database.connections.app.username')) . '"';
        DB::connection($this->getConnection())->statement("grant select, insert on shop_rule_versions to $role");
        DB::connection($this->getConnection())->statement("insert into shop_rule_versions (shop_id, version, person, made_at, reason, document) select shop_id, version, '', now(), '', document from shop_rules");
    }
};
