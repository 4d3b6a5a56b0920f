<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** A sealed record as a file: whether it fits its seal and its lines each other, and whether it comes out as it was sealed. */
final readonly class SealedFile
{
    /**
     * @param string       $stated      hash in the file
     * @param string       $found       hash of what it holds
     * @param list<string> $breaks      JSON Pointers to lines that do not follow the one before them
     * @param string|null  $again       the verdict as it comes out now; null where it is not computed
     * @param list<string> $differences JSON Pointers of what came out otherwise
     * @param list<array{line: string, kind: string, says: Message}> $refused lines that nobody could have written, by the rules
     * @param SignedEntry|null $signature the entry of a seal book that came with it
     * @param Message|null $failure     why it could not be computed again; null for the first edition, which never is
     */
    private function __construct(public SealedRecord $record, public string $stated, public string $found, public array $breaks, public ?string $again, public array $differences, public array $refused, public ?SignedEntry $signature, public ?Message $failure) {}

    /** @throws InvalidInput where it is no sealed record */
    public static function read(Node $node): self
    {
        $f = $node->fields(['format', 'record', 'seal']);
        $f['format']->oneOf(array_values(Seal::FORMATS));
        $stated = Seal::stated($f['seal']);
        $signature = Seal::signature($f['seal']);
        $found = Seal::read($f['record'])->hash;
        $breaks = [];
        $again = null;
        $differences = [];
        $refused = [];
        $failure = null;
        $record = SealedRecord::read($f['record']);
        try {
            $breaks = $record->breaks();
            if ($record->edition > 1) {
                $computed = Recomputation::from($record);
                $again = $computed->task->state()->run->log->sentBack !== null ? 'sent-back' : $computed->task->state()->run->finding?->verdict()->value;
                $differences = $computed->differences;
                $refused = $computed->refused;
            }
        } catch (CoreFailure $caught) {
            $failure = $caught->said;
        }

        return new self(record: $record, stated: $stated, found: $found, breaks: $breaks, again: $again, differences: $differences, refused: $refused, signature: $signature, failure: $failure);
    }

    /** Whether it fits its seal, and every line the one before it. */
    public function isUnchanged(): bool
    {
        return $this->stated === $this->found && $this->breaks === [];
    }

    /** Whether it comes out as it was sealed, with lines that could all be written. */
    public function comesOutTheSame(): bool
    {
        return $this->isUnchanged() && $this->isComputed() && $this->differences === [] && $this->refused === [];
    }

    /** Whether it was computed again. */
    public function isComputed(): bool
    {
        return $this->record->edition > 1 && $this->failure === null;
    }
}
