<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Shop;
use App\Models\User;
use Lumbro\Core\Evidence\SealedFacts;
use Lumbro\Core\Evidence\SealedRecordDocument;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Journal\Corrected;

/** Everything of a task as it is sealed: what it rested on, all that was recorded, and what came of it. */
final class SealedDocument
{
    /**
     * @param array{name: string, reason: string}|null $handover
     * @param int         $revision 1 for the first seal
     * @param string|null $follows  seal of the revision before it
     *
     * @return array<string, mixed>
     */
    public static function record(TaskFile $file, User $user, string $now, ?array $handover, int $revision, ?string $follows): array
    {
        return SealedRecordDocument::write(SealedFacts::of(TaskStateDocument::write($file->journal)), $file->journal->rules, [
            'shop' => Shop::query()->findOrFail($user->shop_id)->name,
            'order' => ['number' => $file->row->number, 'vehicle' => $file->row->vehicle, 'plate' => $file->row->plate],
            'sealedBy' => $user->name,
            'sealedAt' => $now,
            'revision' => $revision,
            'follows' => $follows,
            'handover' => $handover,
        ], RecordBasis::of($file), $file->order->journal->lines(), $file->journal->entries(), OrderEvidence::of($file->order));
    }

    /**
     * What a history shows of it.
     *
     * @return array{verdict: string|null, azimuth: float|null, elevation: float|null, zeroAzimuth: float, zeroElevation: float, corrected: list<string>}
     */
    public static function outcome(TaskFile $file, bool $handedOver): array
    {
        $run = $file->state()->run;
        $finding = $run->finding;
        $zero = $run->zeroSum();

        return [
            'verdict' => match (true) {
                $run->log->sentBack !== null => 'sent-back',
                $handedOver => 'handed-over',
                default => $finding?->verdict()->value,
            },
            'azimuth' => $finding?->verdicts['azimuth']->misalignment,
            'elevation' => $finding?->verdicts['elevation']->misalignment,
            'zeroAzimuth' => $zero->azimuth,
            'zeroElevation' => $zero->elevation,
            'corrected' => array_values(array_unique(array_map(static fn(Corrected $made): string => $made->way, $run->log->corrections))),
        ];
    }
}
