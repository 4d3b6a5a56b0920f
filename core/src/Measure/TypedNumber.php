<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\UnreadableReading;

/** A plain number as a person types it: a gauge's pressure, a film build. */
final class TypedNumber
{
    /**
     * A decimal comma counts as a point.
     *
     * @throws UnreadableReading where it is no number
     */
    public static function read(string $typed): float
    {
        $text = str_replace(',', '.', trim($typed));
        if (preg_match('/^-?\d{1,6}(\.\d{1,4})?$/', $text) !== 1) {
            throw UnreadableReading::because($typed, 'not-a-number', 'number');
        }

        return (float) $text;
    }
}
