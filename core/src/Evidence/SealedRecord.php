<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;

/** A sealed record of any edition, taken apart as far as it is needed to check it, to compute it again and to show it. */
final readonly class SealedRecord
{
    /**
     * @param int                  $edition 1: not all it rests on came along; 2: with what screens said; 3: journal, basis and facts
     * @param Node                 $basis   what it rests on
     * @param Node                 $result  what came of it, as it was sealed
     * @param array<Node>          $fields  of the record
     */
    private function __construct(public int $edition, public Node $basis, private ?Node $orderLines, private Node $taskLines, public Node $result, public array $fields) {}

    /**
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function read(Node $record): self
    {
        $edition = self::edition($record);
        $fields = $record->fields(...match ($edition) {
            3 => [['shop', 'order', 'sealedBy', 'sealedAt', 'revision', 'follows', 'handover', 'rules', 'basis', 'journal', 'evidence', 'facts']],
            2 => [['shop', 'order', 'sealedBy', 'sealedAt', 'revision', 'follows', 'handover', 'basis', 'entries', 'result']],
            default => [['shop', 'order', 'sealedBy', 'sealedAt', 'handover', 'basis', 'entries', 'result'], ['revision', 'follows']],
        });
        if ($edition === 3) {
            $journal = $fields['journal']->fields(['order', 'task']);

            return new self($edition, $fields['basis'], $journal['order'], $journal['task'], $fields['facts'], $fields);
        }

        return new self($edition, $fields['basis'], $edition === 2 ? $fields['basis']->member('order') : null, $fields['entries'], $fields['result'], $fields);
    }

    /**
     * @return list<Node> the order's journal, oldest first
     *
     * @throws InvalidInput where it is too long, or two of its lines have one id
     */
    public function orderLines(): array
    {
        return $this->orderLines === null ? [] : self::unique($this->orderLines);
    }

    /**
     * @return list<Node> the task's journal, oldest first
     *
     * @throws InvalidInput where it is too long, or two of its lines have one id
     */
    public function taskLines(): array
    {
        return self::unique($this->taskLines);
    }

    /**
     * @return list<string> JSON Pointers to lines that do not follow the one before them; only the third edition chains them
     *
     * @throws InvalidInput as the lines do
     */
    public function breaks(): array
    {
        return $this->edition < 3 ? [] : [...Chain::breaks($this->orderLines()), ...Chain::breaks($this->taskLines())];
    }

    /** Which edition of the record a decoded or read document is of. */
    public static function edition(Node $record): int
    {
        if (! $record->isObject()) {
            throw InvalidInput::wrongType($record->path(), 'object', $record->raw());
        }
        $basis = $record->member('basis');

        return match (true) {
            $record->member('facts') !== null => 3,
            $basis !== null && $basis->isObject() && $basis->member('register') !== null => 2,
            default => 1,
        };
    }

    /** Sensor of the car it is about. */
    public function sensor(): string
    {
        return ($this->basis->member('sensor') ?? throw InvalidInput::missing($this->basis->path(), 'sensor'))->id();
    }

    /** 1 for the first seal of a task. */
    public function revision(): int
    {
        return isset($this->fields['revision']) ? (int) $this->fields['revision']->between(1, 10_000) : 1;
    }

    /** The verdict in it; null where there is none. */
    public function verdict(): ?string
    {
        $run = $this->result->isObject() ? $this->result->member('run') : null;
        if ($run === null || ! $run->isObject()) {
            return null;
        }
        $back = $run->member('sentBack');
        if ($back !== null && $back->isObject()) {
            return 'sent-back';
        }
        $finding = $run->member('finding');

        return $finding !== null && $finding->isObject() ? $finding->member('verdict')?->line(40) : null;
    }

    /**
     * @return list<Node>
     *
     * @throws InvalidInput where two lines have one id: which of them a later line strikes could not be told
     */
    private static function unique(Node $node): array
    {
        $seen = [];
        foreach ($node->fewItems(OrderJournal::MOST) as $line) {
            $id = $line->member('id') ?? throw InvalidInput::missing($line->path(), 'id');
            if (isset($seen[$id->text()])) {
                throw InvalidInput::because($id->path(), 'record.second-id');
            }
            $seen[$id->text()] = true;
        }

        return $node->items();
    }
}
