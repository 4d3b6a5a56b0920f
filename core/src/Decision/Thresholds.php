<?php

declare(strict_types=1);

namespace Lumbro\Core\Decision;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\OwnForm;
use Lumbro\Core\Measure\Node;

/** The shop's thresholds: at most `out` chance of conformity is out, at least `holds` is holding. */
final readonly class Thresholds implements OwnForm
{
    /** @param float $out 0 to `holds`; $holds up to 1 */
    public function __construct(public float $out = 0.05, public float $holds = 0.95, string $path = '/thresholds')
    {
        if (! ($out >= 0 && $out < $holds && $holds <= 1)) {
            throw InvalidInput::because($path, 'decision.thresholds');
        }
    }

    /**
     * As a document gives them, or the usual ones where it gives none.
     *
     * @throws InvalidInput where they are not two chances, the smaller first
     */
    public static function read(?Node $node): self
    {
        if ($node === null) {
            return new self();
        }
        [$out, $holds] = $node->items(2);

        return new self($out->number(), $holds->number(), $node->path());
    }

    /** @return array{float, float} */
    public function written(): array
    {
        return [$this->out, $this->holds];
    }

    public static function form(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1], 'minItems' => 2, 'maxItems' => 2];
    }
}
