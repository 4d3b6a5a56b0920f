<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A learning drive was made, with the track that tells what of it counted (need J32). */
final readonly class DriveTaken extends OrderLine
{
    /**
     * @param string $track  id of the kept track
     * @param string $driver who drove
     * @param string $file   as the track's file was called
     * @param list<string> $enough ids of the sensors whose card's need it met, as it was judged when it was taken in
     */
    public function __construct(string $id, string $person, string $at, public string $track, public string $driver, public string $file, public array $enough = [])
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "drive $this->track";
    }
}
