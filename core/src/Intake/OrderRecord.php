<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Journal\BayChosen;
use Lumbro\Core\Journal\Captured;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Journal\DriveTaken;
use Lumbro\Core\Journal\FigureMeasured;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\LeftOpen;
use Lumbro\Core\Journal\LineAnswered;
use Lumbro\Core\Journal\LineNotUnderstood;
use Lumbro\Core\Journal\LineSettled;
use Lumbro\Core\Journal\MarkPlumbed;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OrderClosed;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OtherSensorNoted;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Journal\PhotoAdded;
use Lumbro\Core\Journal\RoadTested;
use Lumbro\Core\Journal\ScanTaken;
use Lumbro\Core\Journal\StanceTaken;

/** The record of one repair order, read from its first line to its last; of those about one matter the last counts. */
final class OrderRecord
{
    /** Staff readings at one place that differ by no more say the same, mm. */
    private const SAME = 3.0;

    /** @var array<string, OperationNoted> operation's text → the line that counts; without those taken back */
    public array $operations = [];

    /** @var array<string, CoverNoted> cover → where it is */
    public array $covers = [];

    /** @var array<string, bool> cover → whether it was ever off here */
    public array $wasOff = [];

    /** @var array<string, array<string, OwedAnswered>> sensor → operation → answer */
    public array $owedAnswers = [];

    /** @var array<string, array<string, Captured>> sensor → item */
    public array $captured = [];

    /** @var array<string, ConditionAnswered> subject → answer */
    public array $conditions = [];

    /** @var list<ScanTaken> */
    public array $scans = [];

    /** @var array<string, FigureMeasured> figure → line */
    public array $figures = [];

    /** @var array<string, DetailNoted> field → line */
    public array $details = [];

    /** @var array<string, LineNotUnderstood> id → line of the estimate that is still open */
    public array $openLines = [];

    /** @var list<PhotoAdded> */
    public array $photos = [];

    /** @var array<string, LineAnswered> step of the line → answer */
    public array $lineAnswers = [];

    /** @var array<string, MarkPlumbed> "front" or "rear" → what is plumbed there */
    public array $marks = [];

    /** Where the car was put last; null where nobody said. */
    public ?StanceTaken $stance = null;

    /** @var list<DriveTaken> */
    public array $drives = [];

    /** @var array<string, RoadTested> road function → line */
    public array $roadTests = [];

    /** @var array<string, LeftOpen> open item → who handed it over */
    public array $left = [];

    /** @var array<string, OtherSensorNoted> name → what is said of a sensor that this order does not cover; "" where the car has none */
    public array $others = [];

    /** Who closed the order; null where something came after it. */
    public ?OrderClosed $closed = null;

    /** @var list<string> when the car was put somewhere else */
    public array $carMoved = [];

    /** @var array<string, FloorRead> place → staff reading; without those taken back */
    public array $floor = [];

    /** @var array<string, true> places whose staff showed the same when it was read anew */
    public array $floorAgain = [];

    /** @param list<OrderLine> $entries in the order they were recorded */
    public function __construct(public readonly array $entries)
    {
        foreach ($entries as $entry) {
            if (! $entry instanceof PhotoAdded) {
                $this->closed = $entry instanceof OrderClosed ? $entry : null;
            }
            match (true) {
                $entry instanceof OperationNoted => $this->operation($entry),
                $entry instanceof CoverNoted => $this->cover($entry),
                $entry instanceof OwedAnswered => $this->owedAnswers[$entry->sensor][$entry->operation] = $entry,
                $entry instanceof Captured => $this->captured[$entry->sensor][$entry->item] = $entry,
                $entry instanceof ConditionAnswered => $this->conditions[$entry->subject()] = $entry,
                $entry instanceof ScanTaken => $this->scans[] = $entry,
                $entry instanceof FigureMeasured => $this->figures[$entry->figure] = $entry,
                $entry instanceof DetailNoted => $this->details[$entry->field] = $entry,
                $entry instanceof LineNotUnderstood => $this->openLines[$entry->id] = $entry,
                $entry instanceof LineSettled => $this->settle($entry),
                $entry instanceof PhotoAdded => $this->photos[] = $entry,
                $entry instanceof LineAnswered => $this->lineAnswers[$entry->item] = $entry,
                $entry instanceof MarkPlumbed => $this->marks[$entry->end] = $entry,
                $entry instanceof FloorRead => $this->floor($entry),
                $entry instanceof DriveTaken => $this->drives[] = $entry,
                $entry instanceof RoadTested => $this->roadTests[$entry->function] = $entry,
                $entry instanceof LeftOpen => $this->left[$entry->item] = $entry,
                $entry instanceof OtherSensorNoted => $this->other($entry),
                $entry instanceof StanceTaken => $this->stand($entry, $entry),
                $entry instanceof BayChosen => $this->stand($entry, null),
                default => null,
            };
        }
    }

    /** @return list<Operation> done or due */
    public function operations(): array
    {
        return array_values(array_map(static fn(OperationNoted $noted): Operation => $noted->operation, $this->operations));
    }

    /** The last scan of a phase; null where there is none. */
    public function lastScan(string $phase): ?ScanTaken
    {
        foreach (array_reverse($this->scans) as $scan) {
            if ($scan->phase === $phase) {
                return $scan;
            }
        }

        return null;
    }

    private function operation(OperationNoted $entry): void
    {
        $text = $entry->operation->text();
        if ($entry->state === 'withdrawn') {
            unset($this->operations[$text]);
        } else {
            $this->operations[$text] = $entry;
        }
    }

    private function cover(CoverNoted $entry): void
    {
        $this->covers[$entry->cover->value] = $entry;
        $this->wasOff[$entry->cover->value] = ($this->wasOff[$entry->cover->value] ?? false) || $entry->off;
    }

    private function other(OtherSensorNoted $entry): void
    {
        if ($entry->state === 'withdrawn') {
            unset($this->others[$entry->subject()]);
        } elseif ($entry->state === 'none') {
            $this->others = [$entry->subject() => $entry];
        } else {
            unset($this->others['other-sensor ']);
            $this->others[$entry->subject()] = $entry;
        }
    }

    private function settle(LineSettled $entry): void
    {
        unset($this->openLines[$entry->line]);
    }

    private function floor(FloorRead $entry): void
    {
        if ($entry->value === null) {
            unset($this->floor[$entry->place], $this->floorAgain[$entry->place]);
        } else {
            $before = $this->floor[$entry->place] ?? null;
            if ($before !== null && abs((float) $before->value - (float) $entry->value) <= self::SAME) {
                $this->floorAgain[$entry->place] = true;
            }
            $this->floor[$entry->place] = $entry;
        }
    }

    /** A car that is moved leaves its floor readings behind. */
    private function stand(OrderLine $moved, ?StanceTaken $stance): void
    {
        $this->stance = $stance;
        $this->carMoved[] = $moved->at;
        $this->floor = [];
        $this->floorAgain = [];
    }

    /** A day and an hour of the order as it stands, such as "2026-11-28T16:00"; null where nobody said one or it was taken back. */
    public function hour(string $field): ?string
    {
        $value = $this->details[$field]->value ?? DetailNoted::NONE;

        return $value === DetailNoted::NONE ? null : $value;
    }
}
