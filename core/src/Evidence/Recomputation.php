<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\Replay;
use Lumbro\Core\Record\TaskJournal;

/**
 * A sealed record computed again from what it rested on, held against the result that was sealed with it; of the third
 * edition on, each of its lines is decided again too.
 */
final readonly class Recomputation
{
    /**
     * @param TaskJournal                                               $task        its lines, and its state as it is computed now
     * @param list<string>                                             $differences places of the result, as JSON Pointers, where it came out otherwise
     * @param list<array{line: string, kind: string, says: Message}>   $refused     lines that nobody could have written
     */
    private function __construct(public TaskJournal $task, public array $differences, public array $refused) {}

    /**
     * @param Node $record the "record" of a sealed record (schemas, "sealed-record")
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function of(Node $record): self
    {
        return self::from(SealedRecord::read($record));
    }

    /** @throws InvalidInput naming the field that is missing, unknown or wrong; of edition 1, which does not hold all it rests on */
    public static function from(SealedRecord $record): self
    {
        if ($record->edition === 1) {
            throw InvalidInput::because($record->basis->path(), 'record.first-edition');
        }
        // Records of before there were other rules do not name them.
        $rules = isset($record->fields['rules']) ? RuleSet::read($record->fields['rules']) : RuleSet::First;
        $b = $record->basis->fields(['core', 'sensor', 'today', 'vehicle', 'cards', 'rules', 'register', 'bay', 'earlierLevels'], $record->edition === 2 ? ['order'] : ['lessons']);
        $order = OrderJournal::read($b, $record->orderLines());
        $task = TaskJournal::read($order, $b, $record->taskLines(), $rules);
        $document = TaskStateDocument::write($task);
        $again = $record->edition === 2 ? $document : SealedFacts::of($document);

        return new self(
            $task,
            Comparison::differences($record->result->raw(), json_decode((string) json_encode($again, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 128, JSON_THROW_ON_ERROR), $record->result->path(), $record->edition),
            $record->edition === 2 ? [] : Replay::refusals($task),
        );
    }
}
