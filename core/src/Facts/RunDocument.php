<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\Walk;
use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\AxisFinding;
use Lumbro\Core\Run\RunResult;
use Lumbro\Core\Run\RunState;
use Lumbro\Core\Run\ScrewPlan;
use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\SetUp\TaskContext;

/** The run and the proof of a task, as a JSON document: degrees with their directions. */
final class RunDocument
{
    /**
     * @param list<Line>  $entries     the task's journal
     * @param string      $presentKind what is to be done now
     *
     * @return array<string, mixed>
     */
    public static function write(RunState $run, TaskContext $context, array $entries, string $presentKind, ?RunResult $lastRun): array
    {
        $log = $run->log;
        $back = $context->sensor->looksBack();
        $pending = $log->pending;
        $trouble = $log->trouble;

        return [
            'steps' => array_map(static fn(CardStep $step): array => [
                'id' => $step->id, 'text' => $step->said(), 'seconds' => $step->seconds, 'does' => $step->does, 'state' => $run->routine->stateOf($step),
                'begunAt' => $log->clock?->step === $step->id ? $log->clock->at : null,
            ], $run->routine->steps),
            'pending' => $pending === null ? null : ['id' => $pending->id, 'says' => $pending->command->said(), 'person' => $pending->person, 'at' => $pending->at],
            'trouble' => $trouble === null ? null : [
                'says' => $trouble->command->said(), 'message' => $trouble->message, 'at' => $trouble->line->at, 'person' => $trouble->line->person,
            ],
            'unheard' => $log->unheard,
            'wiped' => $log->wiped,
            'codes' => $log->codes,
            'lotCode' => $context->order->lotCode ?? null,
            'policy' => ['readings' => $run->policy->readings, 'most' => $run->policy->most, 'rounds' => $run->policy->rounds, 'unproven' => $run->policy->unproven],
            'finding' => $run->finding === null ? null : self::finding($run->finding, $back),
            'before' => $log->corrections === [] || $run->findingAfter(0) === null ? null : self::finding($run->findingAfter(0), $back),
            'proven' => $run->isProven(),
            'onlyRead' => $run->isOnlyRead(),
            'correction' => self::correction($run, $context->card->adjustment->way ?? null, $back),
            'made' => array_map(static fn(Corrected $made): array => ['way' => $made->way, 'says' => self::made($made, $back), 'person' => $made->person, 'at' => $made->at], $log->corrections),
            'shiftTest' => self::shiftTest($run, $back),
            'nudge' => $presentKind === 'nudge' ? self::nudge($run) : null,
            'shifted' => $log->shift === 0.0 ? null : self::amount('mm', $log->shift, Directions::across($log->shift)),
            'causes' => self::asksForCause($presentKind, $run) ? self::causes($run) : null,
            'echo' => [
                'level' => $run->echo->level, 'expected' => $run->echo->expected, 'from' => $run->echo->from, 'within' => $run->echo->within,
                'verdict' => $run->echo->verdict, 'earlier' => $run->echo->earlier, 'earlierMean' => $run->echo->earlierMean, 'earlierSpread' => $run->echo->earlierSpread,
            ],
            'voltage' => $log->figure('voltage'),
            'emptyLevel' => $log->figure('emptyLevel'),
            'zeroSum' => ['azimuth' => self::degrees('azimuth', $run->zeroSum()->azimuth, $back), 'elevation' => self::degrees('elevation', $run->zeroSum()->elevation, $back), 'range' => $context->card->adjustment?->zeroRange],
            'statements' => self::statements($run, $lastRun, $context->order?->bracketLevel),
            'swing' => SwingState::write($context->card->adjustment, $run, $back),
            'mirror' => MirrorState::write($log->mirror, $back),
            'events' => RunEvents::of($entries, $run->routine, $back),
            'sentBack' => $log->sentBack === null ? null : [
                'fault' => $log->sentBack->fault, 'title' => Cause::from($log->sentBack->fault)->title(), 'to' => Message::of('trade.' . (Cause::from($log->sentBack->fault)->sendsBackTo() ?? 'body')),
                'name' => $log->sentBack->name, 'reasons' => $log->sentBack->reasons, 'note' => $log->sentBack->note, 'at' => $log->sentBack->at,
            ],
            'accepted' => $log->accepted === null ? null : ['name' => $log->accepted->name, 'reason' => $log->accepted->reason, 'at' => $log->accepted->at],
        ];
    }

    /** @return array<string, mixed> an angle as a person reads it */
    public static function degrees(string $axis, float $value, bool $looksBack): array
    {
        return self::amount('degrees', $value, Directions::axis($axis, $value, $looksBack));
    }

    /** @return array<string, mixed> */
    private static function amount(string $unit, float $value, Message $direction): array
    {
        return ['amount' => abs($value), 'unit' => $unit, 'direction' => $direction];
    }

    /** @return array<string, mixed> */
    private static function finding(AxisFinding $finding, bool $back): array
    {
        $axes = [];
        foreach (AxisFinding::AXES as $axis) {
            $verdict = $finding->verdicts[$axis];
            $error = $finding->setUp[$axis];
            $axes[$axis] = [
                ...$verdict->facts(),
                'direction' => Directions::axis($axis, $verdict->misalignment, $back),
                'mean' => self::degrees($axis, $finding->means[$axis], $back),
                'reading' => $finding->errors[$axis],
                'spread' => $finding->spreads[$axis],
                'setUp' => $error === null ? null : [...self::degrees($axis, -$error->deviation, $back), 'uncertainty' => $error->uncertainty],
            ];
        }

        return ['readings' => $finding->readings, 'repeats' => $finding->repeats, 'basis' => $finding->basis, 'verdict' => $finding->verdict()->value, ...$axes];
    }

    /** @return array<string, mixed>|null what would take the axis right */
    private static function correction(RunState $run, ?string $way, bool $back): ?array
    {
        $plan = null;
        try {
            $plan = $way === 'screws' ? $run->screws() : null;
        } catch (CoreFailure $failure) {
            return ['way' => $way, 'failure' => $failure->said];
        }
        $wanted = $run->zeroWanted();

        return match (true) {
            $plan !== null => ['way' => 'screws', ...self::screws($plan, $back)],
            $way === 'electronic' && $wanted !== null => ['way' => 'electronic', 'zero' => self::pair($wanted, $back), 'fits' => $run->zeroFits(), 'send' => ['azimuth' => round($wanted->azimuth, 2), 'elevation' => round($wanted->elevation, 2)]],
            $way === null => null,
            default => ['way' => $way],
        };
    }

    /** @return array<string, mixed> */
    private static function screws(ScrewPlan $plan, bool $back): array
    {
        return [
            'screws' => array_map(static fn(array $turn): array => [
                'id' => $turn['screw']->id,
                // The sensor's own left is on the right of whoever faces it.
                'right' => $turn['screw']->y,
                'up' => $turn['screw']->z,
                'turns' => $turn['turns'],
                'says' => Message::of('turns.of', ['turns' => Quantity::turns($turn['turns'])]),
                'passes' => $turn['passes'],
                'position' => $turn['screw']->position,
                'travel' => $turn['screw']->travel,
                'gain' => $plan->wasTurned ? $plan->gains[$turn['screw']->id] ?? null : null,
                'suspect' => in_array($turn['screw']->id, $plan->suspects, true),
            ], $plan->turns),
            'expected' => self::pair($plan->expected, $back),
            'suspects' => $plan->suspects,
        ];
    }

    /** @return array<string, mixed> */
    private static function pair(AxisPair $pair, bool $back): array
    {
        return ['azimuth' => self::degrees('azimuth', $pair->azimuth, $back), 'elevation' => self::degrees('elevation', $pair->elevation, $back)];
    }

    /** A correction that was made. */
    public static function made(Corrected $made, bool $back): Message
    {
        if ($made->isElectronic()) {
            return Message::of('made.zero', [
                'azimuth' => Quantity::degrees($made->azimuth), 'azimuthTo' => Directions::axis('azimuth', $made->azimuth, $back),
                'elevation' => Quantity::degrees($made->elevation), 'elevationTo' => Directions::axis('elevation', $made->elevation, $back),
            ]);
        }
        $turns = [];
        foreach ($made->turns as $screw => $turned) {
            $turns[] = Message::of('made.screw', ['screw' => str_replace('-', ' ', $screw), 'turns' => Quantity::turns($turned)]);
        }

        return $turns === [] ? Message::of('made.mirror') : Message::of('made.screws', ['turns' => $turns]);
    }

    /** @return array{by: float, away: bool, to: float, reading: int, of: int} mm: how far to nudge it now, which way, and where it is then from where it was measured */
    private static function nudge(RunState $run): array
    {
        $to = $run->nudge() ?? 0.0;
        $by = $to - $run->log->nudge;

        return ['by' => abs($by), 'away' => $by > 0, 'to' => $to, 'reading' => count(array_unique($run->log->group()->nudges ?? [], SORT_REGULAR)) + 1, 'of' => Walk::LEAST];
    }

    /** @return array<string, mixed>|null */
    private static function shiftTest(RunState $run, bool $back): ?array
    {
        $plan = $run->shiftTest();
        if ($plan === null) {
            return null;
        }

        return [
            'move' => self::amount('mm', $plan->across, Directions::across($plan->across)),
            'across' => $plan->across,
            'expectedChange' => self::degrees('azimuth', -$plan->bearingChange, $back),
            'observed' => $plan->test === null ? null : self::degrees('azimuth', $plan->test->observed, $back),
            'result' => $plan->test?->result->value,
        ];
    }

    private static function asksForCause(string $present, RunState $run): bool
    {
        return $present === 'diagnose' || $present === 'send-back' || $run->log->trouble !== null || $run->isEchoOdd();
    }

    /** @return list<array<string, mixed>> likeliest first */
    private static function causes(RunState $run): array
    {
        $causes = [];
        foreach ($run->diagnosis()->ranked as ['cause' => $cause, 'chance' => $chance, 'because' => $because]) {
            $checked = $run->log->checks[$cause->value] ?? null;
            $causes[] = [
                'id' => $cause->value, 'title' => $cause->title(), 'chance' => $chance, 'because' => $because, 'check' => Message::of("cause.$cause->value.check"),
                'whenFound' => $cause->whenFound(), 'whenClear' => Message::of('cause.clear'), 'sendsBackTo' => $cause->sendsBackTo() === null ? null : Message::of('trade.' . $cause->sendsBackTo()),
                'found' => $checked?->found,
            ];
        }

        return $causes;
    }

    /** @return list<array{from: Message, says: Message}> what is said of the axis from different sides, where they do not agree */
    private static function statements(RunState $run, ?RunResult $last, ?Message $bracket): array
    {
        $finding = $run->finding;
        if ($last === null || $finding === null || ($finding->verdict() === Verdict::Holds && ! $run->isEchoOdd())) {
            return [];
        }
        $said = [
            ['from' => Message::of('from.tool'), 'says' => Message::of('says.quoted', ['text' => $last->run->message])],
            ['from' => Message::of('from.readings'), 'says' => match ($finding->verdict()) {
                Verdict::Holds => Message::of('says.axis-holds'),
                Verdict::Out => Message::of('says.axis-out'),
                Verdict::Unproven => Message::of('says.axis-unproven'),
            }],
        ];
        if ($bracket !== null) {
            $said[] = ['from' => Message::of('from.bracket'), 'says' => $bracket];
        }
        if ($run->isEchoOdd()) {
            $said[] = ['from' => Message::of('from.echo'), 'says' => Message::of('says.echo', ['level' => Quantity::decibels((float) $run->echo->level), 'expected' => Quantity::decibels((float) $run->echo->expected)])];
        }

        return $said;
    }
}
