<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** What the shop owns to set up with (need J39). */
final readonly class KitRegister
{
    /** Kinds of instruments that a reading can be taken with. */
    private const MEASURING = ['tape', 'rule', 'staff'];

    /**
     * @param list<Instrument> $instruments
     * @param list<Stand>      $stands
     * @param list<Target>     $targets
     * @param array<string, Lesson> $lessons instrument → what its own readings taught
     */
    private function __construct(public array $instruments, public array $stands, public array $targets, public array $lessons) {}

    /**
     * @param list<Instrument|Stand|Target> $items
     * @param list<Lesson>                  $lessons
     */
    public static function of(array $items, array $lessons = []): self
    {
        return new self(
            array_values(array_filter($items, static fn(object $item): bool => $item instanceof Instrument)),
            array_values(array_filter($items, static fn(object $item): bool => $item instanceof Stand)),
            array_values(array_filter($items, static fn(object $item): bool => $item instanceof Target)),
            array_column($lessons, null, 'instrument'),
        );
    }

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
            $this->counted($tape, $today, $rule),
            $this->counted($ruler, $today, $rule),
            $this->counted($staff, $today, $rule),
            $stand->name,
            $stand->targetAhead,
            $stand->targetLeft,
            halfWidth: $stand->halfWidth,
            rules: array_map(fn(Instrument $known): MeasuringInstrument => $this->counted($known, $today, $rule), $this->inOrder('rule', $today, $ruler)),
            lessons: $this->lessons,
            all: array_combine(self::MEASURING, array_map(fn(string $kind): array => $this->every($kind, $today, $rule), self::MEASURING)),
        );
    }

    /** @return list<MeasuringInstrument> all of a kind, overdue ones as they count then */
    private function every(string $kind, string $today, OverdueRule $rule): array
    {
        return array_values(array_map(
            fn(Instrument $known): MeasuringInstrument => $this->counted($known, $today, $rule),
            array_filter($this->instruments, static fn(Instrument $known): bool => $known->kind === $kind),
        ));
    }

    private function counted(Instrument $instrument, string $today, OverdueRule $rule): MeasuringInstrument
    {
        return $instrument->on($today, $rule, $this->lessons[$instrument->measures->id] ?? null);
    }

    /** @return list<Instrument> the chosen one, then all others of its kind that are not overdue */
    private function inOrder(string $kind, string $today, Instrument $chosen): array
    {
        return [$chosen, ...array_values(array_filter(
            $this->instruments,
            static fn(Instrument $known): bool => $known->kind === $kind && $known !== $chosen && ! $known->check->isOverdue($today),
        ))];
    }

    /**
     * What the shop has for one thing that is needed.
     *
     * @param string       $kind    an instrument's kind, "stand" or "target"
     * @param string|null  $name    where a particular one is wanted
     * @param list<string> $sensors ids of the sensors it is for
     */
    public function need(string $kind, ?string $name, array $sensors, string|Message $why, string $today, OverdueRule $rule): KitNeed
    {
        $wanted = $name ?? Message::of("kit.kind.$kind");
        $found = $kind === 'target' ? $this->target($name ?? '') : ($kind === 'stand' ? $this->stand($today) : $this->instrument($kind, $today, $name));
        if ($found === null && $kind === 'target' && $name !== null) {
            foreach ($this->targets as $target) {
                $standIn = $target->insteadOf($name);
                if ($standIn !== null) {
                    $late = $target->check->isOverdue($today);

                    return new KitNeed(kind: $kind, wanted: $wanted, sensors: $sensors, why: $why, state: $late ? 'overdue' : 'stands-in', item: $target->name, note: $late ? Message::of('kit.stands-in-late', ['changes' => $standIn->changes, 'late' => self::late($target->check, $rule)]) : $standIn->changes, bars: $late && $rule->bars);
                }
            }
        }
        if ($found === null) {
            return new KitNeed(kind: $kind, wanted: $wanted, sensors: $sensors, why: $why, state: 'missing', item: null, note: Message::of('kit.missing'), bars: $kind === 'target');
        }
        $item = $found instanceof Instrument ? $found->measures->name : $found->name;
        if ($found->check->isOverdue($today)) {
            return new KitNeed(kind: $kind, wanted: $wanted, sensors: $sensors, why: $why, state: 'overdue', item: $item, note: self::late($found->check, $rule), bars: $rule->bars);
        }

        return new KitNeed(kind: $kind, wanted: $wanted, sensors: $sensors, why: $why, state: 'owned', item: $item, note: $found->check->next === null ? Message::of('kit.no-check-date') : Message::of('kit.checked', ['next' => Quantity::day($found->check->next)]), bars: false);
    }

    private static function late(Check $check, OverdueRule $rule): Message
    {
        return Message::of($rule->bars ? 'kit.overdue-bars' : 'kit.overdue-widens', [
            ...($check->next === null ? [] : ['due' => Quantity::day($check->next)]),
            ...($rule->bars ? [] : ['times' => Quantity::number($rule->widening)]),
        ]);
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
