<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A number in a unit, within bounds. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Number implements Kind
{
    /** Beyond this no length in mm and no angle in degrees lies. */
    public const FAR = 1e9;

    /** The least of what must be above zero: a standard uncertainty, a distance that cannot vanish. */
    public const ABOVE_ZERO = 1e-9;

    /**
     * @param string $unit   as forms show it; "" for none
     * @param float  $least  included
     * @param float  $most   included
     * @param float  $factor what is computed with is so many times what the document says: 60 for minutes held as seconds
     */
    public function __construct(public string $unit = '', public float $least = -self::FAR, public float $most = self::FAR, public float $factor = 1.0) {}

    public function read(Node $node): float
    {
        $number = match (true) {
            $this->most < self::FAR || $this->least > 0 && $this->least !== self::ABOVE_ZERO => $node->between($this->least, $this->most),
            $this->least === self::ABOVE_ZERO => $node->positive(),
            $this->least === 0.0 => $node->notNegative(),
            default => $node->number(),
        };

        return $this->factor === 1.0 ? $number : $this->factor * $number;
    }

    public function write(mixed $value): mixed
    {
        return $this->factor === 1.0 || ! is_float($value) ? $value : $value / $this->factor;
    }

    public function schema(Definitions $in): array
    {
        return ['type' => 'number', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
