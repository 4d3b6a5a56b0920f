<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\Reopened;
use Lumbro\Core\Journal\RunFailed;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\Routine;
use Lumbro\Core\SetUp\Directions;

/** What happened from the run on, line by line: the record itself, for a person. */
final class RunEvents
{
    /**
     * @param list<Line> $entries the task's record, in order
     * @param bool       $back    whether the sensor looks behind the car
     *
     * @return list<array{at: string, person: string, says: Message}>
     */
    public static function of(array $entries, Routine $routine, bool $back): array
    {
        $events = [];
        $asked = [];
        foreach ($entries as $entry) {
            if ($entry instanceof ToolAsked) {
                $asked[$entry->id] = $entry;
            }
            $said = self::said($entry, $asked, $routine, $back);
            if ($said !== null) {
                $events[] = ['at' => $entry->at, 'person' => $entry->person, 'says' => $said];
            }
        }

        return $events;
    }

    /** @param array<string, ToolAsked> $asked */
    private static function said(Line $entry, array $asked, Routine $routine, bool $back): ?Message
    {
        return match (true) {
            $entry instanceof ToolAsked => Message::of('event.asked', ['command' => $entry->command->said()]),
            $entry instanceof ToolAnswered => self::answer($entry, $asked[$entry->to] ?? null),
            $entry instanceof StepDone => Message::of($entry->waited === null ? 'event.step' : 'event.step-waited', ['step' => $routine->step($entry->step)?->said() ?? $entry->step, ...($entry->waited === null ? [] : ['waited' => Quantity::seconds($entry->waited)])]),
            $entry instanceof RunMade => self::run($entry),
            $entry instanceof RunFailed => Message::of('event.run-failed', ['message' => $entry->message]),
            $entry instanceof RunReleased => Message::of('event.released', ['name' => $entry->name, 'reason' => $entry->reason]),
            $entry instanceof Corrected => RunDocument::made($entry, $back),
            $entry instanceof TargetShifted => $entry->across === 0.0 ? Message::of('event.target-back') : Message::of('event.target-shifted', ['by' => Quantity::mm($entry->across), 'direction' => Directions::across($entry->across)]),
            $entry instanceof CauseChecked => Message::of($entry->note === '' ? 'event.checked' : 'event.checked-note', ['cause' => Cause::from($entry->cause)->title(), 'found' => $entry->found ? 'yes' : 'no', ...($entry->note === '' ? [] : ['note' => $entry->note])]),
            $entry instanceof SentBack => Message::of('event.sent-back', ['name' => $entry->name, 'cause' => Cause::from($entry->fault)->title()]),
            $entry instanceof Reopened => Message::of('event.reopened', ['name' => $entry->name, 'reason' => $entry->reason]),
            $entry instanceof BorderlineAccepted => Message::of('event.accepted', ['name' => $entry->name, 'reason' => $entry->reason]),
            default => null,
        };
    }

    private static function run(RunMade $run): Message
    {
        $figures = ['azimuth' => sprintf('%+.2f', $run->azimuth), 'elevation' => sprintf('%+.2f', $run->elevation), 'typed' => $run->to === null ? 'yes' : 'no'];

        return $run->echoLevel === null ? Message::of('event.run', $figures) : Message::of('event.run-echo', [...$figures, 'level' => Quantity::decibels($run->echoLevel)]);
    }

    private static function answer(ToolAnswered $answer, ?ToolAsked $asked): Message
    {
        $with = $asked === null ? [] : ['command' => $asked->command->said()];

        return match ($answer->outcome) {
            'done', 'nonsense' => Message::of("event.tool-$answer->outcome", [...$with, 'message' => $answer->message]),
            'failed' => Message::of('event.tool-failed', [...$with, 'message' => $answer->message, 'wiped' => $answer->wiped ? 'yes' : 'no']),
            'never-sent' => Message::of('event.tool-never-sent', $with),
            default => Message::of('event.tool-lost', $with),
        };
    }
}
