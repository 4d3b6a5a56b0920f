<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/**
 * A tape or laser whose errors all its readings share: reading = (1 + scale) · value + zero.
 * The scale has no unit, the zero is in mm.
 */
final readonly class Instrument
{
    /**
     * @param Prior|null $scale without unit; null for an instrument whose scale is not in doubt
     * @param Prior|null $zero  mm
     */
    public function __construct(public string $name, public ?Prior $scale = null, public ?Prior $zero = null) {}
}
