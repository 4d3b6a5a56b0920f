<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
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
    public function line(): string
    {
        return FigureMeasured::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        $now->order()->context->sheet->measured($line->figure, $line->value, $line->s);
    }

    public function question(Situation $now, Line $line): ?Message
    {
        $sheet = $now->order()->context->sheet;
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

        return $expected === null ? null : SlipGuard::question($line->typed, $line->value, $expected);
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
