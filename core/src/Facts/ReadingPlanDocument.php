<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Times;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\SetUp\TaskContext;

/** The plan of readings: the cheapest set that proves the set-up, and how far each school would come by itself, before anything is read. */
final class ReadingPlanDocument
{
    /** @return array<string, mixed> times in minutes */
    public static function write(TaskContext $context, MeasuringPlan $plan): array
    {
        $prospects = $context->rules->isInSpace() ? Prospects::of($context, $plan) : null;

        return [
            'cheapest' => $prospects?->cheapest === null ? null : self::way($prospects->cheapest, $plan),
            'schools' => array_map(static fn(Prospect $prospect): array => [
                'id' => $prospect->school,
                'alone' => $prospect->provesAlone(),
                'short' => self::short($prospect),
                'way' => $prospect->whole === null ? null : self::way($prospect, $plan),
            ], $prospects->schools ?? []),
        ];
    }

    /** @return array<string, mixed>|null the plan that was taken */
    public static function taken(MeasuringPlan $plan): ?array
    {
        return $plan->planned === [] ? null : ['readings' => self::readings($plan->planned, $plan), 'count' => count($plan->planned), 'minutes' => Prospects::minutes($plan->planned, $plan->context->policy()->minutes)];
    }

    /** @return array<string, mixed> */
    private static function way(Prospect $prospect, MeasuringPlan $plan): array
    {
        $whole = $prospect->whole ?? [];

        return [
            'schools' => $prospect->schools,
            'names' => array_map(static fn(string $id): Message => Message::of("school.$id"), $prospect->schools),
            'ids' => $whole,
            'readings' => self::readings($whole, $plan),
            'count' => count($whole),
            'minutes' => $prospect->minutes,
        ];
    }

    /**
     * Each reading once, with how often it is taken.
     *
     * @param list<string> $ids
     *
     * @return list<array{id: string, title: Message|string, times: int}>
     */
    private static function readings(array $ids, MeasuringPlan $plan): array
    {
        $readings = [];
        foreach (array_count_values(array_map(Times::once(...), $ids)) as $id => $times) {
            $readings[] = ['id' => (string) $id, 'title' => self::staff((string) $id) ?? $plan->titled((string) $id), 'times' => $times];
        }

        return $readings;
    }

    private static function staff(string $id): ?Message
    {
        return preg_match('/^staff-(\w+)$/', $id, $found) === 1
            ? Message::of('prospect.staff', ['place' => Message::of('place.' . ($found[1] === 'site' ? 'target' : $found[1]))])
            : null;
    }

    /** @return list<Message> what its own readings, each taken once, leave open */
    private static function short(Prospect $prospect): array
    {
        $short = [];
        foreach ($prospect->lacking() as $name) {
            ['uncertainty' => $uncertainty, 'bearable' => $bearable] = $prospect->respects[$name];
            $angular = in_array($name, ['yaw', 'bearing'], true);
            $short[] = $uncertainty === null || $bearable === null
                ? Message::of('prospect.not-known', ['respect' => Message::of("respect.$name")])
                : Message::of('prospect.not-well', [
                    'respect' => Message::of("respect.$name"),
                    // Rounded so that what is too much does not look like what is wanted.
                    'now' => $angular ? Quantity::degrees(ceil($uncertainty * 100) / 100) : Quantity::mm(ceil($uncertainty * 10) / 10, 1),
                    'wanted' => $angular ? Quantity::degrees(floor($bearable * 100) / 100) : Quantity::mm(floor($bearable * 10) / 10, 1),
                ]);
        }
        foreach ($prospect->hiding() as $axis) {
            ['hidden' => $hidden, 'limit' => $limit] = $prospect->axes[$axis];
            $short[] = $hidden === null
                ? Message::of('prospect.hides-any', ['axis' => $axis])
                : Message::of('prospect.hides', ['axis' => $axis, 'hidden' => Quantity::degrees($hidden), 'limit' => Quantity::degrees($limit)]);
        }

        return $short;
    }
}
