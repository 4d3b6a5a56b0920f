<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\UnreadableReading;

/** A length to one side, in the vehicle's sense: "12 mm left". Left is positive, as everywhere. */
final readonly class SidedLength
{
    private function __construct(public string $typed, public float $millimetres, public LengthUnit $unit) {}

    /**
     * @throws UnreadableReading where the length or its side cannot be told
     */
    public static function fromReading(string $typed): self
    {
        $side = null;
        $text = preg_replace_callback(
            '/(?<![a-z])(left|right|l|r)(?![a-z])/i',
            static function (array $match) use (&$side, $typed): string {
                $found = strtolower($match[1][0]) === 'l' ? 1 : -1;
                if ($side !== null) {
                    throw UnreadableReading::because($typed, 'side-twice', 'side');
                }
                $side = $found;

                return '';
            },
            trim($typed),
        );
        $length = Length::fromReading((string) $text === '' ? $typed : (string) $text);
        if ($side === null && $length->millimetres > 0) {
            throw UnreadableReading::because($typed, 'no-side', 'side');
        }

        return new self(trim($typed), $length->millimetres * ($side ?? 1), $length->unit);
    }
}
