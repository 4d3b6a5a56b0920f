<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** The car goes into another bay: where it stood and what its floor read there are left behind. */
final readonly class BayChosen extends OrderLine
{
    public const KIND = 'bay';

    /** @param string $bay id of the bay; $name as it was called then */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(60)]
        public string $bay,
        #[Text(80)]
        public string $name,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'stance';
    }
}
