<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\ConditionValue;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Message\Message;

/** What a repair order says to one of its sensor tasks. */
final readonly class TaskOrder
{
    /**
     * @param list<PreparationItem>   $preparation
     * @param array<string, Answered> $answers item → answer
     * @param list<Bar>               $bars    why the run may not start, beside what the task itself knows
     * @param array{front?: Mark, rear?: Mark} $marks what is plumbed at the car's ends, where it is not the emblem
     * @param array<string, FloorRead> $floor  place → staff reading
     * @param list<string>            $carMoved when the car was put somewhere else, in order
     * @param Policy                  $policy  of the shop, for readings near the limit
     * @param string|null             $lotCode from the sensor's label; null where nobody noted it
     * @param Message|null $bracketLevel as captured, with whose word it is; null where it was not
     * @param list<string>            $floorAgain places whose staff showed the same when it was read anew
     * @param array<string, list<ConditionValue>> $values precondition → values it has
     * @param list<string|Message> $overdue instruments in use whose check is overdue
     * @param bool|null               $filmHolds whether the film build over the sensor is within its limit; null where it was not measured
     */
    public function __construct(
        public Owed $owed,
        public array $preparation,
        public array $answers,
        public array $bars,
        public array $marks = [],
        public array $floor = [],
        public array $carMoved = [],
        public Policy $policy = new Policy(),
        public ?string $lotCode = null,
        public ?bool $filmHolds = null,
        public ?Message $bracketLevel = null,
        public array $overdue = [],
        public array $floorAgain = [],
        public array $values = [],
    ) {}

    /**
     * The same with staffs read.
     *
     * @param array<string, FloorRead> $floor place → staff reading
     * @param list<string>             $again places whose staff showed the same when it was read anew
     */
    public function onFloor(array $floor, array $again): self
    {
        return new self(
            owed: $this->owed,
            preparation: $this->preparation,
            answers: $this->answers,
            bars: $this->bars,
            marks: $this->marks,
            floor: $floor,
            carMoved: $this->carMoved,
            policy: $this->policy,
            lotCode: $this->lotCode,
            filmHolds: $this->filmHolds,
            bracketLevel: $this->bracketLevel,
            overdue: $this->overdue,
            floorAgain: $again,
            values: $this->values,
        );
    }
}
