<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\People\Role;

/** Somebody closes the order: everything in it is settled. What is written after it opens it again. */
final readonly class OrderClosed extends OrderLine
{
    public const KIND = 'closed';

    /** @param string|null $as role it was done in */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(Role::class, kept: 'text')]
        public ?string $as = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'closed';
    }
}
