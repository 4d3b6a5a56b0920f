<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\Said;
use Lumbro\Core\Message\Message;

/** The JSON form of the record's lines from the run on (schemas, "record-line"). */
final class RunLineDocument
{
    public const KINDS = ['asked', 'answered', 'step-begun', 'step', 'correction', 'shift', 'mirror', 'level', 'check', 'sent-back', 'accepted', 'reopened'];

    /**
     * @param string $kind    one of KINDS
     * @param Node   $payload what that kind carries
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function entry(string $kind, string $id, string $person, string $at, Node $payload): Line
    {
        return match ($kind) {
            'asked' => self::asked($id, $person, $at, $payload->fields(['command'], ['step', 'values'])),
            'answered' => self::answered($id, $person, $at, $payload->fields(['to', 'outcome', 'message'], ['values', 'codes', 'wiped'])),
            'step-begun' => new StepBegun($id, $person, $at, $payload->fields(['step'])['step']->text()),
            'step' => self::step($id, $person, $at, $payload->fields(['step'], ['waited'])),
            'correction' => self::correction($id, $person, $at, $payload->fields(['way'], ['turns', 'azimuth', 'elevation', 'to'])),
            'shift' => self::shift($id, $person, $at, $payload->fields(['across', 'typed'])),
            'mirror' => self::mirror($id, $person, $at, $payload->fields(['distance', 'left', 'above'])),
            'level' => self::level($id, $person, $at, $payload->fields(['position', 'level'])),
            'check' => self::check($id, $person, $at, $payload->fields(['cause', 'found'], ['note'])),
            'sent-back' => self::sentBack($id, $person, $at, $payload->fields(['fault', 'name', 'reasons'], ['note'])),
            'reopened' => self::reopened($id, $person, $at, $payload->fields(['name', 'reason'])),
            default => self::accepted($id, $person, $at, $payload->fields(['name', 'reason'])),
        };
    }

    /** @return array{kind: string, payload: array<string, mixed>} */
    public static function write(Line $entry): array
    {
        [$kind, $payload] = match (true) {
            $entry instanceof ToolAsked => ['asked', ['command' => $entry->command->value, 'step' => $entry->step, 'values' => $entry->values === [] ? null : $entry->values]],
            $entry instanceof ToolAnswered => ['answered', [
                'to' => $entry->to, 'outcome' => $entry->outcome, 'message' => $entry->message,
                'values' => $entry->values === [] ? null : $entry->values, 'codes' => $entry->codes === [] ? null : $entry->codes, 'wiped' => $entry->wiped ?: null,
            ]],
            $entry instanceof StepBegun => ['step-begun', ['step' => $entry->step]],
            $entry instanceof StepDone => ['step', ['step' => $entry->step, 'waited' => $entry->waited]],
            $entry instanceof Corrected => ['correction', [
                'way' => $entry->way, 'turns' => $entry->turns === [] ? null : $entry->turns,
                'azimuth' => $entry->isElectronic() ? $entry->azimuth : null, 'elevation' => $entry->isElectronic() ? $entry->elevation : null, 'to' => $entry->to,
            ]],
            $entry instanceof TargetShifted => ['shift', ['across' => $entry->across, 'typed' => $entry->typed]],
            $entry instanceof MirrorRead => ['mirror', ['distance' => $entry->distance, 'left' => $entry->left, 'above' => $entry->above]],
            $entry instanceof LevelRead => ['level', ['position' => $entry->position, 'level' => $entry->level]],
            $entry instanceof CauseChecked => ['check', ['cause' => $entry->cause, 'found' => $entry->found, 'note' => $entry->note === '' ? null : $entry->note]],
            $entry instanceof SentBack => ['sent-back', ['fault' => $entry->fault, 'name' => $entry->name, 'reasons' => $entry->reasons, 'note' => $entry->note === '' ? null : $entry->note]],
            $entry instanceof Reopened => ['reopened', ['name' => $entry->name, 'reason' => $entry->reason]],
            $entry instanceof BorderlineAccepted => ['accepted', ['name' => $entry->name, 'reason' => $entry->reason]],
            default => throw new \LogicException('An entry of an unknown kind.'),
        };

        return ['kind' => $kind, 'payload' => array_filter($payload, static fn(mixed $value): bool => $value !== null)];
    }

    /** @param array<array-key, Node> $f */
    private static function asked(string $id, string $person, string $at, array $f): ToolAsked
    {
        $command = ToolCommand::from($f['command']->oneOf(array_column(ToolCommand::cases(), 'value')));

        return new ToolAsked($id, $person, $at, $command, isset($f['step']) ? $f['step']->text() : null, self::values($f['values'] ?? null));
    }

    /** @param array<array-key, Node> $f */
    private static function answered(string $id, string $person, string $at, array $f): ToolAnswered
    {
        return new ToolAnswered(
            $id,
            $person,
            $at,
            $f['to']->text(),
            $f['outcome']->oneOf(ToolAnswered::OUTCOMES),
            $f['message']->text(),
            self::values($f['values'] ?? null),
            isset($f['codes']) ? array_map(static fn(Node $code): string => $code->text(), $f['codes']->items()) : [],
            isset($f['wiped']) && $f['wiped']->flag(),
        );
    }

    /** @param array<array-key, Node> $f */
    private static function step(string $id, string $person, string $at, array $f): StepDone
    {
        return new StepDone($id, $person, $at, $f['step']->text(), isset($f['waited']) ? $f['waited']->notNegative() : null);
    }

    /** @param array<array-key, Node> $f */
    private static function correction(string $id, string $person, string $at, array $f): Corrected
    {
        $turns = [];
        foreach (isset($f['turns']) ? $f['turns']->members() : [] as $screw => $turn) {
            $turns[(string) $screw] = $turn->between(-100, 100);
        }
        $axis = static fn(string $name): float => isset($f[$name]) ? $f[$name]->between(-45, 45) : 0.0;

        return new Corrected($id, $person, $at, $f['way']->oneOf(['screws', 'mirror spots', 'electronic']), $turns, $axis('azimuth'), $axis('elevation'), isset($f['to']) ? $f['to']->text() : null);
    }

    /** @param array<array-key, Node> $f */
    private static function shift(string $id, string $person, string $at, array $f): TargetShifted
    {
        return new TargetShifted($id, $person, $at, $f['across']->between(-2_000, 2_000), $f['typed']->text());
    }

    /** @param array<array-key, Node> $f */
    private static function mirror(string $id, string $person, string $at, array $f): MirrorRead
    {
        return new MirrorRead($id, $person, $at, $f['distance']->between(100, 50_000), $f['left']->between(-5_000, 5_000), $f['above']->between(-5_000, 5_000));
    }

    /** @param array<array-key, Node> $f */
    private static function level(string $id, string $person, string $at, array $f): LevelRead
    {
        return new LevelRead($id, $person, $at, $f['position']->text(), $f['level']->between(-300, 300));
    }

    /** @param array<array-key, Node> $f */
    private static function check(string $id, string $person, string $at, array $f): CauseChecked
    {
        return new CauseChecked($id, $person, $at, $f['cause']->oneOf(array_column(Cause::cases(), 'value')), $f['found']->flag(), isset($f['note']) ? $f['note']->line(300) : '');
    }

    /** @param array<array-key, Node> $f */
    private static function sentBack(string $id, string $person, string $at, array $f): SentBack
    {
        return new SentBack(
            $id,
            $person,
            $at,
            $f['fault']->oneOf(array_column(Cause::cases(), 'value')),
            $f['name']->line(80),
            array_map(static fn(Node $reason): string|Message => Said::read($reason), $f['reasons']->fewItems(100)),
            isset($f['note']) ? $f['note']->line(500) : '',
        );
    }

    /**
     * @param array<array-key, Node> $f
     */
    private static function reopened(string $id, string $person, string $at, array $f): Reopened
    {
        $reason = $f['reason']->line(500);
        if (mb_strlen($reason) < 10) {
            throw InvalidInput::because($f['reason']->path(), 'reopened.reason');
        }

        return new Reopened($id, $person, $at, $f['name']->line(80), $reason);
    }

    /** @param array<array-key, Node> $f */
    private static function accepted(string $id, string $person, string $at, array $f): BorderlineAccepted
    {
        return new BorderlineAccepted($id, $person, $at, $f['name']->line(80), $f['reason']->line(500));
    }

    /** @return array<string, float|string> */
    private static function values(?Node $node): array
    {
        $values = [];
        foreach ($node === null ? [] : $node->members() as $name => $value) {
            $raw = $value->raw();
            $values[(string) $name] = is_string($raw) ? $value->text() : $value->number();
        }

        return $values;
    }
}
