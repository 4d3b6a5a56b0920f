<?php

declare(strict_types=1);

namespace Lumbro\Core\Planning;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Obstacle;
use Lumbro\Core\Catalogue\Bay\Polygon;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** How a need fits into a bay at one stance: the least clearance, mm, negative where something is in the way, and what binds. */
final readonly class Fit
{
    /**
     * @param array{float, float} $at where it binds, mm in the bay
     * @param string              $what what is there: an obstacle's name, "wall", or "level zone"
     */
    private function __construct(public Need $need, public float $clearance, public array $at, public string $what) {}

    /** Whether there is room enough. */
    public function holds(): bool
    {
        return $this->clearance >= 0;
    }

    /**
     * The least clearance of one need.
     *
     * @param bool $roughly looks at corners alone: enough to see where it is worth looking closer
     */
    public static function of(Need $need, Bay $bay, Stance $stance, bool $roughly = false): self
    {
        $outline = new Polygon($bay->outline);
        $obstacles = array_map(static fn(Obstacle $obstacle): array => [$obstacle->name, new Polygon($obstacle->corners)], $bay->obstacles);
        $best = new self($need, INF, [0.0, 0.0], 'wall');
        foreach ($need->rooms as $room) {
            $placed = new Polygon(array_map($stance->toBay(...), $room->corners));
            foreach (($roughly ? $placed->places(INF) : $placed->places()) as [$x, $y]) {
                $best = $best->orWorse($outline->depth($x, $y)[0], $x, $y, 'wall');
                foreach ($obstacles as [$name, $obstacle]) {
                    $best = $best->orWorse(-$obstacle->depth($x, $y)[0], $x, $y, $name);
                }
            }
            // What juts into the room without its edge passing through.
            foreach ($bay->outline as [$x, $y]) {
                $best = $best->orWorse(-$placed->depth($x, $y)[0], $x, $y, 'wall');
            }
            foreach ($bay->obstacles as $obstacle) {
                foreach ($obstacle->corners as [$x, $y]) {
                    $best = $best->orWorse(-$placed->depth($x, $y)[0], $x, $y, $obstacle->name);
                }
            }
        }
        if ($bay->levelZone !== null && $need->spot !== null) {
            [$x, $y] = $stance->toBay($need->spot);
            $best = $best->orWorse((new Polygon($bay->levelZone))->depth($x, $y)[0], $x, $y, 'level zone');
        }

        return $best;
    }

    private function orWorse(float $clearance, float $x, float $y, string $what): self
    {
        return $clearance < $this->clearance ? new self($this->need, $clearance, [$x, $y], $what) : $this;
    }

    /** What binds: so much is needed to that side, and what is there leaves so much. */
    public function said(Stance $stance): Message
    {
        if ($this->what === 'level zone') {
            return Message::of($this->clearance < 0 ? 'fit.outside-level' : 'fit.inside-level', ['need' => $this->need->name, 'by' => Quantity::mm($this->clearance)]);
        }
        [$x, $y] = $stance->toCar($this->at);
        [$low, $high] = self::along($this->need);
        // The side of the car that the binding place lies to, and how far the need reaches there.
        [$side, $furthest, $needed] = ['ahead', -INF, 0.0];
        foreach (['ahead' => [$x - $high[0], $high[0]], 'behind' => [$low[0] - $x, -$low[0]], 'left' => [$y - $high[1], $high[1]], 'right' => [$low[1] - $y, -$low[1]]] as $name => [$out, $reach]) {
            if ($out > $furthest) {
                [$side, $furthest, $needed] = [$name, $out, $reach];
            }
        }

        return Message::of('fit.binds', [
            'needed' => Quantity::mm($needed), 'side' => $side, 'need' => $this->need->name, 'what' => $this->what === 'wall' ? Message::of('fit.wall') : $this->what, 'leaves' => Quantity::mm($needed + $this->clearance),
        ]);
    }

    /** @return array{array{float, float}, array{float, float}} the least and greatest x and y of a need's rooms */
    private static function along(Need $need): array
    {
        $corners = array_merge(...array_map(static fn(Polygon $room): array => $room->corners, $need->rooms));
        [$xs, $ys] = [array_column($corners, 0), array_column($corners, 1)];

        return [[min($xs ?: [0.0]), min($ys ?: [0.0])], [max($xs ?: [0.0]), max($ys ?: [0.0])]];
    }
}
