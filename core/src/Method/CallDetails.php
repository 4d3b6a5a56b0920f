<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Message\Message;

/**
 * What sets a call apart from a plain one.
 *
 * @phpstan-import-type Parameter from Message
 */
final readonly class CallDetails
{
    /**
     * @param array<string, Parameter> $with           parameters of its title and instruction
     * @param bool                     $check          a further reading that checks the others
     * @param bool                     $statesAccuracy the accuracy is stated with each reading
     * @param list<string>             $datums         heights only: the datums it may be read to
     * @param int                      $sense          1 or −1: whether left of the car, or a longer tape, is positive in the survey
     * @param float                    $offset         of the survey's value where the reading is nil, mm or rad
     * @param Call|null                $of             the reading that this one repeats
     * @param int                      $time           which time it is read
     */
    public function __construct(
        public array $with = [],
        public bool $check = false,
        public bool $statesAccuracy = false,
        public array $datums = [],
        public int $sense = 1,
        public float $offset = 0.0,
        public ?Call $of = null,
        public int $time = 1,
    ) {}

    /** Of the same reading taken once more. */
    public function again(Call $of, int $time): self
    {
        return new self($this->with, true, $this->statesAccuracy, $this->datums, $this->sense, $this->offset, of: $of, time: $time);
    }
}
