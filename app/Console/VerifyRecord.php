<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\SealedRecord;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Record\Seal;

/** Says whether a sealed record's file was changed since it was sealed. */
final class VerifyRecord extends Command
{
    protected $signature = 'lumbro:verify {file : the exported record}';

    protected $description = 'Check a sealed record against its seal';

    public function handle(): int
    {
        $file = $this->argument('file');
        $json = is_string($file) && is_file($file) ? file_get_contents($file) : false;
        if ($json === false) {
            $this->line('There is no readable file "' . (is_string($file) ? $file : '') . '".');

            return 2;
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
