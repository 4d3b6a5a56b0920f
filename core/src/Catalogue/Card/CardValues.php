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
        $n = static fn(string $pointer, string $group, string $unit, bool $required = true, bool $lost = false): CardValue
            => new CardValue($pointer, $group, 'number', $unit, $required, [], $lost);

        return [
            new CardValue('/title', 'card', 'text'),
            new CardValue('/source', 'card', 'text'),
            new CardValue('/edition', 'card', 'text'),
            new CardValue('/dated', 'card', 'day'),
            new CardValue('/fits/make', 'card', 'text', '', false, [], true),
            new CardValue('/fits/model', 'card', 'text', '', false, [], true),
            new CardValue('/sensor/name', 'sensor', 'text'),
            $n('/sensor/along', 'sensor', 'mm'),
            $n('/sensor/across', 'sensor', 'mm'),
            $n('/sensor/height', 'sensor', 'mm'),
            $n('/sensor/limits/azimuth', 'sensor', '°', false, true),
            $n('/sensor/limits/elevation', 'sensor', '°', false, true),
            new CardValue('/sensor/reported', 'sensor', 'choice', '', true, ['misalignment', 'targetAngle']),
            $n('/sensor/s', 'sensor', '°'),
            new CardValue('/target/name', 'target', 'text'),
            new CardValue('/target/kind', 'target', 'choice', '', false, CardDocument::TARGETS),
            new CardValue('/spot/datum', 'spot', 'choice', '', false, CardDocument::DATUMS),
            $n('/spot/along', 'spot', 'mm', false),
            $n('/spot/across', 'spot', 'mm', false),
            $n('/spot/yaw', 'spot', '°', false),
            $n('/spot/range', 'spot', 'mm', false),
            $n('/spot/bearing', 'spot', '°', false),
            $n('/spot/height', 'spot', 'mm'),
            new CardValue('/spot/heightFrom', 'spot', 'choice', '', false, CardDocument::HEIGHTS_FROM),
            new CardValue('/spot/heightDatum', 'spot', 'text'),
            $n('/spot/tolerance/along', 'spot', 'mm', false, true),
            $n('/spot/tolerance/across', 'spot', 'mm', false, true),
            $n('/spot/tolerance/yaw', 'spot', '°', false, true),
            $n('/spot/tolerance/range', 'spot', 'mm', false, true),
            $n('/spot/tolerance/bearing', 'spot', '°', false, true),
            $n('/spot/tolerance/height', 'spot', 'mm', false, true),
            $n('/spot/tilt', 'spot', '°', false),
            $n('/echo/expected', 'echo', 'dB', false, true),
            $n('/echo/within', 'echo', 'dB', false, true),
            new CardValue('/reference', 'line', 'choice', '', false, CardDocument::REFERENCES, true),
            new CardValue('/adjustment/way', 'adjustment', 'choice', '', false, CardAdjustment::WAYS),
            $n('/adjustment/zeroRange', 'adjustment', '°', false),
            new CardValue('/adjustment/inclinometer/where', 'adjustment', 'text', '', false),
            $n('/adjustment/inclinometer/expected', 'adjustment', '°', false),
            $n('/adjustment/inclinometer/within', 'adjustment', '°', false, true),
            $n('/drive/slowest', 'drive', 'km/h', false),
            $n('/drive/fastest', 'drive', 'km/h', false),
            $n('/drive/turning', 'drive', '°/s', false),
            $n('/drive/minutes', 'drive', 'min', false),
            $n('/drive/kilometres', 'drive', 'km', false),
            $n('/drive/glare', 'drive', '°', false),
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

        throw InvalidInput::because($path, 'card.unknown-value', ['pointer' => mb_strimwidth($pointer, 0, 80, '…')]);
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
            static fn(CardValue $value): bool => $value->isLost && ! in_array($value->pointer, $skipped, true) && self::read($card, $value->pointer) === null,
        ));
    }
}
