<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Method\CarGround;
use Lumbro\Core\Method\Times;
use Lumbro\Core\Survey\Residual;

/** What an accepted set-up teaches of what it was measured with (maths, section 2.4): of each reading, and of each instrument's zero and scale. */
final readonly class Taught
{
    /**
     * @param list<array{kind: string, instrument: string, person: string, again: bool, residual: float, s: float, redundancy: float}> $readings
     *        residual and s in mm or rad, s as stated before any factor; kind "tape", "rule" or "staff"; "again" where the
     *        same was read more than once
     * @param list<array{instrument: string, error: string, value: float, s: float}> $errors
     *        "zero" in mm or "scale" of an instrument that the others checked, with its standard uncertainty
     */
    private function __construct(public array $readings, public array $errors) {}

    /** Nothing, where the readings contradict each other or do not place the stand: whose fault that is, nobody knows. */
    public static function of(TaskContext $context, SetUp $setUp): self
    {
        if (! $setUp->isPlaced() || $setUp->isConsistent() !== true) {
            return new self([], []);
        }
        [$readings, $errors] = [[], []];
        foreach ($setUp->placement->solution->residuals ?? [] as $residual) {
            $reading = $residual->prior ? null : self::reading($context, $setUp, $residual);
            if ($reading !== null) {
                $readings[] = $reading;
            }
            if (! $residual->prior || $residual->isUnchecked() || preg_match('/^#([\w-]+)\.(zero|scale)$/', $residual->id, $of) !== 1) {
                continue;
            }
            $instrument = CarGround::ofName($context->kit, $of[1]);
            if ($instrument !== null) {
                $errors[] = ['instrument' => $instrument->id, 'error' => $of[2], 'value' => $residual->adjusted, 's' => $residual->s * sqrt(1 - $residual->redundancy)];
            }
        }

        return new self($readings, $errors);
    }

    /** @return array{kind: string, instrument: string, person: string, again: bool, residual: float, s: float, redundancy: float}|null null where an instrument told its own accuracy, or nobody read it */
    private static function reading(TaskContext $context, SetUp $setUp, Residual $residual): ?array
    {
        $kit = $context->kit;
        $reading = $setUp->readings[$residual->id] ?? null;
        $again = self::isRepeated($setUp, $residual->id);
        if ($reading !== null) {
            $used = $reading->s === null ? $reading->instrument ?? $setUp->plan->call($residual->id)?->instrument : null;
            $person = $reading->person;
        } else {
            $used = str_starts_with($residual->id, 'staff-') ? $kit->staff->id : null;
            $person = self::staffReader($context, substr($residual->id, strlen('staff-')));
        }
        $instrument = $kit->instrument($used ?? '');

        return $instrument === null || $person === null ? null : self::told((string) $kit->kindOf($instrument->id), $instrument, $person, $again, $residual, $kit->factor($instrument));
    }

    /** @return array{kind: string, instrument: string, person: string, again: bool, residual: float, s: float, redundancy: float} */
    private static function told(string $kind, MeasuringInstrument $instrument, string $person, bool $again, Residual $residual, float $factor): array
    {
        return ['kind' => $kind, 'instrument' => $instrument->id, 'person' => $person, 'again' => $again, 'residual' => $residual->residual, 's' => $residual->s / $factor, 'redundancy' => $residual->redundancy];
    }

    /** Whether another residual is of the same reading taken once more. */
    private static function isRepeated(SetUp $setUp, string $id): bool
    {
        $same = array_filter($setUp->placement->solution->residuals ?? [], static fn(Residual $other): bool => ! $other->prior && Times::once($other->id) === Times::once($id));

        return count($same) > 1;
    }

    private static function staffReader(TaskContext $context, string $own): ?string
    {
        foreach ($context->order->floor ?? [] as $place => $read) {
            if (SiteFloor::own($context, (string) $place) === $own) {
                return $read->person;
            }
        }

        return null;
    }
}
