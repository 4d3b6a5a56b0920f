<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;

/** The schools a sensor's set-up is measured by were chosen; readings taken by others stay in the survey. */
final readonly class SchoolsChosen extends Line
{
    public const KIND = 'schools';

    /** @param non-empty-list<string> $schools their ids */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[ListOf(new Choice(ProcedureCard::SCHOOLS), none: 'schools.none')]
        public array $schools,
    ) {
        parent::__construct($id, $person, $at);
    }
}
