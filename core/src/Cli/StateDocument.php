<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Evidence\SealedFacts;
use Lumbro\Core\Facts\RecordFacts;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\TaskJournal;

/** The command "state": what a repair order or one of its tasks rests on and its journal in, all that is to be known of it out. */
final class StateDocument
{
    /** What is told where nothing is asked for by name. */
    private const USUAL = ['order', 'task'];

    /**
     * @return array<string, mixed> part → facts
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "state")
     */
    public static function state(Node $node): array
    {
        $f = $node->fields(['basis', 'journal'], ['parts']);
        $b = $f['basis']->fields(['today', 'vehicle', 'cards', 'rules', 'register'], ['core', 'sensor', 'bay', 'earlierLevels', 'lessons']);
        $j = $f['journal']->fields(['order'], ['task']);
        $order = OrderJournal::read($b, $j['order']->fewItems(OrderJournal::MOST));
        $task = isset($b['sensor']) ? TaskJournal::read($order, $b, isset($j['task']) ? $j['task']->fewItems(OrderJournal::MOST) : []) : null;
        $known = ['order', ...RecordFacts::OF_TASK, 'seal'];
        $parts = isset($f['parts'])
            ? array_map(static fn(Node $part): string => $part->oneOf($known), $f['parts']->fewItems(count($known)))
            : array_filter(self::USUAL, static fn(string $part): bool => $part === 'order' || $task !== null);
        $facts = [];
        foreach ($parts as $part) {
            $facts[$part] = match (true) {
                $part === 'order' => RecordFacts::order($order),
                $task === null => throw InvalidInput::missing($f['basis']->path(), 'sensor'),
                $part === 'seal' => SealedFacts::of(TaskStateDocument::write($task)),
                default => RecordFacts::ofTask($part, $task),
            };
        }

        return $facts;
    }
}
