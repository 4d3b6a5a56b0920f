<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;

/** What a card begins with that is typed from a maker's page: which sensor of which car it is for, as the car's sheet has it. */
final class CardStart
{
    /** One reading of an axis that a tool shows is about this uncertain where nobody says otherwise, degrees, standard. */
    private const READING = 0.05;

    /**
     * @param list<string> $cautions that stand on every card
     *
     * @return array<string, mixed> a card's document without its source, its target and its spot
     */
    public static function of(VehicleSheet $sheet, CarSensor $sensor, array $cautions): array
    {
        return [
            'id' => self::id("$sheet->make $sheet->model $sensor->id"),
            'title' => "$sheet->make $sheet->model, $sensor->name",
            'sensor' => [
                'name' => $sensor->name,
                // From the front mark, as every card has it; a car that says where its sensors are is asked itself.
                'along' => $sensor->along - $sheet->wheelbase - $sheet->frontMark,
                'across' => $sensor->across,
                'height' => $sensor->height,
                'limits' => new \stdClass(),
                'reported' => 'misalignment',
                's' => self::READING,
            ],
            'rules' => [],
            'preparation' => [],
            'zone' => [],
            'cautions' => $cautions,
            'fits' => ['make' => $sheet->make, 'model' => $sheet->model, 'sensors' => $sensor->pair === null ? [$sensor->id] : [$sensor->id, $sensor->pair]],
        ];
    }

    private static function id(string $name): string
    {
        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');

        return substr($plain === '' ? 'card' : $plain, 0, 80);
    }
}
