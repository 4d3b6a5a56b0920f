<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealedFile;
use Lumbro\Core\Evidence\SealedRecord;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;

/** How sealed records come out when they are computed again, for whoever compares two versions: a line each, its seal and a word. */
final class ListRecords extends Command
{
    /** The newest ones, and as many of all others, evenly: a large shop's would take hours. */
    private const MOST = 150;

    protected $signature = 'lumbro:records';

    protected $description = 'Compute sealed records again and say how each comes out';

    public function handle(): int
    {
        $ids = DB::table('sealed_records')->orderByDesc('id')->pluck('id')->all();
        $rest = array_slice($ids, self::MOST);
        $step = max(1, (int) ceil(count($rest) / self::MOST));
        foreach ([...array_slice($ids, 0, self::MOST), ...array_filter($rest, static fn(int $i): bool => $i % $step === 0, ARRAY_FILTER_USE_KEY)] as $id) {
            $row = DB::table('sealed_records')->where('id', $id)->first(['hash', 'record']);
            if ($row !== null) {
                $this->line("$row->hash " . self::comesOut($row->record, $row->hash));
            }
        }

        return self::SUCCESS;
    }

    /** @return string "holds" where it fits its seal and comes out as it was sealed */
    private static function comesOut(string $record, string $hash): string
    {
        try {
            $decoded = json_decode($record, false, 128, JSON_THROW_ON_ERROR);
            $edition = SealedRecord::edition(Node::parse($record));
            $file = SealedFile::read(Node::parse(json_encode(Seal::of($decoded)->document($decoded, $edition), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
        } catch (CoreFailure $failure) {
            return "refused:{$failure->errorCode()}";
        }

        return match (true) {
            $file->found !== $hash || $file->breaks !== [] => 'broken',
            $file->failure !== null => "failed:{$file->failure->code}",
            // The first edition is never computed again.
            $file->isComputed() && ! $file->comesOutTheSame() => 'differs',
            default => 'holds',
        };
    }
}
