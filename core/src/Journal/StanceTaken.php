<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Fields\Inline;

/** Where the car was put in its bay. */
final readonly class StanceTaken extends OrderLine
{
    public const KIND = 'stance';

    /** @param Stance $stance in the bay of the order */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Inline(Stance::class)]
        public Stance $stance,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'stance';
    }
}
