<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Kit\KitNeed;
use Lumbro\Core\Catalogue\ShopRules\CodeRule;
use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\MarkPlumbed;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Message\Message;

/** Where a repair order stands before its sensors are set up: a pure function of its record and of what it rests on. */
final readonly class OrderState
{
    public OrderRecord $record;

    /** The vehicle's sheet with what was measured on this car. */
    public VehicleSheet $sheet;

    /** @var array<string, Owed> sensor → whether it is owed a calibration */
    public array $owed;

    /** @var list<OwedChange> oldest first */
    public array $changes;

    /** @var list<Capture> */
    public array $captures;

    /** @var list<ConditionState> */
    public array $conditions;

    /** @var array<string, list<SortedCode>> phase of the last scans → their codes */
    public array $codes;

    /** @var list<KitNeed> */
    public array $needs;

    /** @var list<Contradiction> */
    public array $contradictions;

    /** @param list<OrderLine> $entries the order's record, in order */
    public function __construct(public OrderContext $context, array $entries)
    {
        $this->record = new OrderRecord($entries);
        $sheet = $context->sheet;
        foreach ($this->record->figures as $figure) {
            $sheet = $figure->on($sheet);
        }
        $this->sheet = $sheet;
        $this->owed = $this->owedAfter($this->record);
        $this->changes = $this->changesOfOwed();
        $concerned = $this->concerned();
        $this->captures = CaptureList::of($context, $this->record, $concerned);
        $this->conditions = ConditionList::of($context, $sheet, $this->record->conditions, $concerned);
        $codes = [];
        foreach (['pre', 'post'] as $phase) {
            $scan = $this->record->lastScan($phase);
            if ($scan !== null) {
                $codes[$phase] = array_map(fn(TroubleCode $code): SortedCode => SortedCode::by($code, $this->codeRules()), $scan->scan->codes);
            }
        }
        $this->codes = $codes;
        $this->needs = KitNeeds::of($context, $concerned);
        $this->contradictions = (new Contradictions($context->bay, $this->record, $sheet, $concerned))->among($this->conditions);
    }

    /** @return list<Capture> those that must be had before a cover goes back */
    public function alarms(): array
    {
        return array_values(array_filter($this->captures, static fn(Capture $capture): bool => $capture->state === CaptureState::Now));
    }

    /** @return list<CarSensor> those that are owed a calibration, or may be */
    public function concerned(): array
    {
        return array_values(array_filter($this->sheet->sensors, fn(CarSensor $sensor): bool => $this->owed[$sensor->id]->state !== OwedState::NotOwed));
    }

    /** @return list<CarSensor> those of them whose card asks for a drive */
    public function driven(): array
    {
        return array_values(array_filter($this->concerned(), fn(CarSensor $sensor): bool => ($this->context->cards[$sensor->id] ?? null)?->drive !== null));
    }

    /** @return list<RoadFunction> what the driver assistance is to be seen doing on the road */
    public function roadFunctions(): array
    {
        return RoadFunction::of($this->concerned(), $this->record->roadTests);
    }

    /**
     * What keeps the order open.
     *
     * @param list<string> $sealed   ids of the sensors whose record is sealed
     * @param bool         $practice whether the car is simulated
     * @param bool         $byItself whether it closes once nothing is open, as orders of before did
     */
    public function closing(array $sealed, bool $practice = false, bool $byItself = false): Closing
    {
        $concerned = $this->concerned();
        if ($practice) {
            return Closing::ofPractice($this->record, $concerned, $sealed, $this->waitsFor());
        }

        return Closing::of($this->record, $concerned, $this->driven(), $this->roadFunctions(), $this->codes['post'] ?? null, $sealed, $this->waitsFor(), $byItself);
    }

    /** The one thing this order waits for before its sensors are set up; "task" where nothing of that is left. */
    public function waitsFor(): Waiting
    {
        $alarms = $this->alarms();
        $questions = [];
        foreach ($this->concerned() as $sensor) {
            // Where another operation decides already, a question left open holds nothing up.
            if ($this->owed[$sensor->id]->state === OwedState::Owed) {
                continue;
            }
            foreach ($this->owed[$sensor->id]->questions() as $reason) {
                $questions[] = [$sensor, $reason];
            }
        }
        $open = array_values(array_filter($this->conditions, static fn(ConditionState $condition): bool => $condition->answer === null));
        $blocking = array_values(array_filter($this->codes['pre'] ?? [], static fn(SortedCode $code): bool => $code->sort === CodeSort::Blocking));
        $withoutCard = array_values(array_filter($this->concerned(), fn(CarSensor $sensor): bool => ($this->context->cards[$sensor->id] ?? null) === null));
        $missing = array_values(array_filter($this->needs, static fn(KitNeed $need): bool => $need->state === 'missing'));
        $cover = $this->coverInDoubt();

        return match (true) {
            $alarms !== [] && $cover === null => new Waiting('capture', self::these($alarms[0]->said(), count($alarms)), $alarms[0]->sensor->id),
            $this->record->openLines !== [] => new Waiting('estimate', Message::of('waits.estimate', ['count' => count($this->record->openLines)])),
            $this->record->operations === [] => new Waiting('operations', Message::of('waits.operations')),
            $cover !== null => new Waiting('cover', Message::of('waits.cover', ['cover' => $cover->said()])),
            $questions !== [] => new Waiting('question', self::these($questions[0][1]->question ?? Message::of('owed.maker-question'), count($questions)), $questions[0][0]->id),
            $this->concerned() === [] => new Waiting('nothing', Message::of('waits.nothing')),
            $this->record->lastScan('pre') === null => new Waiting('scan', Message::of('waits.scan')),
            $blocking !== [] => new Waiting('code', Message::of('waits.code', ['code' => $blocking[0]->code->code, 'unit' => $blocking[0]->code->unit])),
            $withoutCard !== [] => new Waiting('card', Message::of('waits.card', ['sensor' => $withoutCard[0]->name]), $withoutCard[0]->id),
            $this->contradictions !== [] => new Waiting('contradiction', self::these($this->contradictions[0]->said(), count($this->contradictions)), $this->contradictions[0]->sensor),
            $open !== [] => new Waiting('condition', self::these($open[0]->condition->question, count($open)), $open[0]->sensor),
            $missing !== [] => new Waiting('kit', Message::of('waits.kit', ['wanted' => $missing[0]->wanted])),
            default => new Waiting('task', Message::of('waits.task')),
        };
    }

    /**
     * What the order says to one of its sensor tasks; null where the car has no such sensor.
     *
     * @param RuleSet $rules by which the task is judged
     */
    public function forTask(string $sensorId, RuleSet $rules = RuleSet::NOW): ?TaskOrder
    {
        $sensor = $this->sheet->sensor($sensorId);
        if ($sensor === null) {
            return null;
        }
        $items = [];
        $answers = [];
        $values = [];
        foreach (ConditionList::ofSensor($this->context, $sensor) as $condition) {
            $items[] = new PreparationItem($condition->id, $condition->question, $condition->blocks, $condition->why);
            $values[$condition->id] = $condition->values;
            $of = $condition->perSensor ? $sensor->id : null;
            $answer = $this->record->conditions['condition ' . $condition->id . ($of === null ? '' : " $of")] ?? null;
            if ($answer !== null) {
                $met = ConditionState::of($condition, $of, $answer, $this->sheet)->findings === [];
                $answers[$condition->id] = new Answered($answer->id, $answer->person, $answer->at, $condition->id, $met ? $answer->answer : AnswerKind::No, $answer->word);
            }
        }

        foreach ($this->record->lineAnswers as $answer) {
            $answers[$answer->item] = new Answered($answer->id, $answer->person, $answer->at, $answer->item, $answer->answer, $answer->word);
        }

        return new TaskOrder(
            owed: $this->owed[$sensor->id],
            preparation: $items,
            answers: $answers,
            bars: (new OrderBars($this->context, $this->record, $this->codes['pre'] ?? [], $this->needs, $this->captures, $this->contradictions))
                ->of($sensor, $this->owed[$sensor->id], $sensor->cover() !== null && $this->isCoverInDoubt($sensor->cover()), $rules),
            marks: array_map(static fn(MarkPlumbed $plumbed): Mark => $plumbed->mark, $this->record->marks),
            floor: $this->record->floor,
            floorAgain: array_keys($this->record->floorAgain),
            values: array_filter($values),
            carMoved: $this->record->carMoved,
            policy: $this->context->shop->policy,
            lotCode: $this->captured($sensor, 'lot-code'),
            filmHolds: $this->filmHolds($sensor),
            bracketLevel: $this->bracketLevel($sensor),
            overdue: array_values(array_map(static fn(KitNeed $need): string|Message => $need->item ?? $need->wanted, array_filter(
                $this->needs,
                static fn(KitNeed $need): bool => $need->state === 'overdue' && in_array($sensor->id, $need->sensors, true),
            ))),
        );
    }

    /** The instruments, stand and targets the shop measures with today; null where a tape, a rule, a staff or a stand is lacking. */
    public function kit(): ?Kit
    {
        return $this->context->kit->forTask($this->context->today, $this->context->shop->overdue);
    }

    /** What was captured of a sensor; null where nothing was. */
    private function captured(CarSensor $sensor, string $item): ?string
    {
        $value = $this->record->captured[$sensor->id][$item]->value ?? '';

        return $value === '' ? null : $value;
    }

    private function bracketLevel(CarSensor $sensor): ?Message
    {
        $had = $this->record->captured[$sensor->id]['bracket-level'] ?? null;

        return match (true) {
            $had === null || $had->value === '' => null,
            $had->word === null => Message::of('bracket.level', ['value' => $had->value, 'person' => $had->person]),
            default => Message::of('bracket.level-on-word', ['value' => $had->value, 'word' => $had->word]),
        };
    }

    private function filmHolds(CarSensor $sensor): ?bool
    {
        foreach ($this->captures as $capture) {
            if ($capture->sensor->id === $sensor->id && $capture->item->id === 'film-build' && $capture->had !== null && $capture->had->value !== '') {
                return $capture->warning === null;
            }
        }

        return null;
    }

    /** The first cover that a concerned sensor sits behind and that nobody has said the place of. */
    private function coverInDoubt(): ?Cover
    {
        foreach ($this->concerned() as $sensor) {
            $cover = $sensor->cover();
            if ($cover !== null && $this->isCoverInDoubt($cover)) {
                return $cover;
            }
        }

        return null;
    }

    /** Whether something was done that takes a cover off, and nobody has said where it is. */
    private function isCoverInDoubt(Cover $cover): bool
    {
        foreach ($this->record->operations as $noted) {
            if ($noted->operation->uncovers() === $cover && $noted->state === 'done') {
                return ! isset($this->record->covers[$cover->value]);
            }
        }

        return false;
    }

    /** @return list<CodeRule> the cards' before the shop's */
    private function codeRules(): array
    {
        $rules = [];
        foreach ($this->context->cards as $card) {
            array_push($rules, ...($card->codes ?? []));
        }

        return [...$rules, ...$this->context->shop->codes];
    }

    /** @return array<string, Owed> */
    private function owedAfter(OrderRecord $record): array
    {
        $owed = [];
        foreach ($this->sheet->sensors as $sensor) {
            $owed[$sensor->id] = Owed::after(
                $record->operations(),
                $sensor,
                $this->context->cards[$sensor->id] ?? null,
                $this->context->shop->owed,
                $record->owedAnswers[$sensor->id] ?? [],
            );
        }

        return $owed;
    }

    /** @return list<OwedChange> */
    private function changesOfOwed(): array
    {
        $changes = [];
        $read = [];
        $before = $this->owedAfter(new OrderRecord([]));
        foreach ($this->record->entries as $entry) {
            $read[] = $entry;
            if (! $entry instanceof OperationNoted && ! $entry instanceof OwedAnswered) {
                continue;
            }
            $after = $this->owedAfter(new OrderRecord($read));
            $sensors = [];
            foreach ($this->sheet->sensors as $sensor) {
                [$old, $new] = [$before[$sensor->id], $after[$sensor->id]];
                if ($old->state !== $new->state || $old->route !== $new->route) {
                    $sensors[] = ['sensor' => $sensor, 'before' => $old, 'after' => $new];
                }
            }
            $changes[] = new OwedChange($entry, $sensors);
            $before = $after;
        }

        return $changes;
    }

    private static function these(string|Message $first, int $count): string|Message
    {
        return $count > 1 ? Message::of('waits.more', ['first' => $first, 'more' => $count - 1]) : $first;
    }
}
