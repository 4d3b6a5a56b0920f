<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** What the shop owns to set up with (need J39). */
final readonly class KitRegister
{
    /**
     * @param list<Instrument> $instruments
     * @param list<Stand>      $stands
     * @param list<Target>     $targets
     */
    public function __construct(public array $instruments, public array $stands, public array $targets) {}

    /**
     * The kit a set-up is measured with on a day: of each kind one whose check is not overdue, where there is one.
     * Null where the shop owns no tape, rule, staff or stand at all.
     */
    public function forTask(string $today, OverdueRule $rule): ?Kit
    {
        $tape = $this->instrument('tape', $today);
        $ruler = $this->instrument('rule', $today);
        $staff = $this->instrument('staff', $today);
        $stand = $this->stand($today);
        if ($tape === null || $ruler === null || $staff === null || $stand === null) {
            return null;
        }

        return new Kit(
            $tape->on($today, $rule),
            $ruler->on($today, $rule),
            $staff->on($today, $rule),
            $stand->name,
            $stand->targetAhead,
            $stand->targetLeft,
            $stand->halfWidth,
        );
    }

    /**
     * What the shop has for one thing that is needed.
     *
     * @param string       $kind    an instrument's kind, "stand" or "target"
     * @param string|null  $name    where a particular one is wanted
     * @param list<string> $sensors names of the sensors it is for
     */
    public function need(string $kind, ?string $name, array $sensors, string $why, string $today, OverdueRule $rule): KitNeed
    {
        $wanted = $name ?? self::WORDS[$kind] ?? $kind;
        $found = $kind === 'target' ? $this->target($name ?? '') : ($kind === 'stand' ? $this->stand($today) : $this->instrument($kind, $today, $name));
        if ($found === null && $kind === 'target' && $name !== null) {
            foreach ($this->targets as $target) {
                $standIn = $target->insteadOf($name);
                if ($standIn !== null) {
                    $late = $target->check->isOverdue($today);

                    return new KitNeed($kind, $wanted, $sensors, $why, $late ? 'overdue' : 'stands-in', $target->name, $standIn->changes . ($late ? ' ' . self::late($target->check, $rule) : ''), $late && $rule->bars);
                }
            }
        }
        if ($found === null) {
            return new KitNeed($kind, $wanted, $sensors, $why, 'missing', null, 'The register has none: borrow or buy one, or hand the sensor over to a shop that has it.', $kind === 'target');
        }
        $item = $found instanceof Instrument ? $found->measures->name : $found->name;
        if ($found->check->isOverdue($today)) {
            return new KitNeed($kind, $wanted, $sensors, $why, 'overdue', $item, self::late($found->check, $rule), $rule->bars);
        }

        return new KitNeed($kind, $wanted, $sensors, $why, 'owned', $item, $found->check->next === null ? 'No check date is kept for it.' : 'Checked; due again on ' . $found->check->next . '.', false);
    }

    private const WORDS = [
        'tape' => 'a tape', 'rule' => 'a rule', 'staff' => 'a height staff', 'laser' => 'a line laser', 'level' => 'a level',
        'inclinometer' => 'an inclinometer', 'film-gauge' => 'a film gauge', 'charger' => 'a charger', 'scan-tool' => 'a scan tool', 'stand' => 'a target stand',
    ];

    private static function late(Check $check, OverdueRule $rule): string
    {
        return sprintf('Its check was due on %s. ', $check->next ?? '') . ($rule->bars
            ? 'The shop\'s rule bars the run with it.'
            : sprintf('The shop\'s rule counts its uncertainty %s times.', rtrim(rtrim(number_format($rule->widening, 2, '.', ''), '0'), '.')));
    }

    private function target(string $name): ?Target
    {
        foreach ($this->targets as $target) {
            if (mb_strtolower($target->name) === mb_strtolower($name)) {
                return $target;
            }
        }

        return null;
    }

    private function instrument(string $kind, string $today, ?string $name = null): ?Instrument
    {
        $late = null;
        foreach ($this->instruments as $instrument) {
            if ($instrument->kind !== $kind || ($name !== null && mb_strtolower($instrument->measures->name) !== mb_strtolower($name))) {
                continue;
            }
            if (! $instrument->check->isOverdue($today)) {
                return $instrument;
            }
            $late ??= $instrument;
        }

        return $late;
    }

    private function stand(string $today): ?Stand
    {
        $late = null;
        foreach ($this->stands as $stand) {
            if (! $stand->check->isOverdue($today)) {
                return $stand;
            }
            $late ??= $stand;
        }

        return $late;
    }
}
