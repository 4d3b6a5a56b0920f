<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/**
 * Which unknown of a network stands at which place of the solver's vector.
 *
 * Points take two places (x, y), three in space (z), none for what counts as exact; bodies three (x, y, yaw), four in space (z before yaw) and two more
 * where they lean; headings one, an instrument one for each error it has, the vertical two, a laser plane one and two more where it tilts.
 */
final class Layout
{
    /** @var list<string> place → name such as "stand.yaw" */
    public array $names = [];

    /** @var list<float> place → the value the search starts from, mm or rad */
    public array $start = [];

    /** @var list<bool> place → whether it is an angle */
    public array $angular = [];

    /** @var array<string, int> free point or body → place of its x; y follows */
    public array $free = [];

    /** @var array<string, int> point or body in space → place of its z */
    public array $z = [];

    /** @var array<string, array{float, float}> point whose place in the plan is exact → its x and y, mm */
    public array $exact = [];

    /** @var array<string, float> point whose height is exact → its z, mm */
    public array $exactZ = [];

    /** @var array<string, array{body: string, x: float, y: float, z: float}> point on a body → its place there */
    public array $carried = [];

    /** @var array<string, int> body → place of its yaw */
    public array $yaw = [];

    /** @var array<string, int> body that leans → place of its lean along x; along y follows */
    public array $lean = [];

    /** Place of the pitch; the roll follows. Null where the car stands exactly upright. */
    public ?int $pitch = null;

    /** @var array<string, int> laser plane → place of its height */
    public array $level = [];

    /** @var array<string, int> laser plane that tilts → place of its tilt along x; along y follows */
    public array $tilt = [];

    /** @var array<string, int> heading → place */
    public array $heading = [];

    /** @var array<string, int> instrument → place of its scale */
    public array $scale = [];

    /** @var array<string, int> instrument → place of its zero */
    public array $zero = [];

    /** @var list<int> place of every unknown that has a prior, in the order of the network; its value is where the search starts */
    public array $priors = [];

    /** @var list<float> their standard uncertainties, mm or rad */
    public array $priorS = [];

    /** Numbers a network's unknowns: points, bodies, headings, instruments, each in the network's order. */
    public function __construct(Network $network)
    {
        foreach ($network->points as $point) {
            if ($point->sx === 0.0 && $point->sy === 0.0) {
                $this->exact[$point->name] = [$point->x, $point->y];
            } else {
                $this->free[$point->name] = $this->add($point->name . '.x', $point->x, $point->sx);
                $this->add($point->name . '.y', $point->y, $point->sy);
            }
            if ($point->z !== null && $point->sz === 0.0) {
                $this->exactZ[$point->name] = $point->z;
            } elseif ($point->z !== null) {
                $this->z[$point->name] = $this->add($point->name . '.z', $point->z, $point->sz);
            }
        }
        foreach ($network->bodies as $body) {
            $this->free[$body->name] = $this->add($body->name . '.x', $body->x, $body->sx);
            $this->add($body->name . '.y', $body->y, $body->sy);
            if ($body->z !== null) {
                $this->z[$body->name] = $this->add($body->name . '.z', $body->z, $body->sz);
            }
            $this->yaw[$body->name] = $this->add($body->name . '.yaw', $body->yaw, $body->syaw, true);
            if ($body->lean !== null) {
                $this->lean[$body->name] = $this->add($body->name . '.leanX', 0.0, $body->lean, true);
                $this->add($body->name . '.leanY', 0.0, $body->lean, true);
            }
            foreach ($body->points as $name => $place) {
                $this->carried[(string) $name] = ['body' => $body->name, 'x' => $place[0], 'y' => $place[1], 'z' => $place[2] ?? 0.0];
            }
        }
        foreach ($network->headings as $heading) {
            $this->heading[$heading->name] = $this->add('@' . $heading->name, $heading->angle, $heading->s, true);
        }
        foreach ($network->instruments as $instrument) {
            if ($instrument->scale !== null) {
                $place = $this->add('#' . $instrument->name . '.scale', $instrument->scale->value, $instrument->scale->s);
                $this->scale[$instrument->name] = $place;
            }
            if ($instrument->zero !== null) {
                $place = $this->add('#' . $instrument->name . '.zero', $instrument->zero->value, $instrument->zero->s);
                $this->zero[$instrument->name] = $place;
            }
        }
        if ($network->vertical !== null) {
            $this->pitch = $this->add('^pitch', $network->vertical->pitch, $network->vertical->sPitch, true);
            $this->add('^roll', $network->vertical->roll, $network->vertical->sRoll, true);
        }
        foreach ($network->levels as $level) {
            $this->level[$level->name] = $this->add("~$level->name.height", $level->height, $level->s);
            if ($level->tilt !== null) {
                $this->tilt[$level->name] = $this->add("~$level->name.tiltX", 0.0, $level->tilt);
                $this->add("~$level->name.tiltY", 0.0, $level->tilt);
            }
        }
    }

    /**
     * The places of the unknowns behind a point: its own x and y, or its body's x, y and yaw; in space the z, and of a
     * body's point what says which way is up.
     *
     * @return list<int>
     */
    public function behind(string $point): array
    {
        if (! isset($this->carried[$point])) {
            $place = $this->free[$point] ?? null;

            return [...($place === null ? [] : [$place, $place + 1]), ...(isset($this->z[$point]) ? [$this->z[$point]] : [])];
        }
        $body = $this->carried[$point]['body'];
        $place = $this->free[$body];
        if (! isset($this->z[$body])) {
            return [$place, $place + 1, $place + 2];
        }
        $behind = [$place, $place + 1, $place + 2, $place + 3];
        if (isset($this->lean[$body])) {
            array_push($behind, $this->lean[$body], $this->lean[$body] + 1);
        }

        return [...$behind, ...$this->upright()];
    }

    /**
     * The places of pitch and roll, where the car's own vertical is unknown.
     *
     * @return list<int>
     */
    public function upright(): array
    {
        return $this->pitch === null ? [] : [$this->pitch, $this->pitch + 1];
    }

    /**
     * The places behind a point where it counts as plumbed onto the wheels' plane, or as it stands in the plan.
     *
     * @return list<int>
     */
    public function behindPlan(string $point, bool $plumbed): array
    {
        return $plumbed ? [...$this->behind($point), ...$this->upright()] : $this->behind($point);
    }

    /** Whether a point, a body or a body's point has a height. */
    public function isInSpace(string $point): bool
    {
        return isset($this->z[$this->carried[$point]['body'] ?? $point]) || isset($this->exactZ[$point]);
    }

    /** How many unknowns there are. */
    public function size(): int
    {
        return count($this->names);
    }

    private function add(string $name, float $start, ?float $s, bool $angular = false): int
    {
        $place = count($this->names);
        $this->names[] = $name;
        $this->start[] = $start;
        $this->angular[] = $angular;
        if ($s !== null) {
            $this->priors[] = $place;
            $this->priorS[] = $s;
        }

        return $place;
    }
}
