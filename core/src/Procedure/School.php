<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Record\ReadingTaken;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Observation\Observation;

/** A way of establishing line and spot: the readings it asks for, and the survey they make. */
interface School
{
    /** @return list<PreparationItem> the steps that establish the line, before anything is read */
    public function lineSteps(): array;

    /** @return list<Call> in the order of work */
    public function calls(): array;

    /**
     * The placement task that these readings make. With some still missing, coarse guesses of the stand's place
     * take their part, so that what is measured can be shown already.
     *
     * @param array<string, ReadingTaken> $readings call → reading
     */
    public function task(array $readings): PlacementTask;

    /**
     * Calls without which the stand's place is not measured.
     *
     * @param array<string, ReadingTaken> $readings
     *
     * @return list<string>
     */
    public function missing(array $readings): array;

    /** The plan with the target on its spot and everything else where the sheet has it. */
    public function nominal(): Geometry;

    /**
     * Calls whose reading a move spoils, and no others (need J21).
     *
     * @param list<MoveKind> $kinds
     *
     * @return list<string>
     */
    public function spoiledBy(array $kinds): array;

    /**
     * What each call should read with the target on its spot.
     *
     * @return array<string, float> mm, left positive; heights to the card's datum
     */
    public function expected(): array;

    /**
     * The equation behind each call that belongs to the survey; heights have none.
     *
     * @return array<string, Observation> call → observation without a value
     */
    public function equations(): array;

    /** The trade's words for an id of the survey, such as "frontMark.y". */
    public function words(string $id): string;
}
