<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Card\ToolCommand;

/** The card's steps as a state machine: which are done, which one is due, and which wait (needs J24, J28). */
final readonly class Routine
{
    /** @param list<CardStep> $steps */
    private function __construct(public array $steps, private RunLog $log) {}

    /**
     * The steps of a card; one without any is run and read.
     *
     * @return list<CardStep>
     */
    public static function steps(ProcedureCard $card): array
    {
        $steps = $card->steps;
        $commands = array_map(static fn(CardStep $step): ?ToolCommand => $step->command(), $steps);
        if (! in_array(ToolCommand::Read, $commands, true)) {
            $last = $steps === [] ? [] : [$steps[count($steps) - 1]->id];
            $steps[] = new CardStep('read-axis', '', $last, null, 'read');
        }

        return $steps;
    }

    /** The routine of a card as far as its log has come. */
    public static function of(ProcedureCard $card, RunLog $log): self
    {
        return new self(self::steps($card), $log);
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
