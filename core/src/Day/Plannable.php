<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Which of a car's owed sensors can be planned: those whose kit the shop has, at the stances for which it has a bay. */
final readonly class Plannable
{
    /** @param list<KitUnit> $kit of the shop */
    public function __construct(private array $kit) {}

    /**
     * @param array<string, SensorWork>                                                                         $sensors by their ids
     * @param array{stances: list<array{sensors: list<string>, bays: list<string>}>, unserved: list<string>} $rooms
     *
     * @return array{sensors: list<SensorWork>, stances: array<string, list<string>>, lacking: array<string, string>}
     */
    public function of(array $sensors, array $rooms): array
    {
        $planned = $stances = $lacking = [];
        $at = [];
        foreach ($rooms['stances'] as $stance) {
            $name = implode('+', $stance['sensors']);
            $stances[$name] = $stance['bays'];
            foreach ($stance['sensors'] as $sensor) {
                $at[$sensor] = $name;
            }
        }
        foreach ($sensors as $id => $work) {
            $lacks = $work->reached === null ? null : $this->lacks($work, isset($at[$id]));
            if ($lacks !== null) {
                $lacking[$id] = $lacks;
            }
            $planned[] = $work->at($lacks === null ? $work->reached : null, $at[$id] ?? null, array_values(array_filter($work->uses, $this->has(...))));
        }

        return ['sensors' => $planned, 'stances' => $stances, 'lacking' => $lacking];
    }

    private function lacks(SensorWork $work, bool $hasRoom): ?string
    {
        foreach ($work->targets as $kind) {
            if (! $this->has($kind)) {
                return $kind === 'stand' ? 'stand' : 'target';
            }
        }

        return $hasRoom ? null : 'room';
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<string> one unit for each of them that the shop has
     */
    public function units(array $kinds): array
    {
        $units = [];
        foreach ($kinds as $kind) {
            foreach ($this->kit as $unit) {
                if ($unit->serves($kind)) {
                    $units[] = $unit->id;

                    break;
                }
            }
        }

        return $units;
    }

    /** Whether the shop has anything of a kind. */
    public function has(string $kind): bool
    {
        return array_filter($this->kit, static fn(KitUnit $unit): bool => $unit->serves($kind)) !== [];
    }
}
