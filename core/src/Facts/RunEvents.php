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
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\Work\TaskState;

/** What happened from the run on, line by line and in words: the record itself, for a person. */
final class RunEvents
{
    /**
     * @param list<Line> $entries the task's record, in order
     *
     * @return list<array{at: string, person: string, words: string}>
     */
    public static function of(TaskState $state, array $entries): array
    {
        $events = [];
        $asked = [];
        foreach ($entries as $entry) {
            if ($entry instanceof ToolAsked) {
                $asked[$entry->id] = $entry;
            }
            $words = self::words($state, $entry, $asked);
            if ($words !== null) {
                $events[] = ['at' => $entry->at, 'person' => $entry->person, 'words' => $words];
            }
        }

        return $events;
    }

    /** @param array<string, ToolAsked> $asked */
    private static function words(TaskState $state, Line $entry, array $asked): ?string
    {
        return match (true) {
            $entry instanceof ToolAsked => sprintf('asked the tool to %s', $entry->command->words()),
            $entry instanceof ToolAnswered => self::answer($entry, $asked[$entry->to] ?? null),
            $entry instanceof StepDone => sprintf('“%s” done%s', $state->run->routine->step($entry->step)->text ?? $entry->step, $entry->waited === null ? '' : sprintf(' after %.0f s', $entry->waited)),
            $entry instanceof RunMade => sprintf('the tool shows azimuth %+.2f, elevation %+.2f%s%s', $entry->azimuth, $entry->elevation, $entry->echoLevel === null ? '' : sprintf(', %.1f dB', $entry->echoLevel), $entry->to === null ? ' (typed)' : ''),
            $entry instanceof RunFailed => sprintf('the run failed: “%s”', $entry->message),
            $entry instanceof RunReleased => sprintf('released for one run by %s: %s', $entry->name, $entry->reason),
            $entry instanceof Corrected => RunDocument::made($entry, $state->context->sensor->looksBack()),
            $entry instanceof TargetShifted => $entry->across === 0.0 ? 'the target is back on its mark' : sprintf('the target was shifted %.0f mm %s', abs($entry->across), Directions::across($entry->across)),
            $entry instanceof CauseChecked => sprintf('%s: %s%s', Cause::from($entry->cause)->title(), $entry->found ? 'found' : 'not found', $entry->note === '' ? '' : " ($entry->note)"),
            $entry instanceof SentBack => sprintf('sent back by %s: %s', $entry->name, Cause::from($entry->fault)->title()),
            $entry instanceof Reopened => sprintf('the sealed record was reopened by %s: %s', $entry->name, $entry->reason),
            $entry instanceof BorderlineAccepted => sprintf('accepted by %s although it is not proven: %s', $entry->name, $entry->reason),
            default => null,
        };
    }

    private static function answer(ToolAnswered $answer, ?ToolAsked $asked): string
    {
        $what = $asked === null ? '' : $asked->command->words() . ': ';

        return match ($answer->outcome) {
            'done' => sprintf('%sdone, “%s”', $what, $answer->message),
            'failed' => sprintf('%sfailed, “%s”%s', $what, $answer->message, $answer->wiped ? '; the stored axis is lost' : ''),
            'nonsense' => sprintf('%sthe answer cannot be read, “%s”', $what, $answer->message),
            'never-sent' => $what . 'it never reached the tool',
            default => $what . 'no answer, and nobody can know what became of it',
        };
    }
}
