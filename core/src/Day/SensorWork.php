<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What is still to be done at one owed sensor. */
final readonly class SensorWork
{
    /** Stages at its stance, in the order of work. */
    public const STAGES = ['prepare', 'floor', 'line', 'place', 'run', 'prove'];

    /**
     * @param string         $id      of the sensor on its car
     * @param string         $kind    such as "front"
     * @param string|null    $reached one of STAGES: the first that is not done; null where its set-up is over, or it has none
     * @param string|null    $stance  sensors of one stance are worked without moving the car
     * @param list<string>   $targets kinds of kit that stand on its spot from placing to proving
     * @param string|null    $school  way of measuring
     * @param OwedDrive|null $drive   that it is owed
     * @param list<string>   $uses    kinds of instruments that its line and its spot are measured with, of which there are few
     */
    public function __construct(
        public string $id,
        public string $kind,
        public ?string $reached,
        public ?string $stance = null,
        public array $targets = [],
        public ?string $school = null,
        public ?OwedDrive $drive = null,
        public array $uses = [],
    ) {}

    /**
     * The same at a stance.
     *
     * @param string|null  $reached one of STAGES; null where its set-up is over, or cannot be planned
     * @param list<string> $uses    of its instruments, those there are
     */
    public function at(?string $reached, ?string $stance, array $uses): self
    {
        return new self($this->id, $this->kind, $reached, $stance, $this->targets, school: $this->school, drive: $this->drive, uses: $uses);
    }

    /** How many of its stages are done. */
    public function stagesDone(): int
    {
        return $this->reached === null ? count(self::STAGES) : (int) array_search($this->reached, self::STAGES, true);
    }
}
