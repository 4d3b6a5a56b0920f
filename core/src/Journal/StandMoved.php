<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Method\MoveKind;

/** The stand was moved; what the move spoils is due again. */
final readonly class StandMoved extends Line
{
    public const KIND = 'move';

    /** @param non-empty-list<MoveKind> $kinds */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[ListOf(new Choice(MoveKind::class), none: 'move.no-kind')]
        public array $kinds,
    ) {
        parent::__construct($id, $person, $at);
    }
}
