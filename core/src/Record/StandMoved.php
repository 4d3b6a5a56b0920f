<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

use Lumbro\Core\Procedure\MoveKind;

/** The stand was moved; what the move spoils is due again. */
final readonly class StandMoved extends Entry
{
    /** @param non-empty-list<MoveKind> $kinds */
    public function __construct(string $id, string $person, string $at, public array $kinds)
    {
        parent::__construct($id, $person, $at);
    }
}
