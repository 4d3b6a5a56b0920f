<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\People\Role;

/** A border-line axis was accepted by the shop's policy, in somebody's name. It proves nothing (need J29). */
final readonly class BorderlineAccepted extends Line
{
    public const KIND = 'accepted';

    /**
     * @param string $name who answers for it, and $reason why
     * @param string|null $as role it was done in; null in records older than that
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(80)]
        public string $name,
        #[Text(500)]
        public string $reason,
        #[Choice(Role::class, kept: 'text')]
        public ?string $as = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
