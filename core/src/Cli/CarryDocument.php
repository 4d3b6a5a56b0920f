<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Facts\RecordFacts;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Role;
use Lumbro\Core\Record\Carried;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\TaskJournal;

/**
 * The command "carry": a task as a device has it and lines typed there while no server answered in; which of them are taken,
 * and where the task stands then, out.
 */
final class CarryDocument
{
    /**
     * @return array{written: list<int>, refusal: array<string, mixed>|null, facts: array<string, mixed>} facts by their parts
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "carry")
     */
    public static function carry(Node $node): array
    {
        $f = $node->fields(['basis', 'journal', 'role', 'byHand', 'wishes'], ['ruleSet', 'parts']);
        $basis = $f['basis']->fields(['sensor', 'today', 'vehicle', 'cards', 'rules', 'register', 'bay'], ['core', 'earlierLevels', 'lessons']);
        $lines = $f['journal']->fields(['order', 'task']);
        $role = Role::from($f['role']->oneOf(array_column(Role::cases(), 'value')));
        $rules = isset($f['ruleSet']) ? RuleSet::from($f['ruleSet']->oneOf(array_column(RuleSet::cases(), 'value'))) : RuleSet::NOW;
        $wishes = $f['wishes']->fewItems(Carried::MOST);
        $parts = isset($f['parts']) ? array_map(static fn(Node $part): string => $part->oneOf(RecordFacts::OF_TASK), $f['parts']->fewItems(count(RecordFacts::OF_TASK))) : ['task'];
        $task = TaskJournal::read(OrderJournal::read($basis, $lines['order']->fewItems(OrderJournal::MOST)), $basis, $lines['task']->fewItems(OrderJournal::MOST), $rules);
        ['written' => $written, 'refusal' => $refusal] = Carried::onto($task, $wishes, $role, $f['byHand']->flag());

        return [
            'written' => $written,
            'refusal' => $refusal === null ? null : ['code' => $refusal->errorCode(), 'says' => $refusal->said, 'path' => $refusal->path(), ...$refusal->details()],
            'facts' => array_combine($parts, array_map(static fn(string $part): array => RecordFacts::ofTask($part, $task), $parts)),
        ];
    }
}
