<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Exercise\Answer::class => new F\Table(\Lumbro\Core\Exercise\Answer::class, [
                new F\Field('outcome', 'outcome', null, new F\Choice(words: \Lumbro\Core\Exercise\Outcome::class)),
                new F\Field('cause', 'cause', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class), optional: true),
                new F\Field('faults', 'faults', null, new F\ListOf(of: new F\Choice(words: \Lumbro\Core\Exercise\FaultKind::class), most: 20), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Exercise\Answer => new \Lumbro\Core\Exercise\Answer($kinds[0]->read($f['outcome']), F\Table::read($kinds[1], $f['cause'] ?? null, null), F\Table::read($kinds[2], $f['faults'] ?? null, []))),
            \Lumbro\Core\Exercise\PathLesson::class => new F\Table(\Lumbro\Core\Exercise\PathLesson::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('place', 'place', null, new F\Whole(least: 1, most: 99)),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('aim', 'aim', null, new F\Text(most: 400)),
                new F\Field('trains', 'trains', null, new F\ListOf(of: new F\Text(most: 60), most: 6)),
                new F\Field('minutes', 'minutes', null, new F\Whole(least: 1, most: 240)),
                new F\Field('help', 'help', null, new F\Choice(words: \Lumbro\Core\Exercise\Help::class)),
                new F\Field('car', 'car', null, new F\Part(of: \Lumbro\Core\Exercise\PracticeCar::class)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Exercise\PathLesson => new \Lumbro\Core\Exercise\PathLesson($kinds[0]->read($f['id']), $kinds[1]->read($f['place']), $kinds[2]->read($f['name']), $kinds[3]->read($f['aim']), $kinds[4]->read($f['trains']), $kinds[5]->read($f['minutes']), $kinds[6]->read($f['help']), $kinds[7]->read($f['car']))),
            \Lumbro\Core\Exercise\PracticeCar::class => new F\Table(\Lumbro\Core\Exercise\PracticeCar::class, [
                new F\Field('title', 'title', null, new F\Text(most: 80)),
                new F\Field('vehicle', 'vehicle', null, new F\Id()),
                new F\Field('card', 'card', null, new F\Id()),
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('bay', 'bay', null, new F\Text(most: 80)),
                new F\Field('operations', 'operations', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Operation::class), most: 20, none: 'waits.operations')),
                new F\Field('truth', 'truth', null, new F\Part(of: \Lumbro\Core\Practice\Scenario::class)),
                new F\Field('teaches', 'teaches', null, new F\Text(most: 300), optional: true, usual: ''),
                new F\Field('schools', 'schools', null, new F\ListOf(of: new F\Choice(words: ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares', 'wheel-lasers', 'reported-pose'], said: 'school'), most: 6), optional: true, usual: []),
                new F\Field('begins', 'begins', null, new F\Choice(words: ['intake', 'prepare', 'measure', 'run', 'close']), optional: true, usual: 'prepare'),
                new F\Field('order', 'order', null, new F\Part(of: \Lumbro\Core\Exercise\Order\OrderTruth::class), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Exercise\PracticeCar => new \Lumbro\Core\Exercise\PracticeCar($kinds[0]->read($f['title']), $kinds[1]->read($f['vehicle']), $kinds[2]->read($f['card']), $kinds[3]->read($f['sensor']), $kinds[4]->read($f['bay']), $kinds[5]->read($f['operations']), $kinds[6]->read($f['truth']), F\Table::read($kinds[7], $f['teaches'] ?? null, ''), F\Table::read($kinds[8], $f['schools'] ?? null, []), F\Table::read($kinds[9], $f['begins'] ?? null, 'prepare'), F\Table::read($kinds[10], $f['order'] ?? null, null))),
            \Lumbro\Core\Exercise\Wanted::class => new F\Table(\Lumbro\Core\Exercise\Wanted::class, [
                new F\Field('kind', 'kind', null, new F\Choice(words: \Lumbro\Core\Exercise\FaultKind::class)),
                new F\Field('size', 'size', null, new F\Number(least: -200.0, most: 200.0), optional: true),
                new F\Field('at', 'at', null, new F\Text(most: 80), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Exercise\Wanted => new \Lumbro\Core\Exercise\Wanted($kinds[0]->read($f['kind']), F\Table::read($kinds[1], $f['size'] ?? null, null), F\Table::read($kinds[2], $f['at'] ?? null, ''))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
