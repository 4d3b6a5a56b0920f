<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\UnreadableReading;

/** A length as it was typed, beside its value in mm (maths, section 1). Never negative: directions are words. */
final readonly class Length
{
    /** Longer than any bay, mm. */
    private const LONGEST = 100_000.0;

    private const GLYPHS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        '″' => '"', '”' => '"', '“' => '"', '′' => "'", '’' => "'", '‘' => "'", "''" => '"', "\u{a0}" => ' ', "\u{202f}" => ' ',
    ];

    private const NUMBER = '(?<whole>[\d.,](?:[\d., ]*\d)?)';
    private const INCHES = '(?:(?<inches>[\d.,]*\d)(?:(?:\s+|\s*-\s*)(?<top>\d+)\/(?<bottom>\d+))?|(?<topOnly>\d+)\/(?<bottomOnly>\d+))';

    private function __construct(public string $typed, public float $millimetres, public LengthUnit $unit) {}

    /**
     * Reads what is printed on a tape, in service information or by Lumbro itself; a bare number is millimetres, a bare
     * fraction inches.
     *
     * @throws UnreadableReading naming the text, the reason and an example
     */
    public static function fromReading(string $typed): self
    {
        $text = strtolower(trim(strtr($typed, self::GLYPHS)));
        if ($text === '') {
            throw UnreadableReading::because($typed, 'empty', 'length');
        }
        if (preg_match('/^[-+−–]/u', $text) === 1) {
            throw UnreadableReading::because($typed, 'signed', 'side');
        }
        $read = self::metric($text) ?? self::feetAndInches($text);
        if ($read === null && preg_match('/\d,\d{3}\s*cm$/', $text) === 1) {
            throw UnreadableReading::because($typed, 'comma', 'comma');
        }
        if ($read === null) {
            throw UnreadableReading::because($typed, 'not-a-length', 'length');
        }
        [$millimetres, $unit] = $read;
        if (! ($millimetres <= self::LONGEST)) {
            throw UnreadableReading::because($typed, 'too-long', 'length');
        }

        return new self(trim($typed), $millimetres, $unit);
    }

    /** @return array{float, LengthUnit}|null */
    private static function metric(string $text): ?array
    {
        if (preg_match('/^' . self::NUMBER . '\s*(?<unit>mm|cm|m)?$/', $text, $match) !== 1) {
            return null;
        }
        $unit = LengthUnit::from($match['unit'] ?? 'mm');
        $figure = PlainFigure::of($match['whole'], $unit->value);

        return $figure === null ? null : [(float) $figure * $unit->millimetres(), $unit];
    }

    /** @return array{float, LengthUnit}|null */
    private static function feetAndInches(string $text): ?array
    {
        $feet = 0.0;
        $unit = LengthUnit::Inch;
        if (preg_match('/^' . self::NUMBER . "\s*(?:'|ft\.?|foot|feet)\s*(?:-\s*(?=.))?(?<rest>.*)$/", $text, $match) === 1) {
            $unit = LengthUnit::Foot;
            $figure = PlainFigure::of($match['whole'], 'ft');
            if ($figure === null) {
                return null;
            }
            $feet = (float) $figure;
            $text = $match['rest'];
            if ($text === '') {
                return [$feet * 304.8, $unit];
            }
        }
        // A fraction is on no other tape, so it needs no unit beside it.
        $named = preg_match('/^' . self::INCHES . '\s*(?:"|in\.?|inch|inches)$/', $text, $match, PREG_UNMATCHED_AS_NULL) === 1;
        if (! $named && ($unit === LengthUnit::Foot || preg_match('/^(?:(?<inches>\d+)\s+(?<top>\d+)\/(?<bottom>\d+)|(?<topOnly>\d+)\/(?<bottomOnly>\d+))$/', $text, $match, PREG_UNMATCHED_AS_NULL) !== 1)) {
            return null;
        }
        $top = (float) ($match['top'] ?? $match['topOnly'] ?? 0);
        $bottom = (float) ($match['bottom'] ?? $match['bottomOnly'] ?? 1);
        $figure = PlainFigure::of($match['inches'] ?? '0', 'in');
        if ($figure === null) {
            return null;
        }
        $inches = (float) $figure;
        // A fraction finishes a whole number and is less than one, as on a tape.
        if ($bottom <= 0 || $top >= $bottom || (isset($match['top']) && floor($inches) !== $inches)) {
            return null;
        }
        $inches += $top / $bottom;
        if ($unit === LengthUnit::Foot && $inches >= 12) {
            return null;
        }

        return [$feet * 304.8 + $inches * 25.4, $unit];
    }
}
