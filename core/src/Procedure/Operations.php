<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** The operations on a car that rules speak of: code → the trade's words. */
final class Operations
{
    public const WORDS = [
        'front-cover-removed' => 'front bumper cover off and on',
        'front-cover-painted' => 'front bumper cover repainted',
        'front-radar-replaced' => 'front radar sensor replaced',
        'front-bracket-changed' => 'front radar bracket changed',
        'wheel-alignment' => 'wheels aligned',
        'rear-cover-removed' => 'rear bumper cover off and on',
        'windscreen-replaced' => 'windscreen replaced',
    ];

    /** An operation in the trade's words; a code nobody put into words as it is. */
    public static function words(string $code): string
    {
        return self::WORDS[$code] ?? $code;
    }
}
