<?php

declare(strict_types=1);

namespace Lumbro\Core\Message;

/** A figure in a message, in the core's own unit: whoever reads it sees it in theirs. */
final readonly class Quantity implements \JsonSerializable
{
    /** The units a figure may have, as documents name them. */
    public const UNITS = ['mm', 'deg', 'dB', 'V', 's', 'kmh', 'chance', 'percent', 'turns', 'number', 'day', 'at'];

    private function __construct(public string $unit, public float|string $value, public ?int $digits = null) {}

    /** A length, mm; its sign is said in words. */
    public static function mm(float $value, int $digits = 0): self
    {
        return new self('mm', $value, $digits === 0 ? null : $digits);
    }

    /** An angle, degrees; its sign is said in words. */
    public static function degrees(float $value, int $digits = 2): self
    {
        return new self('deg', $value, $digits === 2 ? null : $digits);
    }

    /** A level, dB. */
    public static function decibels(float $value): self
    {
        return new self('dB', $value);
    }

    /** A voltage, V. */
    public static function volts(float $value): self
    {
        return new self('V', $value);
    }

    /** A time, s. */
    public static function seconds(float $value): self
    {
        return new self('s', $value);
    }

    /** A chance from 0 to 1. */
    public static function chance(float $value): self
    {
        return new self('chance', $value);
    }

    /** Turns of a screw, clockwise positive as seen by whoever faces its head. */
    public static function turns(float $value): self
    {
        return new self('turns', $value);
    }

    /** A plain number, with as many digits as it has, two after the point at most. */
    public static function number(float $value): self
    {
        return new self('number', $value);
    }

    /** A day, YYYY-MM-DD. */
    public static function day(string $value): self
    {
        return new self('day', $value);
    }

    /** @return array<string, float|int|string> as documents have it: {"mm": 12.5, "digits": 1} */
    public function jsonSerialize(): array
    {
        return $this->digits === null ? [$this->unit => $this->value] : [$this->unit => $this->value, 'digits' => $this->digits];
    }
}
