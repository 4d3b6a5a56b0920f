<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\Card\CardSpot;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Procedure cards with their first values; what else a card has is entered on its screen. Nobody has checked one that came out of a file. */
final readonly class CardRows extends Rows
{
    private const LENGTHS = ['sensor.along', 'sensor.across', 'sensor.height', 'spot.along', 'spot.across', 'spot.range', 'spot.height', 'spot.tolerance.along', 'spot.tolerance.across', 'spot.tolerance.range', 'spot.tolerance.height'];

    private const ANGLES = ['sensor.limits.azimuth', 'sensor.limits.elevation', 'sensor.s', 'spot.bearing', 'spot.yaw', 'spot.tolerance.yaw', 'spot.tolerance.bearing'];

    /** One reading of an axis where nobody says otherwise, degrees, standard. */
    private const READING = 0.05;

    public function columns(): array
    {
        $label = static fn(string $id): Message => Message::of("column.card.$id");

        return [
            new Column('title', 'text', $label('title'), true),
            new Column('source', 'text', $label('source'), true),
            new Column('edition', 'text', $label('edition'), true),
            new Column('dated', 'day', $label('dated'), true),
            new Column('fits.make', 'text', $label('fits.make'), true),
            new Column('fits.model', 'text', $label('fits.model'), true),
            new Column('fits.sensors', 'choices', $label('fits.sensors'), true, array_column(SensorPlace::cases(), 'value')),
            new Column('sensor.name', 'text', $label('sensor.name'), true),
            new Column('sensor.reported', 'choice', $label('sensor.reported'), false, ['misalignment', 'targetAngle']),
            new Column('target.name', 'text', $label('target.name'), true),
            new Column('spot.datum', 'choice', $label('spot.datum'), false, CardSpot::DATUMS),
            new Column('spot.heightDatum', 'text', $label('spot.heightDatum')),
            ...array_map(static fn(string $id): Column => new Column($id, 'length', $label($id), in_array($id, ['sensor.along', 'sensor.height', 'spot.height'], true)), self::LENGTHS),
            ...array_map(static fn(string $id): Column => new Column($id, 'number', $label($id)), self::ANGLES),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        $polar = $values->has('spot.range') || $values->has('spot.bearing');
        $datum = $values->optional('spot.heightDatum') ?? 'centre';
        // An id tells cards apart, and the file may name one sensor on many cars.
        $id = self::id("{$values->text('fits.make')} {$values->text('fits.model')} " . implode(' ', $values->texts('fits.sensors')));

        return [
            'id' => $id, 'enteredBy' => mb_strimwidth($source, 0, 80, '…'),
            ...$values->nested([
                'sensor.across' => 0.0, 'sensor.reported' => 'misalignment', 'sensor.s' => self::READING, 'sensor.limits' => new \stdClass(),
                'spot.heightDatum' => 'centre', 'spot.tolerance' => new \stdClass(), ...($polar ? [] : ['spot.across' => 0.0, 'spot.yaw' => 180.0]),
                'target.heights' => ['centre' => 0.0, $datum => 0.0],
            ]),
            'rules' => [], 'preparation' => [], 'zone' => [], 'cautions' => [],
        ];
    }

    public function check(Node $document): void
    {
        Document::read(ProcedureCard::class, $document);
    }

    public function title(Node $document): string
    {
        return Document::read(ProcedureCard::class, $document)->title;
    }
}
