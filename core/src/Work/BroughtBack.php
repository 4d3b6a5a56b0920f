<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\StandBumped;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Times;
use Lumbro\Core\Run\Routine;
use Lumbro\Core\SetUp\MeasuringPlan;

/** A target that was taken away for the empty zone and brought back: whether a reading has shown that it is where it was. */
final class BroughtBack
{
    /** The readings that tell best where the target is across, the best first. */
    public const TELLING = ['spot-offset', 'split-far', 'pose-across', 'bar-left', 'scale-left', 'check-left', 'hub-left', 'range', 'spot-along'];

    /**
     * @param list<Line> $entries the task's record, in order
     */
    public static function isShown(MeasuringPlan $plan, array $entries): bool
    {
        $back = self::steps(Routine::steps($plan->context->card, $plan->context->rules));
        if ($back === [] || ! $plan->ground->isInSpace()) {
            return true;
        }
        $since = [];
        foreach (array_reverse($entries) as $entry) {
            if ($entry instanceof StepDone && in_array($entry->step, $back, true)) {
                return array_intersect($since, $plan->spoiledBy([MoveKind::Shift])) !== [];
            }
            if ($entry instanceof StandMoved || $entry instanceof StandSet || $entry instanceof StandBumped) {
                return true;
            }
            if ($entry instanceof ReadingTaken) {
                $since[] = $entry->call;
            }
        }

        return true;
    }

    /**
     * Whether a reading was taken after the target came back to this place.
     *
     * @param list<Line> $entries
     */
    public static function cameBefore(MeasuringPlan $plan, array $entries, string $call): bool
    {
        $back = self::steps(Routine::steps($plan->context->card, $plan->context->rules));
        $taken = false;
        foreach (array_reverse($entries) as $entry) {
            $taken = $taken || ($entry instanceof ReadingTaken && $entry->call === $call);
            if ($entry instanceof StandMoved || $entry instanceof StandSet || $entry instanceof StandBumped) {
                return false;
            }
            if ($entry instanceof StepDone && in_array($entry->step, $back, true)) {
                return $taken;
            }
        }

        return false;
    }

    /**
     * The reading that shows it.
     *
     * @param array<string, ReadingTaken> $readings call → the reading that counts
     */
    public static function reading(MeasuringPlan $plan, array $readings): ?string
    {
        foreach (self::TELLING as $once) {
            if (! isset($readings[$once]) || $plan->call($once)?->details->statesAccuracy === true) {
                continue;
            }
            foreach (Times::all($once) as $name) {
                if (! isset($readings[$name])) {
                    return $name;
                }
            }

            return $once;
        }

        return array_key_first($readings);
    }

    /**
     * The steps by which somebody brings the target back.
     *
     * @param list<CardStep> $steps
     *
     * @return list<string>
     */
    private static function steps(array $steps): array
    {
        $away = array_map(static fn(CardStep $step): string => $step->id, array_filter($steps, static fn(CardStep $step): bool => $step->command() === ToolCommand::EmptyZone));

        return array_values(array_map(static fn(CardStep $step): string => $step->id, array_filter($steps, static fn(CardStep $step): bool => $step->command() === null && array_intersect($step->after, $away) !== [])));
    }
}
