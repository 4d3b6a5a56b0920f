<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** A reading taken back. It stays in the record, and whatever it had struck counts again. */
final readonly class ReadingStruck extends Line
{
    public const KIND = 'strike';

    /** @param string $reading id of the reading that no longer counts */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $reading,
    ) {
        parent::__construct($id, $person, $at);
    }
}
