<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Message\Message;

/** What follows for a sensor: its state, the route where it is owed, and why. */
final readonly class OwedOutcome
{
    /** @param Route|null $route null where nothing is owed */
    public function __construct(public OwedState $state, public ?Route $route, public string|Message $reason) {}
}
