<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\Believed;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\SensorTruth;
use Lumbro\Core\Practice\World;
use Lumbro\Core\Work\TaskStanding;

/** How an exercise is scored: the same for everybody, and stated before anybody begins (docs/maths.md, 12). */
final class Rubric
{
    /** What the parts count for, as it is stated beforehand. */
    public const MOST = [
        'method' => ['set-up' => 25, 'contradictions' => 20, 'guarded' => 20, 'readings' => 15, 'own-eyes' => 10, 'for-nothing' => 10],
        'result' => ['ending' => 60, 'named' => 25, 'figures' => 15],
    ];

    /** A figure is true where it lies within so many standard deviations. */
    private const WITHIN = 2.58;

    /** Near its limit is within this part of it, either side. */
    private const NEAR = 1 / 3;

    /** Readings for nothing: none are counted up to so many times the advice's own, and all points are gone at so many. */
    private const FREE = 1.5;
    private const GONE = 3.0;

    /** What each piece of advice takes that somebody asked for, and at most. */
    private const ASKED = 3.0;
    private const ASKED_MOST = 15.0;

    /**
     * @param int $advised how many readings the advice takes at this car
     * @param int $asked   how often advice was asked for
     */
    public static function score(TaskStanding $task, Scenario $truth, Answer $answer, int $advised, int $asked = 0): Score
    {
        return new Score(self::method($task, $truth, $answer, $advised, $asked), self::result($task, $truth, $answer));
    }

    /** @return list<Part> */
    private static function method(TaskStanding $task, Scenario $truth, Answer $answer, int $advised, int $asked): array
    {
        return [
            self::setUp($task),
            self::contradictions($task),
            self::guarded($task),
            self::readings($task, $answer),
            self::ownEyes($task, $truth),
            self::forNothing($task, $advised),
            ...($asked === 0 ? [] : [new Part('asked', -min(self::ASKED_MOST, self::ASKED * $asked), 0.0, Message::of('rubric.asked.why', ['times' => $asked]))]),
        ];
    }

    /** No run before the target was proven to stand where it should. */
    private static function setUp(TaskStanding $task): Part
    {
        $state = $task->state();
        $released = array_filter($state->record->runs, static fn(array $run): bool => $run['release'] !== null) !== [] || $state->record->release !== null;
        $began = $state->record->runs !== [] || $state->run->log->troubles !== [];

        return match (true) {
            $released => new Part('set-up', 0.0, 25.0, Message::of('rubric.set-up.released')),
            ! $began => new Part('set-up', $state->setUp->holds() ? 25.0 : 0.0, 25.0, Message::of($state->setUp->holds() ? 'rubric.set-up.good' : 'rubric.set-up.never')),
            default => new Part('set-up', 25.0, 25.0, Message::of('rubric.set-up.good')),
        };
    }

    /** No contradiction left behind. */
    private static function contradictions(TaskStanding $task): Part
    {
        $state = $task->state();
        foreach ($state->runs as $run) {
            if ($run->azimuth->decision?->reason === 'inconsistent' || $run->elevation->decision?->reason === 'inconsistent') {
                return new Part('contradictions', 0.0, 20.0, Message::of('rubric.contradictions.run'));
            }
        }

        return match ($state->setUp->isConsistent()) {
            true => new Part('contradictions', 20.0, 20.0, Message::of('rubric.contradictions.none')),
            false => new Part('contradictions', 0.0, 20.0, Message::of('rubric.contradictions.left')),
            null => new Part('contradictions', 0.0, 20.0, Message::of('rubric.contradictions.unchecked')),
        };
    }

    /** Nothing that could be wrong and not show. */
    private static function guarded(TaskStanding $task): Part
    {
        $setUp = $task->state()->setUp;
        $guarded = $setUp->isPlaced() && $setUp->isGuarded();

        return new Part('guarded', $guarded ? 20.0 : 0.0, 20.0, Message::of($guarded ? 'rubric.guarded.yes' : 'rubric.guarded.no'));
    }

    /** The axis read before it is corrected, and as often as the shop wants to see it. */
    private static function readings(TaskStanding $task, Answer $answer): Part
    {
        $state = $task->state();
        $finding = $state->run->finding;
        $before = true;
        foreach ($state->entries as $entry) {
            if ($entry instanceof RunMade) {
                break;
            }
            $before = $before && ! $entry instanceof Corrected;
        }
        if ($finding === null) {
            // A run that fails for a cause that is found says all that can be said.
            $found = $answer->outcome === Outcome::SentBack && $state->run->diagnosis()->faultToSendBack() !== null;

            return new Part('readings', $found ? 15.0 : 0.0, 15.0, Message::of($found ? 'rubric.readings.cause' : 'rubric.readings.none'));
        }
        $often = $finding->readings >= $state->run->policy->readings;

        return new Part('readings', ($before ? 5.0 : 0.0) + ($often ? 5.0 : 0.0) + ($often && $finding->repeats ? 5.0 : 0.0), 15.0, Message::of(match (true) {
            ! $before => 'rubric.readings.corrected',
            ! $often => 'rubric.readings.once',
            ! $finding->repeats => 'rubric.readings.stray',
            default => 'rubric.readings.good',
        }, ['times' => $finding->readings]));
    }

    /** Looked at, not told. */
    private static function ownEyes(TaskStanding $task, Scenario $truth): Part
    {
        $state = $task->state();
        $believed = count(Believed::words($truth, $state->context, $state->entries));
        $words = count($truth->words);

        return new Part('own-eyes', $words === 0 ? 10.0 : 10.0 * (1 - $believed / $words), 10.0, Message::of(match (true) {
            $words === 0 => 'rubric.own-eyes.no-word',
            $believed === 0 => 'rubric.own-eyes.looked',
            default => 'rubric.own-eyes.believed',
        }, ['words' => $believed]));
    }

    private static function forNothing(TaskStanding $task, int $advised): Part
    {
        $taken = count($task->state()->record->readings) + count($task->state()->context->order->floor ?? []);
        $over = $advised === 0 ? 0.0 : ($taken / $advised - self::FREE) / (self::GONE - self::FREE);

        return new Part('for-nothing', 10.0 * (1 - min(1.0, max(0.0, $over))), 10.0, Message::of('rubric.for-nothing.why', ['taken' => $taken, 'advised' => $advised]));
    }

    /** @return list<Part> */
    private static function result(TaskStanding $task, Scenario $truth, Answer $answer): array
    {
        $state = $task->state();
        $world = World::of($state->context, $truth, $state->entries);
        $sensor = new SensorTruth($state->context, $truth, $world->noise, $state->entries);
        if ($answer->outcome === Outcome::Holds && ! $sensor->isAligned()) {
            // Worse than knowing nothing: the car would drive so.
            return [
                new Part('ending', 0.0, 60.0, Message::of('rubric.ending.wrongly-held')),
                new Part('named', 0.0, 25.0, Message::of('rubric.voided')),
                new Part('figures', 0.0, 15.0, Message::of('rubric.voided')),
            ];
        }

        return [self::ending($task, $truth, $answer, $sensor), self::named($task, $truth, $answer), self::figures($task, $sensor, $world)];
    }

    private static function ending(TaskStanding $task, Scenario $truth, Answer $answer, SensorTruth $sensor): Part
    {
        $state = $task->state();
        $aligned = $sensor->isAligned();
        $goesBack = $truth->fault !== null;
        $owed = $state->context->owed->state !== OwedState::NotOwed;
        [$points, $why] = match (true) {
            $answer->outcome === Outcome::Holds && $state->run->finding === null => [10.0, 'held-unread'],
            $answer->outcome === Outcome::Holds && $goesBack => [20.0, 'held-fault'],
            // Inside, and nobody could know it: luck is no proof.
            $answer->outcome === Outcome::Holds => $state->run->isProven() ? [60.0, 'held'] : [40.0, 'held-lucky'],
            $answer->outcome === Outcome::SentBack && $goesBack => $answer->cause === $truth->fault ? [60.0, 'back'] : [30.0, 'back-other'],
            $answer->outcome === Outcome::SentBack => $aligned ? [0.0, 'back-good'] : [15.0, 'back-could'],
            $answer->outcome === Outcome::Accepted => self::isNear($task, $sensor) ? [60.0, 'near'] : ($aligned ? [40.0, 'accepted-good'] : [0.0, 'accepted-off']),
            ! $owed => [60.0, 'held'],
            default => [20.0, 'open'],
        };

        return new Part('ending', $points, 60.0, Message::of("rubric.ending.$why"));
    }

    /** Whether an axis lies about its limit, where nobody can say for certain. */
    private static function isNear(TaskStanding $task, SensorTruth $sensor): bool
    {
        $card = $task->state()->context->cardSensor;
        foreach ([[$sensor->azimuth + $sensor->zero[0], $card->limitAzimuth], [$sensor->elevation + $sensor->zero[1], $card->limitElevation]] as [$off, $limit]) {
            if ($limit !== null && abs(abs($off) - $limit) < self::NEAR * $limit) {
                return true;
            }
        }

        return false;
    }

    private static function named(TaskStanding $task, Scenario $truth, Answer $answer): Part
    {
        $faults = array_filter(Faults::of($truth, $task->state()->context->cardSensor), static fn(Fault $fault): bool => in_array($fault->kind, $answer->faults, true) || Showing::isShowable($task, $truth, $fault));
        $true = array_values(array_unique(array_column($faults, 'kind'), SORT_REGULAR));
        $hits = count(array_filter($answer->faults, static fn(FaultKind $kind): bool => in_array($kind, $true, true)));
        $wrong = count($answer->faults) - $hits;
        $share = $true === [] ? 1.0 : $hits / count($true);

        return new Part('named', 25.0 * max(0.0, $share - 0.25 * $wrong), 25.0, Message::of('rubric.named.why', ['hits' => $hits, 'faults' => count($true), 'wrong' => $wrong]));
    }

    /** Whether what the readings say is true within what they say of themselves. */
    private static function figures(TaskStanding $task, SensorTruth $sensor, World $world): Part
    {
        $state = $task->state();
        $finding = $state->run->finding;
        $right = $all = 0;
        foreach (['azimuth' => $sensor->azimuth + $sensor->zero[0], 'elevation' => $sensor->elevation + $sensor->zero[1]] as $axis => $true) {
            $verdict = $finding->verdicts[$axis] ?? null;
            if ($verdict?->limit !== null) {
                $all++;
                $right += abs($verdict->misalignment - $true) <= self::WITHIN * $verdict->uncertainty ? 1 : 0;
            }
        }
        $set = $state->setUp->azimuthError();
        if ($set !== null) {
            $all++;
            $right += abs($set->deviation - $world->placementError()[0]) <= self::WITHIN * $set->uncertainty ? 1 : 0;
        }
        if ($all === 0) {
            $found = $state->run->diagnosis()->faultToSendBack() !== null;

            return new Part('figures', $found ? 15.0 : 0.0, 15.0, Message::of($found ? 'rubric.readings.cause' : 'rubric.figures.none'));
        }

        return new Part('figures', 15.0 * $right / $all, 15.0, Message::of('rubric.figures.why', ['right' => $right, 'figures' => $all]));
    }
}
