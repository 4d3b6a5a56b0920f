<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Measure\Node;

/** What another source gives for a value of a card: it stands beside it until one of the two is chosen. */
final readonly class OtherValue implements Checked
{
    /** @param float|string $value in the unit of the value it stands beside */
    public function __construct(
        #[NumberOrText]
        public float|string $value,
        #[Inline(Provenance::class)]
        public Provenance $from,
    ) {}

    public function check(Node $node): void
    {
        // Beside another source's value the question is whose it is.
        if ($this->from->source === null) {
            throw InvalidInput::missing($node->path(), 'source');
        }
    }

    public static function rule(): array
    {
        return ['required' => ['source']];
    }
}
