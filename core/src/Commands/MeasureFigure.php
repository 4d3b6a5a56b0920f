<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\FigureMeasured;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\SlipGuard;
use Lumbro\Core\Message\Message;

/**
 * A figure of the car's shape is measured on this car.
 *
 * @extends Command<FigureMeasured>
 */
final readonly class MeasureFigure extends Command
{
    /** Further from what is taken for it than so many times its width no figure of a car lies. */
    private const WIDE = 3.0;

    public function line(): string
    {
        return FigureMeasured::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        $line->on($now->order()->context->sheet);
        if ($line->from !== null && ! str_ends_with($line->figure, '.along')) {
            throw InvalidInput::because('/from', 'vehicle.from', ['figure' => $line->figure]);
        }
    }

    public function question(Situation $now, Line $line): ?Message
    {
        $sheet = $now->order()->sheet;
        $parts = explode('.', $line->figure, 2);
        $sensor = $sheet->sensor($parts[0]);
        $expected = match (true) {
            in_array($line->figure, VehicleSheet::MEASURABLE, true) => $sheet->figure($line->figure),
            $sensor === null => null,
            default => match ($parts[1] ?? '') {
                'along' => $sensor->along,
                'across' => $sensor->across,
                'height' => $sensor->height,
                default => null,
            },
        };

        $value = $line->valueOn($sheet);
        $s = $sensor === null ? $sheet->sOf($line->figure) : $sensor->sOf($parts[1] ?? '');

        // A figure that nobody knows is expected somewhere within its width.
        return $expected === null || abs($value - $expected) <= self::WIDE * $s ? null : SlipGuard::question($line->typed, $value, $expected);
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
