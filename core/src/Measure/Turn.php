<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\UnreadableReading;

/** A turn as it is typed, "0.4° clockwise", seen from above. Anticlockwise is positive, as everywhere. */
final readonly class Turn
{
    private function __construct(public string $typed, public float $degrees) {}

    /**
     * @throws UnreadableReading where the angle or its sense cannot be told
     */
    public static function fromReading(string $typed): self
    {
        $text = strtolower(trim($typed));
        if (preg_match('/^(\d{1,3}(?:[.,]\d{1,4})?)\s*(?:°|deg|degrees?)?\s*(anticlockwise|counterclockwise|clockwise|acw|ccw|cw)?$/u', $text, $found) !== 1) {
            throw UnreadableReading::because($typed, 'not-a-turn', 'turn');
        }
        $degrees = (float) str_replace(',', '.', $found[1]);
        $sense = $found[2] ?? '';
        if ($sense === '' && $degrees > 0) {
            throw UnreadableReading::because($typed, 'no-sense', 'turn');
        }

        return new self(trim($typed), in_array($sense, ['clockwise', 'cw'], true) ? -$degrees : $degrees);
    }
}
