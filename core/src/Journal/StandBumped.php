<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** The stand was bumped, or moved by somebody unasked: nobody knows where to, and all that was measured to it is due again. */
final readonly class StandBumped extends Line
{
    public const KIND = 'bumped';

    /** @param string $note how it came about, in the person's words; may be empty */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(200)]
        public string $note = '',
    ) {
        parent::__construct($id, $person, $at);
    }
}
