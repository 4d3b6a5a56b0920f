<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A task that was not begun goes by the rules of now; one that has begun keeps those it was begun with. */
return new class extends Migration {
    public function up(): void
    {
        DB::connection($this->getConnection())->statement("alter table sensor_tasks alter column rules set default 'lumbro-rules/3'");
        DB::connection($this->getConnection())->statement(<<<'SQL'
            update sensor_tasks t set rules = 'lumbro-rules/3' where rules = 'lumbro-rules/2' and t.sealed_record_id is null and not exists (
                select 1 from record_events e where e.shop_id = t.shop_id and e.sensor_task_id = t.id)
            and not exists (select 1 from readings r where r.shop_id = t.shop_id and r.sensor_task_id = t.id)
            SQL);
    }
};
