<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Message\Message;

/**
 * What keeps a repair order open: an owed sensor that is neither proven nor handed over, a cover still off, a drive that
 * a card asks for, the scan after the work, a function nobody looked for on the road (needs J32 to J36).
 */
final readonly class Closing
{
    /** @param list<OpenItem> $items what is open or was handed over as it is */
    private function __construct(public array $items) {}

    /**
     * @param list<string> $sealed   ids of the sensors whose record is sealed: proven, sent back, or handed over by name
     * @param bool         $practice whether the car is simulated: such a car is not driven and has nothing to be scanned
     */
    public static function of(OrderState $state, array $sealed, bool $practice = false): self
    {
        $items = self::sensors($state, $sealed);
        if (! $practice && $state->record->operations !== []) {
            $items = [...$items, ...self::covers($state)];
            if ($state->concerned() !== []) {
                $items = [...$items, ...self::drives($state), ...self::road($state), ...self::scan($state)];
            }
        }

        return new self(array_map(static fn(OpenItem $item): OpenItem => self::withName($state, $item), $items));
    }

    /** @return list<OpenItem> those that nobody has settled */
    public function open(): array
    {
        return array_values(array_filter($this->items, static fn(OpenItem $item): bool => $item->left === null));
    }

    /** What the order waits for, its closing included. */
    public function waitsFor(OrderState $state): Waiting
    {
        $waits = $state->waitsFor();
        $open = $this->open();
        $others = array_values(array_filter($open, static fn(OpenItem $item): bool => ! str_starts_with($item->id, 'sensor ')));

        return match (true) {
            $open === [] => new Waiting('closed', Message::of('waits.closed')),
            $waits->kind === 'task' && count($others) === count($open) => new Waiting('close', count($others) === 1 ? $others[0]->says : Message::of('waits.more', ['first' => $others[0]->says, 'more' => count($others) - 1])),
            default => $waits,
        };
    }

    /** @return list<OpenItem> those handed over as they are */
    public function left(): array
    {
        return array_values(array_filter($this->items, static fn(OpenItem $item): bool => $item->left !== null));
    }

    /**
     * @param list<string> $sealed
     *
     * @return list<OpenItem>
     */
    private static function sensors(OrderState $state, array $sealed): array
    {
        $items = $state->record->operations === [] && $sealed === [] ? [new OpenItem('operations', 'work', Message::of('open.operations'), null, false)] : [];
        if ($items === [] && $sealed === [] && $state->concerned() === []) {
            $items[] = new OpenItem('nothing-owed', 'owed', Message::of('open.nothing-owed'));
        }
        foreach ($state->concerned() as $sensor) {
            if (! in_array($sensor->id, $sealed, true)) {
                $items[] = new OpenItem("sensor $sensor->id", 'sensors', Message::of('open.sensor', ['sensor' => $sensor->name]), $sensor->id, false);
            }
        }

        return $items;
    }

    /** @return list<OpenItem> */
    private static function covers(OrderState $state): array
    {
        $items = [];
        foreach (Cover::cases() as $cover) {
            if ($state->record->covers[$cover->value]->off ?? false) {
                $items[] = new OpenItem("cover $cover->value", 'capture', Message::of('open.cover', ['cover' => $cover->said()]));
            }
        }

        return $items;
    }

    /** @return list<OpenItem> */
    private static function drives(OrderState $state): array
    {
        $items = [];
        foreach ($state->concerned() as $sensor) {
            if (($state->context->cards[$sensor->id] ?? null)?->drive === null || self::drivenEnough($state, $sensor)) {
                continue;
            }
            $items[] = new OpenItem("drive $sensor->id", 'drive', Message::of($state->record->drives === [] ? 'open.drive' : 'open.drive-more', ['sensor' => $sensor->name]), $sensor->id);
        }

        return $items;
    }

    private static function drivenEnough(OrderState $state, CarSensor $sensor): bool
    {
        foreach ($state->record->drives as $drive) {
            if (in_array($sensor->id, $drive->enough, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<OpenItem> */
    private static function road(OrderState $state): array
    {
        $items = [];
        foreach (RoadFunction::of($state) as $function) {
            // Untested with its reason stands in the reports and holds nothing up; what was tried and failed does.
            $code = match ($function->tested?->found) {
                null => 'open.road',
                'not-seen' => 'open.road-failed',
                default => null,
            };
            if ($code !== null) {
                $items[] = new OpenItem("road $function->id", 'road', Message::of($code, ['function' => $function->question]));
            }
        }

        return $items;
    }

    /** @return list<OpenItem> */
    private static function scan(OrderState $state): array
    {
        if (! isset($state->codes['post'])) {
            return [new OpenItem('post-scan', 'post-scan', Message::of('open.post-scan'))];
        }
        $items = [];
        foreach ($state->codes['post'] as $code) {
            if ($code->sort !== CodeSort::Unrelated) {
                $items[] = new OpenItem("code {$code->code->unit} {$code->code->code}", 'post-scan', Message::of('open.code', ['code' => $code->code->code, 'unit' => $code->code->unit]));
            }
        }

        return $items;
    }

    private static function withName(OrderState $state, OpenItem $item): OpenItem
    {
        return new OpenItem($item->id, $item->part, $item->says, $item->sensor, $item->canLeave, $item->canLeave ? $state->record->left[$item->id] ?? null : null);
    }
}
