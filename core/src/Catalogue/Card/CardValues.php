<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The single values that a procedure card may have, in the order they are read. */
final class CardValues
{
    /** @return list<CardValue> */
    public static function all(): array
    {
        $n = static fn(string $pointer, string $group, string $label, string $unit, bool $required = true, string $missing = ''): CardValue
            => new CardValue($pointer, $group, $label, 'number', $unit, $required, [], $missing);

        return [
            new CardValue('/title', 'Card', 'Title', 'text'),
            new CardValue('/source', 'Card', 'Source', 'text'),
            new CardValue('/edition', 'Card', 'Edition', 'text'),
            new CardValue('/dated', 'Card', 'Dated', 'day'),
            new CardValue('/fits/make', 'Card', 'Car make', 'text', '', false, [], 'No order finds this card for its car.'),
            new CardValue('/fits/model', 'Card', 'Car model', 'text', '', false, [], 'No order finds this card for its car.'),
            new CardValue('/sensor/name', 'Sensor', 'Sensor', 'text'),
            $n('/sensor/along', 'Sensor', 'Place ahead of the front mark', 'mm'),
            $n('/sensor/across', 'Sensor', 'Place left of the middle', 'mm'),
            $n('/sensor/height', 'Sensor', 'Height over the floor', 'mm'),
            $n('/sensor/limits/azimuth', 'Sensor', 'Limit, azimuth', '°', false, 'Without it no reading of the azimuth can be judged.'),
            $n('/sensor/limits/elevation', 'Sensor', 'Limit, elevation', '°', false, 'Without it no reading of the elevation can be judged.'),
            new CardValue('/sensor/reported', 'Sensor', 'The tool reports', 'choice', '', true, ['misalignment', 'targetAngle']),
            $n('/sensor/s', 'Sensor', 'Standard uncertainty of a reading', '°'),
            new CardValue('/target/name', 'Target', 'Target', 'text'),
            new CardValue('/target/kind', 'Target', 'Kind of target', 'choice', '', false, CardDocument::TARGETS),
            new CardValue('/spot/datum', 'Spot', 'Measured from', 'choice', '', false, CardDocument::DATUMS),
            $n('/spot/along', 'Spot', 'Distance ahead', 'mm', false),
            $n('/spot/across', 'Spot', 'Left of the line', 'mm', false),
            $n('/spot/yaw', 'Spot', 'Stand turned from the line', '°', false),
            $n('/spot/range', 'Spot', 'Range from the sensor', 'mm', false),
            $n('/spot/bearing', 'Spot', 'Bearing from the sensor', '°', false),
            $n('/spot/height', 'Spot', 'Height over the floor', 'mm'),
            new CardValue('/spot/heightFrom', 'Spot', 'Height is taken from', 'choice', '', false, CardDocument::HEIGHTS_FROM),
            new CardValue('/spot/heightDatum', 'Spot', 'Height is to the target\'s', 'text'),
            $n('/spot/tolerance/along', 'Spot', 'Tolerance of the distance', 'mm', false, 'Without it the distance cannot be judged.'),
            $n('/spot/tolerance/across', 'Spot', 'Tolerance across', 'mm', false, 'Without it the place across cannot be judged.'),
            $n('/spot/tolerance/yaw', 'Spot', 'Tolerance of the stand\'s turn', '°', false, 'Without it squareness cannot be judged.'),
            $n('/spot/tolerance/range', 'Spot', 'Tolerance of the range', 'mm', false, 'Without it the range cannot be judged.'),
            $n('/spot/tolerance/bearing', 'Spot', 'Tolerance of the bearing', '°', false, 'Without it the bearing cannot be judged.'),
            $n('/spot/tolerance/height', 'Spot', 'Tolerance of the height', 'mm', false, 'Without it the height cannot be judged.'),
            $n('/spot/tilt', 'Spot', 'Plate tilted, its top towards the sensor', '°', false),
            $n('/echo/expected', 'Echo', 'Level expected', 'dB', false, 'Without it a weak echo goes unnoticed.'),
            $n('/echo/within', 'Echo', 'Within', 'dB', false, 'Without it a weak echo goes unnoticed.'),
            new CardValue('/reference', 'Line', 'Reference line', 'choice', '', false, CardDocument::REFERENCES, 'The shop\'s own choice is recorded with its reason.'),
            new CardValue('/adjustment/way', 'Adjustment', 'Adjusted by', 'choice', '', false, CardAdjustment::WAYS),
            $n('/adjustment/zeroRange', 'Adjustment', 'Electronic zeros, at most', '°', false),
            new CardValue('/adjustment/inclinometer/where', 'Adjustment', 'Inclinometer set on', 'text', '', false),
            $n('/adjustment/inclinometer/expected', 'Adjustment', 'Inclinometer reads', '°', false),
            $n('/adjustment/inclinometer/within', 'Adjustment', 'Inclinometer within', '°', false, 'Without it the inclinometer\'s reading cannot be judged.'),
            $n('/drive/slowest', 'Drive', 'Counts from', 'km/h', false),
            $n('/drive/fastest', 'Drive', 'Counts up to', 'km/h', false),
            $n('/drive/turning', 'Drive', 'Heading changes by at most', '°/s', false),
            $n('/drive/minutes', 'Drive', 'Must count', 'min', false),
            $n('/drive/kilometres', 'Drive', 'Must count', 'km', false),
            $n('/drive/glare', 'Drive', 'Low sun blinds within', '°', false),
        ];
    }

    /**
     * The value at a pointer, which the card must have.
     *
     * @throws InvalidInput where there is no such value
     */
    public static function of(string $pointer, string $path, Node $card): CardValue
    {
        foreach (self::all() as $value) {
            if ($value->pointer === $pointer && self::read($card, $pointer) !== null) {
                return $value;
            }
        }

        throw InvalidInput::because($path, sprintf('speaks of "%s", which is no single value of this card.', mb_strimwidth($pointer, 0, 80, '…')));
    }

    /** What a card has at a pointer: a number, a text, or null. */
    public static function read(Node $card, string $pointer): float|int|string|null
    {
        $raw = self::at($card, $pointer)?->raw();

        return is_int($raw) || is_float($raw) || is_string($raw) ? $raw : null;
    }

    /** What stands at a pointer that leads through objects alone; null where nothing does. */
    public static function at(Node $card, string $pointer): ?Node
    {
        $at = $card;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            if ($at === null || ! $at->isObject()) {
                return null;
            }
            $at = $at->member($step);
        }

        return $at;
    }

    /**
     * The values a card lacks although something is lost without them.
     *
     * @return list<CardValue>
     */
    public static function missing(Node $card): array
    {
        $polar = self::read($card, '/spot/range') !== null;
        $skipped = $polar ? ['/spot/tolerance/along', '/spot/tolerance/across', '/spot/tolerance/yaw'] : ['/spot/tolerance/range', '/spot/tolerance/bearing'];
        if (self::read($card, '/adjustment/inclinometer/where') === null) {
            $skipped[] = '/adjustment/inclinometer/within';
        }

        return array_values(array_filter(
            self::all(),
            static fn(CardValue $value): bool => $value->missing !== '' && ! in_array($value->pointer, $skipped, true) && self::read($card, $value->pointer) === null,
        ));
    }
}
