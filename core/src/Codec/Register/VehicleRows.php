<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\Vehicle\FigureOrigin;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\UsualCar;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Cars: what the file says is from a document, all else is not known, with a width that a survey carries. */
final readonly class VehicleRows extends Rows
{
    /** A figure that somebody else's table gives is no better known than this, mm, standard. */
    private const TABLE = 5.0;

    /** Column → place in the sheet. */
    private const SENSORS = ['front.ahead' => ['front', 'along'], 'front.across' => ['front', 'across'], 'front.height' => ['front', 'height'], 'rear.behind' => ['rear', 'along'], 'rear.aside' => ['rear', 'across'], 'rear.height' => ['rear', 'height']];

    public function columns(): array
    {
        $places = array_column(SensorPlace::cases(), 'value');

        return [
            new Column('make', 'text', Message::of('column.make'), true),
            new Column('model', 'text', Message::of('column.model'), true),
            new Column('years', 'text', Message::of('column.years')),
            new Column('vins', 'words', Message::of('column.vins')),
            new Column('sensors', 'choices', Message::of('column.sensors'), true, $places),
            ...array_map(static fn(string $figure): Column => new Column($figure, 'length', Message::of("figure.$figure")), VehicleSheet::MEASURABLE),
            ...array_map(static fn(string $figure): Column => new Column($figure, 'length', Message::of("column.$figure")), array_keys(self::SENSORS)),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        $places = array_map(static fn(string $place): SensorPlace => SensorPlace::from($place), array_values(array_unique($values->texts('sensors'))));
        if ($places === []) {
            throw InvalidInput::because('/sensors', 'vehicle.no-sensor');
        }
        $sheet = Copy::of(UsualCar::of($values->text('make'), $values->text('model'), $places), ['years' => $values->optional('years')]);
        $from = new FigureOrigin('document', mb_strimwidth($source, 0, 200, '…'));
        foreach (VehicleSheet::MEASURABLE as $figure) {
            if ($values->has($figure)) {
                $sheet = $sheet->measured($figure, $values->number($figure), self::TABLE, $from);
            }
        }
        foreach (self::SENSORS as $column => [$end, $coordinate]) {
            foreach ($values->has($column) ? $sheet->sensors : [] as $sensor) {
                if (($end === 'rear') !== $sensor->looksBack() || ($end === 'front' && $sensor->kind !== 'front')) {
                    continue;
                }
                $mm = $values->number($column);
                $sheet = $sheet->measured("$sensor->id.$coordinate", match (true) {
                    $coordinate === 'along' => $end === 'rear' ? -$mm : $sheet->wheelbase + $mm,
                    $coordinate === 'across' && $sensor->side === 'right' => -abs($mm),
                    default => $mm,
                }, self::TABLE, $from);
            }
        }
        // Taken from a paper, nothing of it was measured on a car.
        return Document::write(Copy::of($sheet, ['measured' => []]));
    }

    public function row(Node $document): array
    {
        $sheet = Document::read(VehicleSheet::class, $document);
        $row = ['make' => $sheet->make, 'model' => $sheet->model, 'years' => $sheet->years, 'vins' => null, 'sensors' => implode('; ', array_column($sheet->sensors, 'id'))];
        foreach (VehicleSheet::MEASURABLE as $figure) {
            $row[$figure] = ! $sheet->isGrown() || ($sheet->origins[$figure] ?? null)?->isKnown() === true ? $sheet->figure($figure) : null;
        }
        foreach (self::SENSORS as $column => [$end, $coordinate]) {
            $row[$column] = null;
            foreach ($sheet->sensors as $sensor) {
                $isOne = $end === 'rear' ? $sensor->looksBack() : $sensor->kind === 'front';
                if ($isOne && (! $sheet->isGrown() || ($sheet->origins["$sensor->id.$coordinate"] ?? null)?->isKnown() === true)) {
                    $row[$column] = match (true) {
                        $coordinate === 'along' => $end === 'rear' ? -$sensor->along : $sensor->along - $sheet->wheelbase,
                        $end === 'rear' && $coordinate === 'across' => abs($sensor->across),
                        default => $sensor->at($coordinate),
                    };
                    break;
                }
            }
        }

        return $row;
    }

    public function check(Node $document): void
    {
        Document::read(VehicleSheet::class, $document);
    }

    public function title(Node $document): string
    {
        $sheet = Document::read(VehicleSheet::class, $document);

        return "$sheet->make $sheet->model" . ($sheet->years === null ? '' : ", $sheet->years");
    }
}
