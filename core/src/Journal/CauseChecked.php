<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Text;

/** A possible cause was looked into: found, and put right where that can be done here, or not found. */
final readonly class CauseChecked extends Line
{
    public const KIND = 'check';

    /** @param string $cause as the diagnosis names it */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(Cause::class, kept: 'text')]
        public string $cause,
        #[Flag]
        public bool $found,
        #[Text(300)]
        public string $note = '',
    ) {
        parent::__construct($id, $person, $at);
    }
}
