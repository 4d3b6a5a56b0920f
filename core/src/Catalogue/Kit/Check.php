<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Day;
use Lumbro\Core\Measure\Node;

/** When an item of the kit was checked last, and when it is due again: dates as YYYY-MM-DD, or null where nobody knows. */
final readonly class Check implements Checked
{
    /** Last and next may be null alone. */
    public function __construct(
        #[At('lastCheck'), Day]
        public ?string $last = null,
        #[At('nextCheck'), Day]
        public ?string $next = null,
    ) {}

    /** Whether the check is due: its date has passed, or it was never made although one is asked for. */
    public function isOverdue(string $today): bool
    {
        return $this->next !== null && $this->next < $today;
    }

    public function check(Node $node): void
    {
        if ($this->last !== null && $this->next !== null && $this->next <= $this->last) {
            throw InvalidInput::because($node->path() . '/nextCheck', 'kit.check-order', ['next' => $this->next, 'last' => $this->last]);
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
