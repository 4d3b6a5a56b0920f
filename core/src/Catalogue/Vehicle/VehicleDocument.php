<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of a vehicle sheet. Lengths and standard uncertainties in mm. */
final class VehicleDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "vehicle") */
    public static function read(Node $node): VehicleSheet
    {
        $f = $node->fields(['make', 'model', ...VehicleSheet::LENGTHS], ['sensors', 's', 'placard', 'rideHeight', 'measured']);
        $lengths = [];
        foreach (VehicleSheet::LENGTHS as $name) {
            $lengths[$name] = $f[$name]->positive();
        }
        $s = [];
        if (isset($f['s'])) {
            foreach ($f['s']->fields([], VehicleSheet::MEASURABLE) as $name => $value) {
                $s[(string) $name] = $value->positive();
            }
        }

        return new VehicleSheet(
            $f['make']->text(),
            $f['model']->text(),
            ...$lengths,
            sensors: isset($f['sensors']) ? self::sensors($f['sensors']) : [],
            s: $s,
            placard: isset($f['placard']) ? self::axles($f['placard']) : null,
            rideHeight: isset($f['rideHeight']) ? self::axles($f['rideHeight']) : null,
            measured: isset($f['measured']) ? array_map(static fn(Node $figure): string => $figure->line(80), $f['measured']->items()) : [],
        );
    }

    /** @return array<string, mixed> */
    public static function write(VehicleSheet $sheet): array
    {
        $all = get_object_vars($sheet);
        $written = array_intersect_key($all, array_flip(['make', 'model', ...VehicleSheet::LENGTHS]));
        $written['sensors'] = array_map(
            static fn(CarSensor $sensor): array => array_filter(get_object_vars($sensor), static fn(mixed $value): bool => $value !== null),
            $sheet->sensors,
        );
        foreach (['s', 'placard', 'rideHeight', 'measured'] as $name) {
            if ($all[$name] !== null && $all[$name] !== []) {
                $written[$name] = $all[$name];
            }
        }

        return $written;
    }

    /** @return list<CarSensor> */
    private static function sensors(Node $node): array
    {
        $sensors = [];
        foreach ($node->fewItems(16) as $item) {
            $f = $item->fields(['id', 'name', 'kind', 'side', 'behind', 'along', 'across', 'height', 'facing', 's'], ['pair']);
            $id = $f['id']->id();
            if (isset($sensors[$id])) {
                throw InvalidInput::because($f['id']->path(), 'vehicle.second-sensor', ['id' => $id]);
            }
            $sensors[$id] = new CarSensor(
                $id,
                $f['name']->line(60),
                $f['kind']->oneOf(CarSensor::KINDS),
                $f['side']->oneOf(CarSensor::SIDES),
                isset($f['pair']) ? $f['pair']->id() : null,
                $f['behind']->oneOf(CarSensor::BEHIND),
                $f['along']->between(-20_000, 20_000),
                $f['across']->between(-5_000, 5_000),
                $f['height']->between(1, 5_000),
                $f['facing']->between(-180, 180),
                $f['s']->positive(),
            );
            if (($sensors[$id]->side === 'left' && $sensors[$id]->across < 0) || ($sensors[$id]->side === 'right' && $sensors[$id]->across > 0)) {
                throw InvalidInput::because($f['across']->path(), 'vehicle.other-side', ['side' => $sensors[$id]->side]);
            }
        }
        foreach ($node->items() as $i => $item) {
            $pair = $item->member('pair');
            $other = $pair === null ? null : $sensors[$pair->text()] ?? null;
            if ($pair !== null && ($other === null || $other->pair !== array_keys($sensors)[$i])) {
                throw InvalidInput::because($pair->path(), 'vehicle.pair');
            }
        }

        return array_values($sensors);
    }

    /** @return array{front: float, rear: float} */
    private static function axles(Node $node): array
    {
        $f = $node->fields(['front', 'rear']);

        return ['front' => $f['front']->positive(), 'rear' => $f['rear']->positive()];
    }
}
