<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\Said;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\MoveKind;

/** The JSON form of the lines of a task's record. */
final class TaskLineDocument
{
    public const KINDS = ['reading', 'strike', 'move', 'answer', 'release', 'run', 'run-failed', 'schools', 'reference', 'stand', ...RunLineDocument::KINDS];

    /** @param string $kind one of KINDS; $payload what that kind carries */
    public static function entry(string $kind, string $id, string $person, string $at, Node $payload): Line
    {
        switch ($kind) {
            case 'reading':
                $f = $payload->fields(['call', 'typed', 'unit'], ['millimetres', 'degrees', 'datum', 'strikes', 'confirmed', 's']);
                if (isset($f['degrees'], $f['millimetres'])) {
                    throw InvalidInput::because($f['degrees']->path(), 'reading.both-units');
                }
                $value = $f['degrees'] ?? $f['millimetres'] ?? throw InvalidInput::because($payload->path() . '/millimetres', 'reading.no-value');

                return new ReadingTaken(
                    $id,
                    $person,
                    $at,
                    $f['call']->text(),
                    $f['typed']->text(),
                    $value->number(),
                    $f['unit']->text(),
                    isset($f['datum']) ? $f['datum']->text() : null,
                    isset($f['strikes']) ? $f['strikes']->text() : null,
                    isset($f['confirmed']) && $f['confirmed']->flag(),
                    isset($f['s']) ? $f['s']->positive() : null,
                );
            case 'strike':
                return new ReadingStruck($id, $person, $at, $payload->fields(['reading'])['reading']->text());
            case 'move':
                $kinds = array_map(
                    static fn(Node $kind): MoveKind => MoveKind::from($kind->oneOf(array_column(MoveKind::cases(), 'value'))),
                    $payload->fields(['kinds'])['kinds']->items(),
                );

                return new StandMoved($id, $person, $at, $kinds === [] ? [MoveKind::Shift] : $kinds);
            case 'answer':
                $f = $payload->fields(['item', 'answer'], ['word']);
                $answer = AnswerKind::from($f['answer']->oneOf(array_column(AnswerKind::cases(), 'value')));

                return new Answered($id, $person, $at, $f['item']->text(), $answer, isset($f['word']) ? $f['word']->text() : null);
            case 'release':
                $f = $payload->fields(['name', 'reason', 'overrode']);

                return new RunReleased(
                    $id,
                    $person,
                    $at,
                    $f['name']->text(),
                    $f['reason']->text(),
                    array_map(static fn(Node $text): string|Message => Said::read($text), $f['overrode']->fewItems(100)),
                );
            case 'schools':
                $schools = array_map(
                    static fn(Node $school): string => $school->oneOf(ProcedureCard::SCHOOLS),
                    $payload->fields(['schools'])['schools']->items(),
                );

                return new SchoolsChosen($id, $person, $at, $schools === [] ? throw InvalidInput::because($payload->path() . '/schools', 'schools.none') : $schools);
            case 'reference':
                $f = $payload->fields(['reference', 'reason']);

                return new ReferenceChosen($id, $person, $at, $f['reference']->oneOf(ProcedureCard::REFERENCES), $f['reason']->line(300));
            case 'stand':
                $f = $payload->fields(['tilt'], ['arm']);

                return new StandSet(
                    $id,
                    $person,
                    $at,
                    isset($f['arm']) ? $f['arm']->between(-5_000, 5_000) : null,
                    $f['tilt']->between(-45, 45),
                );
            case 'asked':
            case 'answered':
            case 'step-begun':
            case 'step':
            case 'correction':
            case 'shift':
            case 'mirror':
            case 'level':
            case 'check':
            case 'sent-back':
            case 'accepted':
            case 'reopened':
                return RunLineDocument::entry($kind, $id, $person, $at, $payload);
            case 'run-failed':
                return new RunFailed($id, $person, $at, $payload->fields(['message'])['message']->text());
            default:
                $f = $payload->fields(['azimuth', 'elevation', 'message'], ['echoLevel', 'reliedOn', 'to']);

                return new RunMade(
                    $id,
                    $person,
                    $at,
                    $f['azimuth']->number(),
                    $f['elevation']->number(),
                    isset($f['echoLevel']) ? $f['echoLevel']->number() : null,
                    $f['message']->text(),
                    isset($f['reliedOn']) ? self::reliance($f['reliedOn']) : null,
                    isset($f['to']) ? $f['to']->text() : null,
                );
        }
    }

    /** @return array{kind: string, payload: array<string, mixed>} */
    public static function write(Line $entry): array
    {
        return match (true) {
            $entry instanceof ReadingTaken => ['kind' => 'reading', 'payload' => [
                'call' => $entry->call, 'typed' => $entry->typed, $entry->isAngle() ? 'degrees' : 'millimetres' => $entry->value, 'unit' => $entry->unit,
                ...($entry->datum === null ? [] : ['datum' => $entry->datum]),
                ...($entry->strikes === null ? [] : ['strikes' => $entry->strikes]),
                ...($entry->confirmed ? ['confirmed' => true] : []),
                ...($entry->s === null ? [] : ['s' => $entry->s]),
            ]],
            $entry instanceof ReadingStruck => ['kind' => 'strike', 'payload' => ['reading' => $entry->reading]],
            $entry instanceof StandMoved => ['kind' => 'move', 'payload' => ['kinds' => array_column($entry->kinds, 'value')]],
            $entry instanceof Answered => ['kind' => 'answer', 'payload' => [
                'item' => $entry->item, 'answer' => $entry->answer->value,
                ...($entry->word === null ? [] : ['word' => $entry->word]),
            ]],
            $entry instanceof RunReleased => ['kind' => 'release', 'payload' => [
                'name' => $entry->name, 'reason' => $entry->reason, 'overrode' => $entry->overrode,
            ]],
            $entry instanceof RunMade => ['kind' => 'run', 'payload' => [
                'azimuth' => $entry->azimuth, 'elevation' => $entry->elevation,
                ...($entry->echoLevel === null ? [] : ['echoLevel' => $entry->echoLevel]),
                'message' => $entry->message,
                ...($entry->to === null ? [] : ['to' => $entry->to]),
                ...($entry->reliedOn === null ? [] : ['reliedOn' => [
                    'core' => $entry->reliedOn->core,
                    'verdicts' => (object) $entry->reliedOn->verdicts,
                ]]),
            ]],
            $entry instanceof SchoolsChosen => ['kind' => 'schools', 'payload' => ['schools' => $entry->schools]],
            $entry instanceof ReferenceChosen => ['kind' => 'reference', 'payload' => ['reference' => $entry->reference, 'reason' => $entry->reason]],
            $entry instanceof StandSet => ['kind' => 'stand', 'payload' => [
                ...($entry->arm === null ? [] : ['arm' => $entry->arm]),
                'tilt' => $entry->tilt,
            ]],
            $entry instanceof RunFailed => ['kind' => 'run-failed', 'payload' => ['message' => $entry->message]],
            default => RunLineDocument::write($entry),
        };
    }

    private static function reliance(Node $node): Reliance
    {
        $f = $node->fields(['core', 'verdicts']);
        $verdicts = [];
        foreach ($f['verdicts']->members() as $name => $found) {
            $v = $found->fields(['deviation', 'uncertainty', 'verdict']);
            $verdicts[(string) $name] = [
                'deviation' => $v['deviation']->number(),
                'uncertainty' => $v['uncertainty']->notNegative(),
                'verdict' => $v['verdict']->oneOf(array_column(Verdict::cases(), 'value')),
            ];
        }

        return new Reliance($f['core']->text(), $verdicts);
    }
}
