<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

use Lumbro\Core\Measure\Node;

/** A day and its plan as they are kept between two plannings. */
final class DayDocument
{
    /** @return array<string, mixed> */
    public static function write(Day $day): array
    {
        return [
            'now' => $day->now,
            'closes' => $day->closes,
            'people' => array_map(static fn(Person $one): array => ['id' => $one->id, 'hours' => $one->hours, 'rights' => $one->rights], $day->people),
            'places' => array_map(static fn(Place $one): array => ['id' => $one->id, 'shares' => $one->shares], $day->places),
            'kit' => array_map(static fn(KitUnit $one): array => ['id' => $one->id, 'kind' => $one->kind, 'at' => $one->at, 'also' => $one->also], $day->kit),
            'cars' => array_map(static fn(Car $one): array => ['id' => $one->id, 'ready' => $one->ready, 'promised' => $one->promised, 'stances' => (object) $one->stances, 'parts' => array_map(self::part(...), $one->parts)], $day->cars),
        ];
    }

    /** As it was written. */
    public static function read(Node $node): Day
    {
        $f = $node->fields(['now', 'closes', 'people', 'places', 'kit', 'cars']);

        return new Day(
            self::whole($f['now']),
            self::whole($f['closes']),
            array_map(static function (Node $one): Person {
                $p = $one->fields(['id', 'hours', 'rights']);

                return new Person($p['id']->text(), self::spans($p['hours']), self::texts($p['rights']));
            }, $f['people']->items()),
            array_map(static function (Node $one): Place {
                $p = $one->fields(['id', 'shares']);

                return new Place($p['id']->text(), self::texts($p['shares']));
            }, $f['places']->items()),
            array_map(static function (Node $one): KitUnit {
                $p = $one->fields(['id', 'kind', 'at', 'also']);

                return new KitUnit($p['id']->text(), $p['kind']->text(), self::text($p['at']), self::texts($p['also']));
            }, $f['kit']->items()),
            array_map(static function (Node $one): Car {
                $p = $one->fields(['id', 'ready', 'promised', 'stances', 'parts']);

                return new Car(
                    $p['id']->text(),
                    self::whole($p['ready']),
                    self::minute($p['promised']),
                    array_map(self::readPart(...), $p['parts']->items()),
                    array_map(self::texts(...), self::members($p['stances'])),
                );
            }, $f['cars']->items()),
        );
    }

    /** @return array<string, mixed> */
    public static function plan(Timetable $plan): array
    {
        return [
            'slots' => array_values(array_map(static fn(Slot $one): array => [
                'stage' => $one->stage, 'car' => $one->car, 'from' => $one->from, 'to' => $one->to, 'person' => $one->person, 'place' => $one->place, 'units' => $one->units,
            ], $plan->slots)),
            'done' => (object) $plan->done,
            'late' => $plan->reckoning->late,
            'undone' => $plan->reckoning->undone,
            'waiting' => $plan->reckoning->waiting,
            'changes' => $plan->reckoning->changes,
            'moves' => $plan->reckoning->moves,
            'leastLate' => $plan->leastLate,
        ];
    }

    /** As it was written. */
    public static function readPlan(Node $node): Timetable
    {
        $f = $node->fields(['slots', 'done', 'late', 'undone', 'waiting', 'changes', 'moves', 'leastLate']);
        $slots = [];
        foreach ($f['slots']->items() as $one) {
            $p = $one->fields(['stage', 'car', 'from', 'to', 'person', 'place', 'units']);
            $slots[$p['stage']->text()] = new Slot($p['stage']->text(), $p['car']->text(), self::whole($p['from']), self::whole($p['to']), self::text($p['person']), self::text($p['place']), self::texts($p['units']));
        }

        return new Timetable(
            $slots,
            array_map(self::minute(...), self::members($f['done'])),
            new Reckoning(self::whole($f['late']), self::whole($f['undone']), self::whole($f['waiting']), self::whole($f['changes']), self::whole($f['moves'])),
            self::whole($f['leastLate']),
        );
    }

    /** @return array<string, mixed> */
    private static function part(Part $part): array
    {
        return ['id' => $part->id, 'stance' => $part->stance, 'held' => $part->held, 'free' => $part->free, 'stages' => array_map(static fn(Stage $one): array => [
            'id' => $one->id, 'kind' => $one->kind, 'minutes' => $one->minutes, 'spread' => $one->spread,
            'hands' => $one->asks->hands, 'right' => $one->asks->right, 'kit' => $one->asks->kit, 'windows' => $one->asks->windows, 'notBefore' => $one->asks->notBefore,
            'pin' => $one->pin === null ? null : ['at' => $one->pin->at, 'person' => $one->pin->person, 'place' => $one->pin->place],
            'began' => $one->began === null ? null : ['from' => $one->began->from, 'to' => $one->began->to, 'done' => $one->began->done, 'person' => $one->began->person, 'place' => $one->began->place, 'units' => $one->began->units],
        ], $part->stages)];
    }

    private static function readPart(Node $node): Part
    {
        $f = $node->fields(['id', 'stance', 'held', 'free', 'stages']);

        return new Part($f['id']->text(), array_map(static function (Node $one): Stage {
            $p = $one->fields(['id', 'kind', 'minutes', 'spread', 'hands', 'right', 'kit', 'windows', 'notBefore', 'pin', 'began']);
            $pin = $p['pin']->raw() === null ? null : $p['pin']->fields(['at', 'person', 'place']);
            $began = $p['began']->raw() === null ? null : $p['began']->fields(['from', 'to', 'done', 'person', 'place', 'units']);

            return new Stage(
                $p['id']->text(),
                $p['kind']->text(),
                self::whole($p['minutes']),
                $p['spread']->number(),
                new Asks($p['hands']->flag(), self::text($p['right']), self::texts($p['kit']), self::spans($p['windows']), self::whole($p['notBefore'])),
                $pin === null ? null : new Pin(self::minute($pin['at']), self::text($pin['person']), self::text($pin['place'])),
                $began === null ? null : new Began(self::whole($began['from']), self::whole($began['to']), $began['done']->flag(), self::text($began['person']), self::text($began['place']), self::texts($began['units'])),
            );
        }, $f['stages']->items()), self::text($f['stance']), self::texts($f['held']), $f['free']->flag());
    }

    /** @return array<string, Node> */
    private static function members(Node $node): array
    {
        $members = [];
        foreach (array_keys((array) $node->raw()) as $name) {
            $member = $node->member((string) $name);
            if ($member !== null) {
                $members[(string) $name] = $member;
            }
        }

        return $members;
    }

    private static function whole(Node $node): int
    {
        return (int) $node->number();
    }

    private static function minute(Node $node): ?int
    {
        return $node->raw() === null ? null : self::whole($node);
    }

    private static function text(Node $node): ?string
    {
        return $node->raw() === null ? null : $node->text();
    }

    /** @return list<string> */
    private static function texts(Node $node): array
    {
        return array_map(static fn(Node $one): string => $one->text(), $node->items());
    }

    /** @return list<array{int, int}> */
    private static function spans(Node $node): array
    {
        return array_map(static function (Node $one): array {
            [$from, $to] = $one->items();

            return [self::whole($from), self::whole($to)];
        }, $node->items());
    }
}
