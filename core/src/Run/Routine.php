<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Decision\RuleSet;

/** The card's steps as a state machine: which are done, which one is due, and which wait (needs J24, J28). */
final readonly class Routine
{
    /** @param list<CardStep> $steps */
    private function __construct(public array $steps, private RunLog $log) {}

    /** The second look at a plate's level: nothing else would show a bubble that was misread. */
    public const PLATE = 'plate-again';

    /**
     * The steps of a card; one without any is run and read.
     *
     * @param RuleSet $rules those that count what could hide want a plate's level looked at twice
     *
     * @return list<CardStep>
     */
    public static function steps(ProcedureCard $card, RuleSet $rules): array
    {
        $steps = $card->steps;
        $commands = array_map(static fn(CardStep $step): ?ToolCommand => $step->command(), $steps);
        if (! in_array(ToolCommand::Read, $commands, true)) {
            $last = $steps === [] ? [] : [$steps[count($steps) - 1]->id];
            $steps[] = new CardStep('read-axis', '', $last, null, 'read');
        }

        return $card->isPlate && $rules->isInSpace() ? self::levelled($steps) : $steps;
    }

    /**
     * The same with the plate's level turned round, once the plate stands where it is run.
     *
     * @param list<CardStep> $steps
     *
     * @return list<CardStep>
     */
    private static function levelled(array $steps): array
    {
        foreach ($steps as $at => $step) {
            if (in_array($step->command(), [ToolCommand::Start, ToolCommand::Read], true)) {
                $again = new CardStep(self::PLATE, '', $step->after);
                $waits = new CardStep($step->id, $step->text, [...$step->after, self::PLATE], $step->seconds, $step->does);

                return [...array_slice($steps, 0, $at), $again, $waits, ...array_slice($steps, $at + 1)];
            }
        }

        return $steps;
    }

    /** The routine of a card as far as its log has come. */
    public static function of(ProcedureCard $card, RuleSet $rules, RunLog $log): self
    {
        return new self(self::steps($card, $rules), $log);
    }

    /** The step that is due; null where all are done. */
    public function next(): ?CardStep
    {
        foreach ($this->steps as $step) {
            if (! isset($this->log->done[$step->id]) && array_diff($step->after, array_keys($this->log->done)) === []) {
                return $step;
            }
        }

        return null;
    }

    /** The step that reads the axis. */
    public function reading(): CardStep
    {
        foreach ($this->steps as $step) {
            if ($step->command() === ToolCommand::Read) {
                return $step;
            }
        }

        throw new \LogicException('Every routine reads the axis.');
    }

    /** The step of this id; null where the card has none. */
    public function step(string $id): ?CardStep
    {
        foreach ($this->steps as $step) {
            if ($step->id === $id) {
                return $step;
            }
        }

        return null;
    }

    /** "done", "now" or "later". */
    public function stateOf(CardStep $step): string
    {
        return isset($this->log->done[$step->id]) ? 'done' : ($this->next()?->id === $step->id ? 'now' : 'later');
    }
}
