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
    /** The id of the last thing: that somebody closes the order. */
    public const ITSELF = 'close';

    /** @param list<OpenItem> $items what is open or was handed over as it is */
    private function __construct(public array $items, private Waiting $before) {}

    /**
     * @param list<CarSensor>       $concerned sensors that are owed a calibration, or may be
     * @param list<CarSensor>       $driven    those of them whose card asks for a drive
     * @param list<RoadFunction>    $road      what is to be seen on the road
     * @param list<SortedCode>|null $codes     of the scan after the work; null before it
     * @param list<string>          $sealed    ids of the sensors whose record is sealed: proven, sent back, or handed over by name
     * @param Waiting               $before    what the order waits for before its sensors are set up
     * @param bool                  $byItself  whether it closes once nothing is open, as orders of before did
     */
    public static function of(OrderRecord $record, array $concerned, array $driven, array $road, ?array $codes, array $sealed, Waiting $before, bool $byItself = false): self
    {
        $items = self::sensors($record, $concerned, $sealed);
        if ($record->operations !== []) {
            $items = [...$items, ...self::covers($record)];
            if ($concerned !== []) {
                $items = [...$items, ...self::drives($record, $driven), ...self::road($road, $byItself), ...self::scan($codes)];
            }
        }
        $items = array_map(static fn(OpenItem $item): OpenItem => self::withName($record, $item), $items);
        if ($byItself) {
            return new self($items, $before);
        }
        if ($record->operations !== [] && $record->others === []) {
            $items[] = self::withName($record, new OpenItem('others', 'owed', Message::of('open.others')));
        }
        if ($record->closed === null) {
            $items[] = new OpenItem(self::ITSELF, 'close', Message::of('open.close'), null, false);
        }

        return new self($items, $before);
    }

    /**
     * Of a simulated car: it is not driven and has nothing to be scanned.
     *
     * @param list<CarSensor> $concerned
     * @param list<string>    $sealed
     */
    public static function ofPractice(OrderRecord $record, array $concerned, array $sealed, Waiting $before): self
    {
        return new self(array_map(static fn(OpenItem $item): OpenItem => self::withName($record, $item), self::sensors($record, $concerned, $sealed)), $before);
    }

    /** @return list<OpenItem> those that nobody has settled */
    public function open(): array
    {
        return array_values(array_filter($this->items, static fn(OpenItem $item): bool => $item->left === null));
    }

    /** What the order waits for, its closing included. */
    public function waitsFor(): Waiting
    {
        $waits = $this->before;
        $open = $this->open();
        $others = array_values(array_filter($open, static fn(OpenItem $item): bool => ! str_starts_with($item->id, 'sensor ')));

        return match (true) {
            $open === [] => new Waiting('closed', Message::of('waits.closed')),
            count($open) === 1 && $open[0]->id === self::ITSELF => new Waiting('close', $open[0]->says),
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
     * @param list<CarSensor> $concerned
     * @param list<string>    $sealed
     *
     * @return list<OpenItem>
     */
    private static function sensors(OrderRecord $record, array $concerned, array $sealed): array
    {
        $items = $record->operations === [] && $sealed === [] ? [new OpenItem('operations', 'work', Message::of('open.operations'), null, false)] : [];
        if ($items === [] && $sealed === [] && $concerned === []) {
            $items[] = new OpenItem('nothing-owed', 'owed', Message::of('open.nothing-owed'));
        }
        foreach ($concerned as $sensor) {
            if (! in_array($sensor->id, $sealed, true)) {
                $items[] = new OpenItem("sensor $sensor->id", 'sensors', Message::of('open.sensor', ['sensor' => $sensor->name]), $sensor->id, false);
            }
        }

        return $items;
    }

    /** @return list<OpenItem> */
    private static function covers(OrderRecord $record): array
    {
        $items = [];
        foreach (Cover::cases() as $cover) {
            if ($record->covers[$cover->value]->off ?? false) {
                $items[] = new OpenItem("cover $cover->value", 'capture', Message::of('open.cover', ['cover' => $cover->said()]));
            }
        }

        return $items;
    }

    /**
     * @param list<CarSensor> $driven
     *
     * @return list<OpenItem>
     */
    private static function drives(OrderRecord $record, array $driven): array
    {
        $items = [];
        foreach ($driven as $sensor) {
            if (self::drivenEnough($record, $sensor)) {
                continue;
            }
            $items[] = new OpenItem("drive $sensor->id", 'drive', Message::of($record->drives === [] ? 'open.drive' : 'open.drive-more', ['sensor' => $sensor->name]), $sensor->id);
        }

        return $items;
    }

    private static function drivenEnough(OrderRecord $record, CarSensor $sensor): bool
    {
        foreach ($record->drives as $drive) {
            if (in_array($sensor->id, $drive->enough, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<RoadFunction> $functions
     * @param bool               $byItself  whether nobody asked yet who drove where
     *
     * @return list<OpenItem>
     */
    private static function road(array $functions, bool $byItself): array
    {
        $items = [];
        $without = array_filter($functions, static fn(RoadFunction $function): bool => $function->tested?->found === 'seen' && ($function->tested->route === null || $function->tested->weather === null));
        if ($without !== [] && ! $byItself) {
            $items[] = new OpenItem('road trip', 'road', Message::of('open.road-trip', ['count' => count($without)]));
        }
        foreach ($functions as $function) {
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

    /**
     * @param list<SortedCode>|null $codes
     *
     * @return list<OpenItem>
     */
    private static function scan(?array $codes): array
    {
        if ($codes === null) {
            return [new OpenItem('post-scan', 'post-scan', Message::of('open.post-scan'))];
        }
        $items = [];
        foreach ($codes as $code) {
            if ($code->sort !== CodeSort::Unrelated) {
                $items[] = new OpenItem("code {$code->code->unit} {$code->code->code}", 'post-scan', Message::of('open.code', ['code' => $code->code->code, 'unit' => $code->code->unit]));
            }
        }

        return $items;
    }

    private static function withName(OrderRecord $record, OpenItem $item): OpenItem
    {
        return new OpenItem($item->id, $item->part, $item->says, $item->sensor, $item->canLeave, $item->canLeave ? $record->left[$item->id] ?? null : null);
    }
}
