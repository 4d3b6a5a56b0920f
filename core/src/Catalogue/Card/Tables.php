<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Catalogue\Card\CardAdjustment::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardAdjustment::class, [
                new F\Field('way', 'way', null, new F\Choice(words: ['screws', 'mirror spots', 'electronic', 'none'])),
                new F\Field('screws', 'screws', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Screws\Screw::class), most: 8), optional: true, usual: []),
                new F\Field('positions', 'positions', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Card\CardPosition::class), most: 20, second: 'card.second-position'), optional: true, usual: []),
                new F\Field('order', 'order', null, new F\ListOf(of: new F\Id(), most: 60), optional: true, usual: []),
                new F\Field('inclinometer', 'inclinometer', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\CardInclinometer::class), optional: true),
                new F\Field('zeroRange', 'zeroRange', null, new F\Number(unit: '°', least: 1.0E-6, most: 45.0), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardAdjustment => new \Lumbro\Core\Catalogue\Card\CardAdjustment($kinds[0]->read($f['way']), F\Table::read($kinds[1], $f['screws'] ?? null, []), F\Table::read($kinds[2], $f['positions'] ?? null, []), F\Table::read($kinds[3], $f['order'] ?? null, []), F\Table::read($kinds[4], $f['inclinometer'] ?? null, null), F\Table::read($kinds[5], $f['zeroRange'] ?? null, null))),
            \Lumbro\Core\Catalogue\Card\CardEcho::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardEcho::class, [
                new F\Field('expected', 'expected', null, new F\Number(unit: 'dB', least: -200.0, most: 200.0), lost: true),
                new F\Field('within', 'within', null, new F\Number(unit: 'dB', least: 1.0E-9, most: 200.0), optional: true, lost: true),
                new F\Field('frequency', 'frequency', null, new F\Number(unit: 'GHz', least: 1.0, most: 200.0), optional: true, lost: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardEcho => new \Lumbro\Core\Catalogue\Card\CardEcho($kinds[0]->read($f['expected']), F\Table::read($kinds[1], $f['within'] ?? null, null), F\Table::read($kinds[2], $f['frequency'] ?? null, null))),
            \Lumbro\Core\Catalogue\Card\CardFit::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardFit::class, [
                new F\Field('make', 'make', null, new F\Text(most: 60), lost: true, form: ['card']),
                new F\Field('model', 'model', null, new F\Text(most: 60), lost: true, form: ['card']),
                new F\Field('sensors', 'sensors', null, new F\ListOf(of: new F\Id(), most: 4, none: 'card.no-sensor')),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardFit => new \Lumbro\Core\Catalogue\Card\CardFit($kinds[0]->read($f['make']), $kinds[1]->read($f['model']), $kinds[2]->read($f['sensors']))),
            \Lumbro\Core\Catalogue\Card\CardInclinometer::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardInclinometer::class, [
                new F\Field('where', 'where', null, new F\Text(most: 200)),
                new F\Field('expected', 'expected', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('within', 'within', null, new F\Number(unit: '°', least: 1.0E-6, most: 45.0), optional: true, lost: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardInclinometer => new \Lumbro\Core\Catalogue\Card\CardInclinometer($kinds[0]->read($f['where']), $kinds[1]->read($f['expected']), F\Table::read($kinds[2], $f['within'] ?? null, null))),
            \Lumbro\Core\Catalogue\Card\CardNeed::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardNeed::class, [
                new F\Field('kind', 'kind', null, new F\Choice(words: ['target', 'stand', 'tape', 'rule', 'staff', 'laser', 'level', 'inclinometer', 'film-gauge', 'charger', 'scan-tool'])),
                new F\Field('name', 'name', null, new F\Text(most: 120), optional: true),
                new F\Field('why', 'why', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardNeed => new \Lumbro\Core\Catalogue\Card\CardNeed($kinds[0]->read($f['kind']), F\Table::read($kinds[1], $f['name'] ?? null, null), $kinds[2]->read($f['why']))),
            \Lumbro\Core\Catalogue\Card\CardPage::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardPage::class, [
                new F\Field('hash', 'hash', null, new F\Text(most: 64), form: [null]),
                new F\Field('name', 'name', null, new F\Text(most: 200), form: [null]),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardPage => new \Lumbro\Core\Catalogue\Card\CardPage($kinds[0]->read($f['hash']), $kinds[1]->read($f['name']))),
            \Lumbro\Core\Catalogue\Card\CardPolarSpot::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardPolarSpot::class, [
                new F\Field('range', 'range', null, new F\Number(unit: 'mm', least: 100.0, most: 50000.0)),
                new F\Field('bearing', 'bearing', null, new F\Number(unit: '°', least: -180.0, most: 180.0)),
                new F\Field('height', 'height', null, new F\Number(unit: 'mm', least: 1.0, most: 5000.0)),
                new F\Field('heightDatum', 'heightDatum', null, new F\Text(most: 40)),
                new F\Field('toleranceRange', 'range', 'tolerance', new F\Number(unit: 'mm', least: 1.0E-6, most: 5000.0), optional: true, lost: true),
                new F\Field('toleranceBearing', 'bearing', 'tolerance', new F\Number(unit: '°', least: 1.0E-6, most: 45.0), optional: true, lost: true),
                new F\Field('toleranceHeight', 'height', 'tolerance', new F\Number(unit: 'mm', least: 1.0E-6, most: 5000.0), optional: true, lost: true),
                new F\Field('datum', 'datum', null, new F\Choice(words: ['front-mark', 'rear-mark', 'sensor-face', 'front-bumper', 'rear-bumper', 'front-hub', 'rear-hub']), optional: true, usual: 'sensor-face'),
                new F\Field('level', 'heightFrom', null, new F\Either(true: 'sensor', false: 'floor'), optional: true, usual: false),
                new F\Field('tilt', 'tilt', null, new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
            ], required: ['tolerance' => true], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardPolarSpot => new \Lumbro\Core\Catalogue\Card\CardPolarSpot($kinds[0]->read($f['range']), $kinds[1]->read($f['bearing']), $kinds[2]->read($f['height']), $kinds[3]->read($f['heightDatum']), F\Table::read($kinds[4], $in['tolerance']['range'] ?? null, null), F\Table::read($kinds[5], $in['tolerance']['bearing'] ?? null, null), F\Table::read($kinds[6], $in['tolerance']['height'] ?? null, null), F\Table::read($kinds[7], $f['datum'] ?? null, 'sensor-face'), F\Table::read($kinds[8], $f['heightFrom'] ?? null, false), F\Table::read($kinds[9], $f['tilt'] ?? null, 0.0))),
            \Lumbro\Core\Catalogue\Card\CardPosition::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardPosition::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('words', 'words', null, new F\Text()),
                new F\Field('pitch', 'pitch', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('yaw', 'yaw', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardPosition => new \Lumbro\Core\Catalogue\Card\CardPosition($kinds[0]->read($f['id']), $kinds[1]->read($f['words']), $kinds[2]->read($f['pitch']), $kinds[3]->read($f['yaw']))),
            \Lumbro\Core\Catalogue\Card\CardSensor::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardSensor::class, [
                new F\Field('name', 'name', null, new F\Text(most: 60)),
                new F\Field('along', 'along', null, new F\Number(unit: 'mm', least: -20000.0, most: 20000.0)),
                new F\Field('across', 'across', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('height', 'height', null, new F\Number(unit: 'mm', least: 1.0, most: 5000.0)),
                new F\Field('limitAzimuth', 'azimuth', 'limits', new F\Number(unit: '°', least: 1.0E-6, most: 45.0), optional: true, lost: true),
                new F\Field('limitElevation', 'elevation', 'limits', new F\Number(unit: '°', least: 1.0E-6, most: 45.0), optional: true, lost: true),
                new F\Field('reportsTargetAngle', 'reported', null, new F\Either(true: 'targetAngle', false: 'misalignment')),
                new F\Field('s', 's', null, new F\Number(unit: '°', least: 1.0E-6, most: 10.0)),
                new F\Field('placementFree', 'placementFree', null, new F\ListOf(of: new F\Choice(words: ['azimuth', 'elevation'])), optional: true, usual: []),
                new F\Field('runsUncovered', 'runsUncovered', null, new F\Flag(), optional: true, usual: false),
            ], required: ['limits' => true], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardSensor => new \Lumbro\Core\Catalogue\Card\CardSensor($kinds[0]->read($f['name']), $kinds[1]->read($f['along']), $kinds[2]->read($f['across']), $kinds[3]->read($f['height']), F\Table::read($kinds[4], $in['limits']['azimuth'] ?? null, null), F\Table::read($kinds[5], $in['limits']['elevation'] ?? null, null), $kinds[6]->read($f['reported']), $kinds[7]->read($f['s']), F\Table::read($kinds[8], $f['placementFree'] ?? null, []), F\Table::read($kinds[9], $f['runsUncovered'] ?? null, false))),
            \Lumbro\Core\Catalogue\Card\CardSpot::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardSpot::class, [
                new F\Field('along', 'along', null, new F\Number(unit: 'mm', least: -50000.0, most: 50000.0)),
                new F\Field('across', 'across', null, new F\Number(unit: 'mm', least: -20000.0, most: 20000.0)),
                new F\Field('yaw', 'yaw', null, new F\Number(unit: '°', least: -360.0, most: 360.0)),
                new F\Field('height', 'height', null, new F\Number(unit: 'mm', least: 1.0, most: 5000.0)),
                new F\Field('heightDatum', 'heightDatum', null, new F\Text(most: 40)),
                new F\Field('toleranceAlong', 'along', 'tolerance', new F\Number(unit: 'mm', least: 1.0E-6, most: 5000.0), optional: true, lost: true),
                new F\Field('toleranceAcross', 'across', 'tolerance', new F\Number(unit: 'mm', least: 1.0E-6, most: 5000.0), optional: true, lost: true),
                new F\Field('toleranceYaw', 'yaw', 'tolerance', new F\Number(unit: '°', least: 1.0E-6, most: 45.0), optional: true, lost: true),
                new F\Field('toleranceHeight', 'height', 'tolerance', new F\Number(unit: 'mm', least: 1.0E-6, most: 5000.0), optional: true, lost: true),
                new F\Field('datum', 'datum', null, new F\Choice(words: ['front-mark', 'rear-mark', 'sensor-face', 'front-bumper', 'rear-bumper', 'front-hub', 'rear-hub']), optional: true, usual: 'front-mark'),
                new F\Field('level', 'heightFrom', null, new F\Either(true: 'sensor', false: 'floor'), optional: true, usual: false),
                new F\Field('tilt', 'tilt', null, new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
            ], required: ['tolerance' => true], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardSpot => new \Lumbro\Core\Catalogue\Card\CardSpot($kinds[0]->read($f['along']), $kinds[1]->read($f['across']), $kinds[2]->read($f['yaw']), $kinds[3]->read($f['height']), $kinds[4]->read($f['heightDatum']), F\Table::read($kinds[5], $in['tolerance']['along'] ?? null, null), F\Table::read($kinds[6], $in['tolerance']['across'] ?? null, null), F\Table::read($kinds[7], $in['tolerance']['yaw'] ?? null, null), F\Table::read($kinds[8], $in['tolerance']['height'] ?? null, null), F\Table::read($kinds[9], $f['datum'] ?? null, 'front-mark'), F\Table::read($kinds[10], $f['heightFrom'] ?? null, false), F\Table::read($kinds[11], $f['tilt'] ?? null, 0.0))),
            \Lumbro\Core\Catalogue\Card\CardStep::class => new F\Table(\Lumbro\Core\Catalogue\Card\CardStep::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('text', 'text', null, new F\Text()),
                new F\Field('after', 'after', null, new F\ListOf(of: new F\Id(), most: 200), optional: true, usual: []),
                new F\Field('seconds', 'seconds', null, new F\Number(unit: 's', least: 0.0, most: 86400.0), optional: true),
                new F\Field('does', 'does', null, new F\Choice(words: ['identify', 'unlock', 'voltage', 'codes', 'lot-code', 'empty-zone', 'start', 'read'], said: 'tool'), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\CardStep => new \Lumbro\Core\Catalogue\Card\CardStep($kinds[0]->read($f['id']), $kinds[1]->read($f['text']), F\Table::read($kinds[2], $f['after'] ?? null, []), F\Table::read($kinds[3], $f['seconds'] ?? null, null), F\Table::read($kinds[4], $f['does'] ?? null, null))),
            \Lumbro\Core\Catalogue\Card\OtherValue::class => new F\Table(\Lumbro\Core\Catalogue\Card\OtherValue::class, [
                new F\Field('value', 'value', null, new \Lumbro\Core\Catalogue\Card\NumberOrText()),
                new F\Field('from', 'from', null, new F\Inline(of: \Lumbro\Core\Catalogue\Card\Provenance::class)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\OtherValue => new \Lumbro\Core\Catalogue\Card\OtherValue($kinds[0]->read($f['value']), F\Table::of(\Lumbro\Core\Catalogue\Card\Provenance::class)->make($f, $node))),
            \Lumbro\Core\Catalogue\Card\PageSpot::class => new F\Table(\Lumbro\Core\Catalogue\Card\PageSpot::class, [
                new F\Field('page', 'page', null, new F\Whole(least: 1, most: 200)),
                new F\Field('x', 'x', null, new F\Number(least: 0.0, most: 1.0)),
                new F\Field('y', 'y', null, new F\Number(least: 0.0, most: 1.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\PageSpot => new \Lumbro\Core\Catalogue\Card\PageSpot($kinds[0]->read($f['page']), $kinds[1]->read($f['x']), $kinds[2]->read($f['y']))),
            \Lumbro\Core\Catalogue\Card\PreparationItem::class => new F\Table(\Lumbro\Core\Catalogue\Card\PreparationItem::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('question', 'question', null, new F\Text()),
                new F\Field('blocks', 'unmet', null, new F\Either(true: 'blocks', false: 'warns')),
                new F\Field('why', 'why', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\PreparationItem => new \Lumbro\Core\Catalogue\Card\PreparationItem($kinds[0]->read($f['id']), $kinds[1]->read($f['question']), $kinds[2]->read($f['unmet']), $kinds[3]->read($f['why']))),
            \Lumbro\Core\Catalogue\Card\ProcedureCard::class => new F\Table(\Lumbro\Core\Catalogue\Card\ProcedureCard::class, [
                new F\Field('id', 'id', null, new F\Id(), form: [null]),
                new F\Field('title', 'title', null, new F\Text(most: 160)),
                new F\Field('edition', 'edition', null, new F\Text(most: 40)),
                new F\Field('dated', 'dated', null, new F\Day()),
                new F\Field('source', 'source', null, new F\Text(most: 200)),
                new F\Field('enteredBy', 'enteredBy', null, new F\Text(most: 80), form: [null]),
                new F\Field('checkedBy', 'checkedBy', null, new F\Text(most: 80), optional: true, form: [null]),
                new F\Field('sensor', 'sensor', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\CardSensor::class)),
                new F\Field('targetName', 'name', 'target', new F\Text(most: 120)),
                new F\Field('target', 'heights', 'target', new F\Wrapped(in: \Lumbro\Core\Measure\TargetDrawing::class, property: 'heights', of: new F\Members(of: new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)))),
                new F\Field('spot', 'spot', null, new F\Variant(field: 'range', with: \Lumbro\Core\Catalogue\Card\CardPolarSpot::class, without: \Lumbro\Core\Catalogue\Card\CardSpot::class)),
                new F\Field('rules', 'rules', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedRule::class), most: 200, later: \Lumbro\Core\Catalogue\ShopRules\OwedRules::class)),
                new F\Field('preparation', 'preparation', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Card\PreparationItem::class), most: 200, second: 'card.second-question')),
                new F\Field('zone', 'zone', null, new F\Corners(least: 0)),
                new F\Field('cautions', 'cautions', null, new F\ListOf(of: new F\Text(), most: 200)),
                new F\Field('echo', 'echo', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\CardEcho::class), optional: true),
                new F\Field('thresholds', 'thresholds', null, new F\Part(of: \Lumbro\Core\Decision\Thresholds::class), optional: true, usual: new \Lumbro\Core\Decision\Thresholds(), form: [null]),
                new F\Field('fit', 'fits', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\CardFit::class), optional: true),
                new F\Field('schools', 'schools', null, new F\ListOf(of: new F\Choice(words: ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares', 'wheel-lasers', 'reported-pose'], said: 'school')), optional: true, usual: []),
                new F\Field('reference', 'reference', null, new F\Choice(words: ['body-axis', 'body-centreline', 'thrust-line', 'axles'], said: 'reference'), optional: true, lost: true, form: ['line']),
                new F\Field('capture', 'capture', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\CaptureItem::class), most: 200), optional: true, usual: []),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\CodeRule::class), most: 200), optional: true, usual: []),
                new F\Field('kit', 'kit', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Card\CardNeed::class), most: 200), optional: true, usual: []),
                new F\Field('steps', 'steps', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Card\CardStep::class), most: 200, second: 'card.second-step'), optional: true, usual: []),
                new F\Field('provenance', 'values', null, new F\Members(of: new F\Part(of: \Lumbro\Core\Catalogue\Card\Provenance::class)), optional: true, usual: [], form: [null]),
                new F\Field('others', 'others', null, new F\Members(of: new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Card\OtherValue::class), most: 10)), optional: true, usual: [], form: [null]),
                new F\Field('adjustment', 'adjustment', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\CardAdjustment::class), optional: true),
                new F\Field('isPlate', 'kind', 'target', new F\Either(true: 'plate', false: 'reflector'), optional: true, usual: false),
                new F\Field('drive', 'drive', null, new F\Part(of: \Lumbro\Core\Drive\DriveRule::class), optional: true),
                new F\Field('page', 'page', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\CardPage::class), optional: true, form: [null]),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\ProcedureCard => new \Lumbro\Core\Catalogue\Card\ProcedureCard($kinds[0]->read($f['id']), $kinds[1]->read($f['title']), $kinds[2]->read($f['edition']), $kinds[3]->read($f['dated']), $kinds[4]->read($f['source']), $kinds[5]->read($f['enteredBy']), F\Table::read($kinds[6], $f['checkedBy'] ?? null, null), $kinds[7]->read($f['sensor']), $kinds[8]->read($in['target']['name']), $kinds[9]->read($in['target']['heights']), $kinds[10]->read($f['spot']), $kinds[11]->read($f['rules']), $kinds[12]->read($f['preparation']), $kinds[13]->read($f['zone']), $kinds[14]->read($f['cautions']), F\Table::read($kinds[15], $f['echo'] ?? null, null), F\Table::read($kinds[16], $f['thresholds'] ?? null, new \Lumbro\Core\Decision\Thresholds()), F\Table::read($kinds[17], $f['fits'] ?? null, null), F\Table::read($kinds[18], $f['schools'] ?? null, []), F\Table::read($kinds[19], $f['reference'] ?? null, null), F\Table::read($kinds[20], $f['capture'] ?? null, []), F\Table::read($kinds[21], $f['codes'] ?? null, []), F\Table::read($kinds[22], $f['kit'] ?? null, []), F\Table::read($kinds[23], $f['steps'] ?? null, []), F\Table::read($kinds[24], $f['values'] ?? null, []), F\Table::read($kinds[25], $f['others'] ?? null, []), F\Table::read($kinds[26], $f['adjustment'] ?? null, null), F\Table::read($kinds[27], $in['target']['kind'] ?? null, false), F\Table::read($kinds[28], $f['drive'] ?? null, null), F\Table::read($kinds[29], $f['page'] ?? null, null))),
            \Lumbro\Core\Catalogue\Card\Provenance::class => new F\Table(\Lumbro\Core\Catalogue\Card\Provenance::class, [
                new F\Field('source', 'source', null, new F\Text(most: 200), optional: true),
                new F\Field('edition', 'edition', null, new F\Text(most: 40), optional: true),
                new F\Field('dated', 'dated', null, new F\Day(), optional: true),
                new F\Field('enteredBy', 'enteredBy', null, new F\Text(most: 80)),
                new F\Field('checkedBy', 'checkedBy', null, new F\Text(most: 80), optional: true),
                new F\Field('at', 'at', null, new F\Part(of: \Lumbro\Core\Catalogue\Card\PageSpot::class), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Card\Provenance => new \Lumbro\Core\Catalogue\Card\Provenance(F\Table::read($kinds[0], $f['source'] ?? null, null), F\Table::read($kinds[1], $f['edition'] ?? null, null), F\Table::read($kinds[2], $f['dated'] ?? null, null), $kinds[3]->read($f['enteredBy']), F\Table::read($kinds[4], $f['checkedBy'] ?? null, null), F\Table::read($kinds[5], $f['at'] ?? null, null))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
