<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** The schools a sensor's set-up is measured by were chosen, or a plan of readings was taken; readings taken by others stay in the survey. */
final readonly class SchoolsChosen extends Line
{
    public const KIND = 'schools';

    /** A plan has no more readings. */
    public const MOST = 200;

    /**
     * @param non-empty-list<string> $schools  their ids
     * @param list<string>           $readings the plan of readings that was taken: calls and staffs in the order of work; empty where the schools ask for theirs
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[ListOf(new Choice(ProcedureCard::SCHOOLS), none: 'schools.none')]
        public array $schools,
        #[ListOf(new Text(40), self::MOST)]
        public array $readings = [],
    ) {
        parent::__construct($id, $person, $at);
    }
}
