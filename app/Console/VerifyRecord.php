<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\SealedRecord;
use App\Models\Shop;
use App\Signing\SealBooks;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\EntryKind;
use Lumbro\Core\Evidence\SealBook;
use Lumbro\Core\Evidence\SealedFile;
use Lumbro\Core\Evidence\SealProof;
use Lumbro\Core\Evidence\Signature;
use Lumbro\Core\Evidence\Witnesses;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Words\Words;

/** Says whether a sealed record's file, or an order's archive, was changed since it was sealed. */
final class VerifyRecord extends Command
{
    protected $signature = 'lumbro:verify {file : the exported record or archive}
        {--key= : the shop\'s public key, as its reports print it}
        {--book= : file of the shop\'s seal book}
        {--head= : NUMBER:HASH, as a report prints it}';

    protected $description = 'Check a sealed record or an archive against its seal';

    public function __construct(private readonly SealBooks $books)
    {
        parent::__construct();
    }

    public function handle(): int
    {
        $file = $this->argument('file');
        $json = is_string($file) && is_file($file) ? file_get_contents($file) : false;
        if ($json === false) {
            $this->line('There is no readable file "' . (is_string($file) ? $file : '') . '".');

            return 2;
        }
        try {
            $by = $this->witnesses();
        } catch (CoreFailure $failure) {
            $this->line('What it is to be held against cannot be read: ' . (new Words())->say($failure->said));

            return 2;
        }
        if (str_contains(substr($json, 0, 200), 'lumbro-archive/')) {
            return $this->archive($json, $by);
        }
        try {
            $sealed = SealedFile::read(Node::parse($json));
        } catch (CoreFailure $failure) {
            $this->line('Not a sealed record: ' . (new Words())->say($failure->said));

            return 2;
        }
        if ($sealed->stated !== $sealed->found) {
            $this->line("CHANGED. The file no longer fits its seal.\n  seal in the file    {$sealed->stated}\n  seal of its content {$sealed->found}");

            return 1;
        }
        if ($sealed->breaks !== []) {
            $this->line('CHANGED. Lines that do not follow the one before: ' . implode(', ', $sealed->breaks));

            return 1;
        }
        $this->line("Unchanged: the content fits the seal in the file.\n  seal {$sealed->found}");
        $this->line($this->again($sealed->record->edition, $sealed->failure, $sealed->differences));
        $this->refused($sealed->refused);
        $this->line($this->kept($sealed->found));
        $vouched = $this->vouched(SealProof::ofRecord($sealed, $by));

        return $vouched && $sealed->failure === null && $sealed->differences === [] && $sealed->refused === [] ? 0 : 1;
    }

    /**
     * What became of computing it again.
     *
     * @param list<string> $differences
     */
    private function again(int $edition, ?Message $failure, array $differences): string
    {
        return match (true) {
            $edition === 1 => 'Not computed again: a record of the first edition does not hold all it rests on.',
            $failure !== null => 'It could not be computed again: ' . (new Words())->say($failure),
            $differences === [] => 'Computed again: every figure the same.',
            default => 'Computed again, it comes out otherwise at ' . implode(', ', $differences) . '.',
        };
    }

    /** @param list<array{line: string, kind: string, says: Message}> $refused */
    private function refused(array $refused): void
    {
        foreach ($refused as $line) {
            $this->line((new Words())->of('record.line-refused', ['kind' => $line['kind'], 'line' => $line['line'], 'why' => $line['says']]));
        }
    }

    /** Every seal of an archive, and every record of it computed again. */
    private function archive(string $json, Witnesses $by): int
    {
        try {
            $archive = Archive::read($json);
        } catch (CoreFailure $failure) {
            $this->line('Not an archive: ' . (new Words())->say($failure->said));

            return 2;
        }
        $words = new Words();
        foreach ($archive->broken as $broken) {
            $this->line('CHANGED. ' . $words->say($broken));
        }
        foreach ($archive->records as $record) {
            $this->line(sprintf(
                '  %s, revision %d: %s when it was sealed; %s',
                $record['sensor'],
                $record['revision'],
                $record['sealed'] ?? 'not read',
                lcfirst($this->again($record['edition'], $record['failure'], $record['differences'])),
            ));
            $this->refused($record['refused']);
        }
        $this->line($archive->holds() ? "Unchanged, and every record that is computed again comes out as it was sealed.\n  seal $archive->hash" : 'It does not hold.');

        return $this->vouched(SealProof::ofArchive($archive, $by)) && $archive->holds() ? 0 : 1;
    }

    /** What was given to hold it against; where nothing was, the seal book of this installation. */
    private function witnesses(): Witnesses
    {
        [$key, $book, $head] = [$this->option('key'), $this->option('book'), $this->option('head')];
        if (is_string($key) && ! Signature::isKey($key)) {
            throw InvalidInput::because('/key', 'book.no-key');
        }
        $read = is_string($book) ? SealBook::read(Node::parse((string) @file_get_contents($book))) : null;
        if (is_string($head) && preg_match('/^(\d{1,9}):([0-9a-f]{64})$/D', $head, $match) !== 1) {
            throw InvalidInput::because('/head', 'book.no-head-given');
        }
        if ($key === null && $book === null && $head === null) {
            return $this->own();
        }

        return new Witnesses(is_string($key) ? $key : null, $read, isset($match) ? ['number' => (int) $match[1], 'hash' => $match[2]] : null);
    }

    private function own(): Witnesses
    {
        try {
            foreach (Shop::query()->orderBy('id')->get() as $shop) {
                $last = $this->books->last($shop->id);
                if ($last !== null) {
                    $this->line('Held against the seal book of this installation.');

                    return new Witnesses($last->says['next'] ?? $last->key, SealBook::read(Node::parse(json_encode($this->books->document($shop->id), JSON_THROW_ON_ERROR))));
                }
            }
        } catch (QueryException) {
            // Without a database it is held against the file alone.
        }

        return new Witnesses();
    }

    /** Says whose key, between which heads, and what could not be asked. */
    private function vouched(SealProof $proof): bool
    {
        $words = new Words();
        $entry = $proof->entry?->entry;
        if ($entry !== null) {
            $this->line($words->of($entry->kind === EntryKind::Earlier ? 'verify.earlier' : 'verify.signed', ['number' => $entry->number, 'key' => $entry->key, 'at' => $entry->at]));
            $this->line('  head before ' . ($entry->previous ?? 'none') . "\n  head        $entry->number:{$entry->hash()}");
        }
        foreach ($proof->faults as $fault) {
            $this->line('NOT VOUCHED FOR. ' . $words->say($fault));
        }
        foreach ($proof->open as $open) {
            $this->line($words->say($open));
        }

        return $proof->faults === [];
    }

    /** A forger can seal a changed record anew; only a seal kept elsewhere tells. */
    private function kept(string $hash): string
    {
        try {
            $row = SealedRecord::query()->where('hash', $hash)->first();
        } catch (QueryException) {
            return 'The shop\'s own records could not be asked. Compare the seal with the one printed on the report.';
        }

        return $row === null
            ? 'This installation keeps no record with this seal. Compare the seal with the one printed on the report.'
            : "This installation sealed a record with this seal at {$row->sealed_at}.";
    }
}
