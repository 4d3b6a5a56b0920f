<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** What follows for a sensor: its state, the route where it is owed, and why. */
final readonly class OwedOutcome
{
    /** @param Route|null $route null where nothing is owed */
    public function __construct(
        #[Choice(OwedState::class)]
        public OwedState $state,
        #[Choice(Route::class, said: 'route')]
        public ?Route $route,
        #[Text]
        public string|Message $reason,
    ) {}
}
