<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\SetUp\TaskContext;

/** The floor as it was read, and what it does to the target's height; mm and degrees. */
final class SiteFloorDocument
{
    /**
     * @param string|null $wanted a place that is to be read now
     *
     * @return array<string, mixed>
     */
    public static function write(TaskContext $context, MeasuringPlan $plan, ?string $wanted = null): array
    {
        $floor = $plan->floor;
        $plane = $floor->plane;
        $read = $context->order->floor ?? [];
        $at = $plan->nominal();
        $places = [];
        $more = array_filter([...array_map(strval(...), array_keys($read)), $wanted], static fn(?string $place): bool => $place !== null && SiteFloor::own($context, $place) !== null);
        foreach (array_unique([...SiteFloor::places($context), ...$more]) as $place) {
            $reading = $read[$place] ?? null;
            $once = FloorRead::once($place);
            $where = match (true) {
                in_array($once, FloorRead::WHEELS, true) => $once,
                str_starts_with($once, 'sensor-') => 'sensor',
                default => 'target',
            };
            $says = Message::of("place.$where");
            $places[] = [
                'id' => $place,
                'says' => $once === $place ? $says : Message::of('place.again', ['of' => $says, 'time' => substr($place, -1)]),
                'at' => [$at->x[$where], $at->y[$where]],
                'typed' => $reading?->typed,
                'value' => $reading?->value,
                'person' => $reading?->person,
            ];
        }

        return [
            'from' => $floor->from,
            'below' => $floor->below,
            's' => $floor->s,
            'required' => $plan->requiredHeight(),
            'card' => $context->spot->height,
            'slopes' => $plane === null ? null : [
                'pitch' => self::slope($plane->pitch()->value, $plane->pitch()->uncertainty, 'rising-front', 'falling-front'),
                'roll' => self::slope($plane->roll()->value, $plane->roll()->uncertainty, 'rising-left', 'falling-left'),
                'warp' => $plane->warp,
                'warped' => $plane->warped === true,
            ],
            'plate' => $floor->grade === null ? null : self::slope(
                $floor->grade->value,
                $floor->grade->uncertainty,
                'top-towards',
                'top-away',
            ),
            'places' => $places,
            'wheels' => count(array_intersect(array_keys($read), FloorRead::WHEELS)),
        ];
    }

    /** @return array{amount: float, uncertainty: float, direction: Message} degrees */
    private static function slope(float $value, float $uncertainty, string $positive, string $negative): array
    {
        return ['amount' => abs($value), 'uncertainty' => $uncertainty, 'direction' => Directions::said($value >= 0 ? $positive : $negative)];
    }
}
