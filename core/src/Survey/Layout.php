<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/**
 * Which unknown of a network stands at which place of the solver's vector.
 *
 * Points take two places (x, y), bodies three (x, y, yaw), headings one, an instrument one for each error it has.
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

    /** @var array<string, array{body: string, x: float, y: float}> point on a body → its place there */
    public array $carried = [];

    /** @var array<string, int> body → place of its yaw */
    public array $yaw = [];

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
            $this->free[$point->name] = $this->add($point->name . '.x', $point->x, $point->sx);
            $this->add($point->name . '.y', $point->y, $point->sy);
        }
        foreach ($network->bodies as $body) {
            $this->free[$body->name] = $this->add($body->name . '.x', $body->x, $body->sx);
            $this->add($body->name . '.y', $body->y, $body->sy);
            $this->yaw[$body->name] = $this->add($body->name . '.yaw', $body->yaw, $body->syaw, true);
            foreach ($body->points as $name => [$x, $y]) {
                $this->carried[(string) $name] = ['body' => $body->name, 'x' => $x, 'y' => $y];
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
    }

    /**
     * The places of the unknowns behind a point: its own x and y, or its body's x, y and yaw.
     *
     * @return list<int>
     */
    public function behind(string $point): array
    {
        if (isset($this->free[$point])) {
            $place = $this->free[$point];

            return [$place, $place + 1];
        }
        $place = $this->free[$this->carried[$point]['body']];

        return [$place, $place + 1, $place + 2];
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
