<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Failure\InvalidInput;

/** A vehicle identification number: 17 characters without I, O and Q (ISO 3779). */
final readonly class Vin
{
    private const VALUES = [
        'A' => 1, 'B' => 2, 'C' => 3, 'D' => 4, 'E' => 5, 'F' => 6, 'G' => 7, 'H' => 8, 'J' => 1, 'K' => 2, 'L' => 3,
        'M' => 4, 'N' => 5, 'P' => 7, 'R' => 9, 'S' => 2, 'T' => 3, 'U' => 4, 'V' => 5, 'W' => 6, 'X' => 7, 'Y' => 8, 'Z' => 9,
    ];

    private const WEIGHTS = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2];

    /** @param bool $checks whether the ninth character is the check digit of the others; not every maker uses one */
    private function __construct(public string $text, public bool $checks) {}

    /**
     * As typed, or as a barcode reader sends it: with blanks, hyphens, an asterisk at both ends or a leading I.
     *
     * @throws InvalidInput saying which character is wrong, or how many are there
     */
    public static function fromText(string $typed, string $path = '/vin'): self
    {
        $text = strtoupper((string) preg_replace('/[\s*-]+/u', '', $typed));
        if (strlen($text) === 18 && $text[0] === 'I') {
            // Some labels carry an import mark before the number itself.
            $text = substr($text, 1);
        }
        if (preg_match('/[^A-Z0-9]/', $text, $found) === 1) {
            throw InvalidInput::because($path, 'vin.character');
        }
        if (preg_match('/[IOQ]/', $text, $found) === 1) {
            throw InvalidInput::because($path, 'vin.letter', ['letter' => $found[0], 'digit' => $found[0] === 'I' ? '1' : '0']);
        }
        if (strlen($text) !== 17) {
            throw InvalidInput::because($path, 'vin.length', ['count' => strlen($text)]);
        }

        return new self($text, self::checkDigit($text) === $text[8]);
    }

    /** The check digit that its other characters ask for: "0" to "9" or "X". */
    public static function checkDigit(string $text): string
    {
        $sum = 0;
        foreach (str_split($text) as $i => $character) {
            $sum += (self::VALUES[$character] ?? (int) $character) * self::WEIGHTS[$i];
        }

        return $sum % 11 === 10 ? 'X' : (string) ($sum % 11);
    }
}
