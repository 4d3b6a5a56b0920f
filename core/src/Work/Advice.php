<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\ShiftResult;
use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Run\AxisFinding;

/** The one thing to do next once the target stands where it should: run, read, find out, correct, or send back. */
final class Advice
{
    /** A part of the variance from which on it is worth doing something about it. */
    private const WORTH = 0.3;

    /** A zero of more than this part of its range asks for a look at the mounting. */
    private const LARGE = 0.5;

    /** Null where it is the set-up's turn again. */
    public static function of(TaskState $state): ?Present
    {
        $run = $state->run;
        $log = $run->log;
        $fault = $run->diagnosis()->faultToSendBack();
        $again = $run->diagnosis()->secondLook();

        return match (true) {
            $log->pending !== null => new Present('outcome', $log->pending->id),
            $fault !== null => new Present('send-back', $fault->value, $fault->whenFound()),
            $again !== null => new Present('diagnose', $again->value, Message::of('advice.second-look')),
            $log->trouble !== null, $log->unheard > 1 => self::diagnose($state),
            $log->shift !== 0.0 => self::shifted($state),
            $log->nudge !== 0.0 => self::walked($state),
            $run->isZoneFull() => new Present('diagnose', Cause::Clutter->value, Message::of('advice.zone-not-empty')),
            $run->routine->next() !== null => new Present('step', $run->routine->next()->id),
            $run->finding === null => new Present('repeat', null, Message::of('advice.read-again')),
            default => self::read($state, $run->finding),
        };
    }

    /** The likeliest cause not looked into, else the sensor itself. */
    private static function diagnose(TaskState $state): Present
    {
        $next = $state->run->diagnosis()->next();

        return match (true) {
            $next !== null => new Present('diagnose', $next->value),
            // That nothing was found accuses nobody.
            $state->context->rules->isInSpace() => new Present('prove', null, Message::of('advice.unknown')),
            default => new Present('send-back', Cause::Sensor->value, Message::of('advice.no-other-cause')),
        };
    }

    private static function shifted(TaskState $state): Present
    {
        $groups = $state->run->log->groups;
        $last = $groups === [] ? null : $groups[count($groups) - 1];

        return $last !== null && $last->shift !== 0.0 && count($last->runs) >= min(2, $state->run->policy->readings)
            ? new Present('shift-back')
            : new Present('repeat', null, Message::of('advice.shifted'));
    }

    private static function read(TaskState $state, AxisFinding $finding): ?Present
    {
        $run = $state->run;
        $likely = $run->isEchoOdd() ? $run->likely() : null;

        return match (true) {
            $likely !== null => new Present('diagnose', $likely->value),
            $finding->readings < $run->policy->readings => new Present('repeat', null, Message::of('advice.one-reading')),
            ! $finding->repeats => $finding->readings < $run->policy->most
                ? new Present('repeat', null, Message::of('advice.no-repeat'))
                : self::strays($state),
            $finding->verdict() === Verdict::Holds => $run->isBack() ? new Present('close') : self::back($state),

            $finding->reason() === 'card-unchecked' => new Present('prove', null, Message::of('advice.card-unchecked')),
            ! in_array($finding->reason(), [null, 'zero-not-taken', AxisVerdict::UNGUARDED], true) => null,
            $finding->verdict() === Verdict::Unproven => $state->context->rules->isInSpace() ? self::short($state, $finding) : self::unproven($state, $finding),
            default => self::correct($state, $finding),
        };
    }

    /** What was proven was proven of where the target stood before it was taken away. */
    private static function back(TaskState $state): Present
    {
        $reading = BroughtBack::reading($state->plan, $state->setUp->readings);

        return $reading === null ? new Present('close') : new Present('guard', $reading, Message::of('advice.back'));
    }

    /** On the walk: read where the stand is, nudge it on, and bring it back at the end. */
    private static function walked(TaskState $state): Present
    {
        $group = $state->run->log->group();

        return $group === null || ! in_array($state->run->log->nudge, $group->nudges, true)
            ? new Present('repeat', null, Message::of('advice.walk-read'))
            : new Present('nudge', null, Message::of($state->run->nudge() === null ? 'advice.walk-back' : 'advice.walk'));
    }

    /** Readings that do not repeat: the likeliest cause that was not looked into. */
    private static function strays(TaskState $state): Present
    {
        $likely = $state->run->likely();

        return match (true) {
            $likely !== null => new Present('diagnose', $likely->value),
            $state->context->rules->isInSpace() => new Present('prove', null, Message::of('advice.unknown')),
            default => new Present('send-back', Cause::Sensor->value, Message::of('advice.no-repeat-no-cause')),
        };
    }

    /** Near the limit, or not well enough known: what would settle it, and after that the shop's policy. */
    private static function unproven(TaskState $state, AxisFinding $finding): ?Present
    {
        $run = $state->run;
        $vague = false;
        foreach ($finding->verdicts as $axis => $verdict) {
            if ($verdict->decision?->verdict !== Verdict::Unproven || $verdict->limit === null) {
                continue;
            }
            $reading = $finding->errors[$axis] ** 2 / max($verdict->uncertainty ** 2, 1e-12);
            if ($finding->basis === 'readings' && $finding->readings < $run->policy->most && $reading > self::WORTH) {
                return new Present('repeat', null, Message::of('advice.near-limit', ['axis' => $axis]));
            }
            $setUp = $finding->setUp[$axis]->uncertainty ?? 0.0;
            // Even a true axis could not be proven in this set-up, or a better one might settle this one.
            $hopeless = Decision::about(0.0, $setUp, $verdict->limit, $state->context->card->thresholds)->verdict !== Verdict::Holds;
            if ($axis === 'elevation' && $state->plan->floor->from === 'stated' && ($hopeless || $setUp ** 2 > self::WORTH * $verdict->uncertainty ** 2)) {
                return new Present('survey-floor', null, Message::of('advice.floor'));
            }
            $vague = $vague || $hopeless;
        }
        if ($vague) {
            return null;
        }

        return match ($run->policy->unproven) {
            'accept-by-name' => new Present('accept', null, Message::of('advice.accept')),
            'send-back' => new Present('send-back', Cause::Bracket->value, Message::of('advice.send-back')),
            default => self::correct($state, $finding),
        };
    }

    /** Not proven as it stands: the reading that would settle it, else what the card adjusts, else somebody's name under it. */
    private static function short(TaskState $state, AxisFinding $finding): Present
    {
        $run = $state->run;
        foreach ($finding->verdicts as $axis => $verdict) {
            if ($verdict->decision?->verdict === Verdict::Unproven && $verdict->decision->reason === null && $verdict->limit !== null
                && $finding->basis === 'readings' && $finding->readings < $run->policy->most && $state->context->cardSensor->s ** 2 / $finding->readings / max($verdict->uncertainty ** 2, 1e-12) > self::WORTH) {
                return new Present('repeat', null, Message::of('advice.near-limit', ['axis' => $axis]));
            }
        }
        if ($finding->interference === null && $run->nudge() !== null && $run->wouldWalkProve()) {
            return new Present('nudge', null, Message::of('advice.walk'));
        }
        $settles = Guarding::atTheProof($state, $finding);
        if ($settles !== null) {
            return $settles;
        }
        $adjusts = ! in_array($state->context->card->adjustment->way ?? 'none', ['none', ''], true) && ! $run->isOnlyRead() && $run->log->rounds() < $run->policy->rounds;

        return match (true) {
            $run->policy->unproven === 'send-back' => new Present('send-back', Cause::Bracket->value, Message::of('advice.send-back')),
            $adjusts && $run->policy->unproven === 'adjust' => self::correct($state, $finding),
            default => new Present('accept', null, Message::of('advice.accept')),
        };
    }

    private static function correct(TaskState $state, AxisFinding $finding): Present
    {
        $run = $state->run;
        if ($run->isOnlyRead()) {
            return new Present('prove', null, Message::of('advice.only-read'));
        }
        $way = $state->context->card->adjustment->way ?? 'none';
        if ($run->log->rounds() >= $run->policy->rounds) {
            return self::bracket($state, Message::of('advice.rounds', ['rounds' => $run->log->rounds()]));
        }

        return match ($way) {
            'screws' => self::screws($state),
            'mirror spots' => new Present('adjust'),
            'electronic' => self::zero($state),
            default => self::withoutAdjuster($state),
        };
    }

    /** A zero hides what is bent: before a large one the mounting is looked at. */
    private static function zero(TaskState $state): Present
    {
        $run = $state->run;
        $range = $state->context->card->adjustment?->zeroRange;
        $wanted = $run->zeroWanted();

        return match (true) {
            ! $run->zeroFits() => new Present('send-back', Cause::Bracket->value, Message::of('advice.zeros-used-up')),
            $state->context->rules->isInSpace() && $range !== null && $wanted !== null && ! isset($run->log->checks[Cause::Bracket->value])
                && max(abs($wanted->azimuth), abs($wanted->elevation)) > self::LARGE * $range => new Present('diagnose', Cause::Bracket->value, Message::of('advice.large-zero')),
            default => new Present('zero'),
        };
    }

    private static function screws(TaskState $state): Present
    {
        try {
            $plan = $state->run->screws();
        } catch (CoreFailure $failure) {
            return new Present('prove', null, $failure->said);
        }

        return match (true) {
            $plan === null => new Present('prove'),
            // Sound mounting, and yet: backlash or a thread that slips. The rounds left decide.
            $plan->suspects !== [] && ! isset($state->run->log->checks[Cause::Bracket->value]) => self::bracket($state, Message::of('clue.screws')),
            $plan->passesTravel() => self::bracket($state, Message::of('advice.travel')),
            default => new Present('adjust'),
        };
    }

    /** Nothing can be turned: whether the sensor follows its target decides between clutter and the mounting. */
    private static function withoutAdjuster(TaskState $state): Present
    {
        $test = $state->run->shiftTest()?->test;

        return match ($test?->result) {
            null, ShiftResult::Unclear => new Present('shift-test'),
            ShiftResult::DoesNotRespond => ($state->run->log->checks['clutter'] ?? null) === null
                ? new Present('diagnose', Cause::Clutter->value, Message::of('clue.not-following'))
                : self::bracket($state, Message::of('advice.not-following')),
            ShiftResult::Reversed => new Present('prove', null, Message::of('advice.reversed')),
            default => self::bracket($state, Message::of('advice.looks-aside')),
        };
    }

    /** The mounting is looked at before the car is sent back for it. */
    private static function bracket(TaskState $state, Message $why): Present
    {
        return isset($state->run->log->checks[Cause::Bracket->value])
            ? new Present('send-back', Cause::Bracket->value, $why)
            : new Present('diagnose', Cause::Bracket->value, $why);
    }
}
