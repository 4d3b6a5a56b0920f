<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\User;
use App\Records\Moment;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Pin;
use Lumbro\Core\Day\Slot;
use Lumbro\Core\Day\Timetable;
use Lumbro\Core\Day\Turn;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** All that the screens of the day show, in one answer. Minutes count from today's midnight at the shop. */
final class DayPage
{
    /** Plans before this one that are told of. */
    private const EARLIER = 8;

    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        $now = DayPlans::current($user);
        [$book, $plan] = [$now->book, $now->plan];
        $words = new DayWords($book);
        $pins = Pins::of($user->shop_id, $book->clock);
        $chances = $now->changed['chances'] ?? [];

        return [
            'now' => $book->clock->now->format('Y-m-d\TH:i'),
            'minute' => $book->day->now,
            'clock' => ['canBeSet' => $book->clock->canBeSet, 'isSet' => (int) DB::table('shops')->where('id', $user->shop_id)->value('clock_shift') !== 0],
            'version' => $now->version,
            'madeAt' => $now->madeAt,
            'searching' => $book->unsearched === 0 ? null : ['left' => $book->unsearched, 'of' => $book->orders - $book->beyond],
            'orders' => $book->orders,
            'beyond' => $book->beyond,
            'hours' => $book->register->rules->hours((int) $book->clock->now->format('N')),
            'people' => array_map(static fn($person): array => ['id' => $person->id, 'name' => $book->people[$person->id], 'hours' => $person->hours], $book->day->people),
            'bays' => array_map(static fn($place): array => ['id' => $place->id, 'name' => $book->bays[$place->id], 'shares' => array_map(static fn(string $wall): string => substr($wall, 5), $place->shares)], $book->day->places),
            'kit' => self::kit($book, $plan),
            'cars' => array_map(static fn($car): array => [
                'id' => $car->id,
                'number' => $book->numbers[$car->id],
                'vehicle' => $book->vehicles[$car->id],
                'ready' => $car->ready,
                'promised' => $car->promised,
                'done' => $plan?->done[$car->id] ?? null,
                'chance' => $chances[$car->id]['chance'] ?? null,
                'most' => $chances[$car->id]['most'] ?? null,
            ], $book->day->cars),
            'slots' => $plan === null ? [] : self::slots($book, $plan, $words, $pins),
            'turns' => $plan === null ? [] : array_map(static fn(Turn $turn): array => [
                'person' => $turn->person, 'now' => $turn->now?->stage, 'next' => $turn->next?->stage, 'due' => $turn->isDue,
            ], Turn::all($book->day, $plan)),
            'reckoning' => $plan === null ? null : [
                'late' => $plan->reckoning->late, 'leastLate' => $plan->leastLate, 'undone' => $plan->reckoning->undone, 'waiting' => $plan->reckoning->waiting, 'moves' => $plan->reckoning->moves,
            ],
            'changed' => [
                'causes' => array_map($words->cause(...), $now->changed['causes'] ?? []),
                'parts' => array_map($words->part(...), $now->changed['parts'] ?? []),
            ],
            'earlier' => self::earlier($user, $words, $book->clock->date(), $now->version),
            'lacking' => array_map(static fn(array $one): array => [
                'car' => $one['order'],
                'says' => Message::of("day.lacks.{$one['lacks']}", ['car' => $book->numbers[$one['order']], ...($one['sensor'] === null ? [] : ['sensor' => $book->sensors["{$one['order']} {$one['sensor']}"] ?? $one['sensor']])]),
            ], $book->lacking),
            'mayPin' => $user->may(Act::Order),
            'mayChange' => $user->may(Act::Register),
        ];
    }

    /**
     * @param array<string, Pin> $pins
     *
     * @return list<array<string, mixed>>
     */
    private static function slots(DayBook $book, Timetable $plan, DayWords $words, array $pins): array
    {
        $stages = [];
        foreach ($book->day->cars as $car) {
            foreach ($car->parts as $part) {
                foreach ($part->stages as $stage) {
                    $stages[$stage->id] = $stage;
                }
            }
        }
        $slots = array_filter($plan->slots, static fn(Slot $slot): bool => isset($stages[$slot->stage]));

        return array_values(array_map(static function (Slot $slot) use ($stages, $words, $pins): array {
            $stage = $stages[$slot->stage];
            $pin = $pins[$slot->stage] ?? null;

            return [
                'stage' => $slot->stage,
                'car' => $slot->car,
                'kind' => $stage->kind,
                'says' => $words->stage($slot->stage),
                'sensors' => $words->sensors($slot->stage),
                'from' => $stage->began->from ?? $slot->from,
                'to' => $stage->began->to ?? $slot->to,
                'person' => $stage->began === null ? $slot->person : $stage->began->person,
                'place' => $slot->place,
                'units' => $slot->units,
                'state' => $stage->began === null ? 'planned' : ($stage->began->done ? 'done' : 'on'),
                'pin' => $pin === null ? null : ['at' => $pin->at, 'person' => $pin->person, 'place' => $pin->place],
            ];
        }, $slots));
    }

    /** @return list<array{id: string, name: string}> units that somebody is told to use */
    private static function kit(DayBook $book, ?Timetable $plan): array
    {
        $used = array_unique(array_merge(...array_values(array_map(static fn(Slot $slot): array => $slot->units, $plan->slots ?? []))));

        return array_values(array_map(
            static fn($unit): array => ['id' => $unit->id, 'name' => $book->units[$unit->id]],
            array_filter($book->day->kit, static fn($unit): bool => in_array($unit->id, $used, true)),
        ));
    }

    /** @return list<array{version: int, madeAt: string, causes: list<Message>}> the latest first */
    private static function earlier(User $user, DayWords $words, string $date, int $version): array
    {
        $rows = DB::table('day_plans')->where('shop_id', $user->shop_id)->where('date', $date)->where('version', '<', $version)->orderByDesc('version')->limit(self::EARLIER)->get(['version', 'made_at', 'changed']);

        return array_values($rows->map(static fn(\stdClass $row): array => [
            'version' => (int) $row->version,
            'madeAt' => Moment::read($row->made_at),
            'causes' => array_map($words->cause(...), json_decode($row->changed, true, 16, JSON_THROW_ON_ERROR)['causes'] ?? []),
        ])->all());
    }
}
