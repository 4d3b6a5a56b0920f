<?php

declare(strict_types=1);

namespace Tests\Support;

/** Orders for benchmarks: copies of one of the demo, nothing read in them yet. */
final class BenchTasks
{
    /** @return list<string> their front radars' tasks */
    public static function of(\PDO $owner, int $orders): array
    {
        for ($i = 0; $i < $orders; $i++) {
            $owner->exec("with o as (
                    insert into repair_orders (shop_id, id, number, vehicle, plate, vehicle_sheet_id, bay_id)
                    select shop_id, gen_random_uuid(), 'B$i', vehicle, plate, vehicle_sheet_id, bay_id from repair_orders where number = '2471' returning shop_id, id
                ), e as (
                    insert into order_events (shop_id, id, repair_order_id, version, user_id, person, recorded_at, kind, payload)
                    select o.shop_id, gen_random_uuid(), o.id, e.version, e.user_id, e.person, e.recorded_at, e.kind, e.payload
                    from o, order_events e join repair_orders r on r.id = e.repair_order_id where r.number = '2471'
                )
                insert into sensor_tasks (shop_id, id, repair_order_id, sensor, procedure_card_id)
                select o.shop_id, gen_random_uuid(), o.id, t.sensor, t.procedure_card_id from o, sensor_tasks t join repair_orders r on r.id = t.repair_order_id where r.number = '2471'");
        }
        $found = $owner->query("select t.id from sensor_tasks t join repair_orders o on o.id = t.repair_order_id where o.number like 'B%' and t.sensor = 'front'") ?: throw new \RuntimeException('The benchmark has no orders.');

        return array_values(array_map(strval(...), $found->fetchAll(\PDO::FETCH_COLUMN)));
    }
}
