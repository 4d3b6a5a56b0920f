<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** A run that ended without a reading, in the tool's own words. */
final readonly class RunFailed extends Line
{
    public const KIND = 'run-failed';

    /** @param string $message the tool's own words */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $message,
    ) {
        parent::__construct($id, $person, $at);
    }
}
