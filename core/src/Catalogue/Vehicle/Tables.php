<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Catalogue\Vehicle\CarSensor::class => new F\Table(\Lumbro\Core\Catalogue\Vehicle\CarSensor::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('name', 'name', null, new F\Text(most: 60)),
                new F\Field('kind', 'kind', null, new F\Choice(words: ['front', 'front-corner', 'rear', 'blind-spot'])),
                new F\Field('side', 'side', null, new F\Choice(words: ['middle', 'left', 'right'])),
                new F\Field('pair', 'pair', null, new F\Id(), optional: true),
                new F\Field('behind', 'behind', null, new F\Choice(words: ['front-cover', 'front-badge', 'grille', 'rear-cover', 'open'])),
                new F\Field('along', 'along', null, new F\Number(unit: 'mm', least: -20000.0, most: 20000.0)),
                new F\Field('across', 'across', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('height', 'height', null, new F\Number(unit: 'mm', least: 1.0, most: 5000.0)),
                new F\Field('facing', 'facing', null, new F\Number(unit: '°', least: -180.0, most: 180.0)),
                new F\Field('s', 's', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sAcross', 'sAcross', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
                new F\Field('sHeight', 'sHeight', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Vehicle\CarSensor => new \Lumbro\Core\Catalogue\Vehicle\CarSensor($kinds[0]->read($f['id']), $kinds[1]->read($f['name']), $kinds[2]->read($f['kind']), $kinds[3]->read($f['side']), F\Table::read($kinds[4], $f['pair'] ?? null, null), $kinds[5]->read($f['behind']), $kinds[6]->read($f['along']), $kinds[7]->read($f['across']), $kinds[8]->read($f['height']), $kinds[9]->read($f['facing']), $kinds[10]->read($f['s']), F\Table::read($kinds[11], $f['sAcross'] ?? null, null), F\Table::read($kinds[12], $f['sHeight'] ?? null, null))),
            \Lumbro\Core\Catalogue\Vehicle\FigureOrigin::class => new F\Table(\Lumbro\Core\Catalogue\Vehicle\FigureOrigin::class, [
                new F\Field('from', 'from', null, new F\Choice(words: ['measured', 'document', 'word', 'cars', 'unknown'])),
                new F\Field('said', 'said', null, new F\Text(most: 200), optional: true),
                new F\Field('cars', 'cars', null, new F\Whole(least: 1, most: 100000), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Vehicle\FigureOrigin => new \Lumbro\Core\Catalogue\Vehicle\FigureOrigin($kinds[0]->read($f['from']), F\Table::read($kinds[1], $f['said'] ?? null, null), F\Table::read($kinds[2], $f['cars'] ?? null, null))),
            \Lumbro\Core\Catalogue\Vehicle\VehicleSheet::class => new F\Table(\Lumbro\Core\Catalogue\Vehicle\VehicleSheet::class, [
                new F\Field('make', 'make', null, new F\Text(most: null)),
                new F\Field('model', 'model', null, new F\Text(most: null)),
                new F\Field('wheelbase', 'wheelbase', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('trackFront', 'trackFront', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('trackRear', 'trackRear', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('frontOverhang', 'frontOverhang', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('rearOverhang', 'rearOverhang', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('width', 'width', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('height', 'height', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('hubHeight', 'hubHeight', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('tyreDiameter', 'tyreDiameter', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('tyreWidth', 'tyreWidth', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('frontMark', 'frontMark', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('rearMark', 'rearMark', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sHub', 'sHub', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sMarkAlong', 'sMarkAlong', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sMarkAcross', 'sMarkAcross', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sSensor', 'sSensor', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sSensorHeight', 'sSensorHeight', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sensors', 'sensors', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Vehicle\CarSensor::class), most: 16, second: 'vehicle.second-sensor'), optional: true, usual: []),
                new F\Field('s', 's', null, new F\Members(of: new F\Number(unit: 'mm', least: 1.0E-9), names: ['wheelbase', 'trackFront', 'trackRear', 'frontOverhang', 'rearOverhang', 'width', 'height', 'frontMark', 'rearMark', 'frontMarkHeight', 'rearMarkHeight']), optional: true, usual: []),
                new F\Field('placard', 'placard', null, new F\Row(fields: ['front' => new F\Number(unit: 'bar', least: 1.0E-9), 'rear' => new F\Number(unit: 'bar', least: 1.0E-9)]), optional: true),
                new F\Field('rideHeight', 'rideHeight', null, new F\Row(fields: ['front' => new F\Number(unit: 'mm', least: 1.0E-9), 'rear' => new F\Number(unit: 'mm', least: 1.0E-9)]), optional: true),
                new F\Field('measured', 'measured', null, new F\ListOf(of: new F\Text(most: 80)), optional: true, usual: []),
                new F\Field('frontMarkHeight', 'frontMarkHeight', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
                new F\Field('rearMarkHeight', 'rearMarkHeight', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
                new F\Field('origins', 'origins', null, new F\Members(of: new F\Part(of: \Lumbro\Core\Catalogue\Vehicle\FigureOrigin::class)), optional: true, usual: []),
                new F\Field('years', 'years', null, new F\Text(most: 60), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Vehicle\VehicleSheet => new \Lumbro\Core\Catalogue\Vehicle\VehicleSheet($kinds[0]->read($f['make']), $kinds[1]->read($f['model']), $kinds[2]->read($f['wheelbase']), $kinds[3]->read($f['trackFront']), $kinds[4]->read($f['trackRear']), $kinds[5]->read($f['frontOverhang']), $kinds[6]->read($f['rearOverhang']), $kinds[7]->read($f['width']), $kinds[8]->read($f['height']), $kinds[9]->read($f['hubHeight']), $kinds[10]->read($f['tyreDiameter']), $kinds[11]->read($f['tyreWidth']), $kinds[12]->read($f['frontMark']), $kinds[13]->read($f['rearMark']), $kinds[14]->read($f['sHub']), $kinds[15]->read($f['sMarkAlong']), $kinds[16]->read($f['sMarkAcross']), $kinds[17]->read($f['sSensor']), $kinds[18]->read($f['sSensorHeight']), F\Table::read($kinds[19], $f['sensors'] ?? null, []), F\Table::read($kinds[20], $f['s'] ?? null, []), F\Table::read($kinds[21], $f['placard'] ?? null, null), F\Table::read($kinds[22], $f['rideHeight'] ?? null, null), F\Table::read($kinds[23], $f['measured'] ?? null, []), F\Table::read($kinds[24], $f['frontMarkHeight'] ?? null, null), F\Table::read($kinds[25], $f['rearMarkHeight'] ?? null, null), F\Table::read($kinds[26], $f['origins'] ?? null, []), F\Table::read($kinds[27], $f['years'] ?? null, null))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
