<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/**
 * What an order's record says twice and otherwise. A precondition is known by its id: "cover" (the cover is on),
 * "cover-off" (it is off), "level-floor" (the floor is surveyed or level), "supply" (the voltage is held).
 */
final readonly class Contradictions
{
    /**
     * @param VehicleSheet    $sheet     the car's, with what was measured on it
     * @param list<CarSensor> $concerned sensors that are owed a calibration, or may be
     */
    public function __construct(private ?Bay $bay, private OrderRecord $record, private VehicleSheet $sheet, private array $concerned) {}

    /**
     * @param list<ConditionState> $conditions
     *
     * @return list<Contradiction>
     */
    public function among(array $conditions): array
    {
        $found = [];
        foreach ($conditions as $condition) {
            if ($condition->answer?->answer->isMet() !== true) {
                continue;
            }
            $others = match ($condition->condition->id) {
                'cover' => $this->covers($condition, true),
                'cover-off' => $this->covers($condition, false),
                'level-floor' => $this->floor($condition),
                'supply' => $this->supply($condition),
                default => [],
            };
            foreach ($others as $other) {
                $found[] = new Contradiction($condition->sensor, self::answered($condition), $other);
            }
        }

        return $found;
    }

    private static function answered(ConditionState $condition): Statement
    {
        $answer = $condition->answer;

        return new Statement('conditions', Message::of('contradiction.condition', ['question' => $condition->condition->question, 'answer' => $answer?->answer === AnswerKind::OnWord ? 'word' : 'yes']), $answer->word ?? $answer?->person, $answer?->at);
    }

    /** @return list<Statement> */
    private function covers(ConditionState $condition, bool $on): array
    {
        $sensors = $condition->sensor === null ? $this->concerned : array_filter([$this->sheet->sensor($condition->sensor)]);
        $found = [];
        foreach ($sensors as $sensor) {
            $noted = $this->record->covers[$sensor->cover()->value ?? ''] ?? null;
            if ($noted instanceof CoverNoted && $noted->off === $on) {
                $found[$noted->cover->value] = new Statement('capture', Message::of($on ? 'contradiction.cover-off' : 'contradiction.cover-on', ['cover' => $noted->cover->said()]), $noted->person, $noted->at);
            }
        }

        return array_values($found);
    }

    /**
     * Somebody's word about a floor has its witness; to have seen it surveyed needs a survey.
     *
     * @return list<Statement>
     */
    private function floor(ConditionState $condition): array
    {
        $bay = $this->bay;
        $surveyed = $bay === null || $bay->survey !== null || $this->record->floor !== [];

        return $surveyed || $condition->answer?->answer !== AnswerKind::Yes ? [] : [new Statement('bay', Message::of('contradiction.no-survey', ['bay' => $bay->name]))];
    }

    /** @return list<Statement> */
    private function supply(ConditionState $condition): array
    {
        $scan = $this->record->lastScan('pre');
        $voltage = $scan?->scan->voltage;
        if ($scan === null || $voltage === null || $condition->answer === null || $scan->at < $condition->answer->at) {
            return [];
        }
        foreach ($condition->condition->values as $value) {
            [$least, $most] = ConditionState::limits($value, $this->sheet);
            $typed = $condition->answer->values[$value->id] ?? null;
            $within = static fn(float $number): bool => $number >= ($least ?? -INF) && $number <= ($most ?? INF);
            if ($value->unit === 'V' && ! $within($voltage) && ($typed === null || $within(TypedNumber::read($typed)))) {
                return [new Statement('scan', Message::of('contradiction.voltage', ['tool' => $scan->scan->tool, 'value' => Quantity::number($voltage)]), $scan->person, $scan->at)];
            }
        }

        return [];
    }
}
