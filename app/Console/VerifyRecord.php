<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\SealedRecord;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Failure\CoreFailure;

/** Says whether a sealed record's file, or an order's archive, was changed since it was sealed. */
final class VerifyRecord extends Command
{
    protected $signature = 'lumbro:verify {file : the exported record or archive}';

    protected $description = 'Check a sealed record or an archive against its seal';

    public function handle(): int
    {
        $file = $this->argument('file');
        $json = is_string($file) && is_file($file) ? file_get_contents($file) : false;
        if ($json === false) {
            $this->line('There is no readable file "' . (is_string($file) ? $file : '') . '".');

            return 2;
        }
        if (str_contains(substr($json, 0, 200), Archive::FORMAT)) {
            return $this->archive($json);
        }
        try {
            ['stated' => $stated, 'found' => $found] = Seal::check($json);
        } catch (CoreFailure $failure) {
            $this->line('Not a sealed record: ' . $failure->getMessage());

            return 2;
        }
        if ($stated !== $found) {
            $this->line("CHANGED. The file no longer fits its seal.\n  seal in the file    $stated\n  seal of its content $found");

            return 1;
        }
        $this->line("Unchanged: the content fits the seal in the file.\n  seal $found");
        $this->line($this->kept($found));

        return 0;
    }

    /** Every seal of an archive, and every record of it computed again. */
    private function archive(string $json): int
    {
        try {
            $archive = Archive::read($json);
        } catch (CoreFailure $failure) {
            $this->line('Not an archive: ' . $failure->getMessage());

            return 2;
        }
        foreach ($archive->broken as $words) {
            $this->line("CHANGED. $words");
        }
        foreach ($archive->records as $record) {
            $this->line(sprintf(
                '  %s, revision %d: %s when it was sealed, %s',
                $record['sensor'],
                $record['revision'],
                $record['sealed'] ?? 'not read',
                $record['failure'] ?? ($record['differences'] === [] ? 'and here, every figure the same' : 'here otherwise at ' . implode(', ', $record['differences'])),
            ));
        }
        $this->line($archive->holds() ? "Unchanged, and every record comes out as it was sealed.\n  seal $archive->hash" : 'It does not hold.');

        return $archive->holds() ? 0 : 1;
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
