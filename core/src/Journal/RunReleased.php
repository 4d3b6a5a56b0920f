<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Role;

/** Somebody lets one run go ahead although the interlock holds, in their name and for a reason. */
final readonly class RunReleased extends Line
{
    public const KIND = 'release';

    /**
     * @param list<string|Message> $overrode what the interlock had said
     * @param string|null $as role it was done in; null in records older than that
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $name,
        #[Text(null)]
        public string $reason,
        #[ListOf(new SaidText(), 100)]
        public array $overrode,
        #[Choice(Role::class, kept: 'text')]
        public ?string $as = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
