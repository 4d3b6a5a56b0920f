<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\User;
use Lumbro\Core\Journal\Line;

/** A task as a device keeps it, to go on with where no server answers: what it rests on, its lines, and who writes. */
final class CarriedTask
{
    /** @return array<string, mixed> (core/schemas/carry.json, with "version" beside it) */
    public static function of(User $user, TaskFile $file): array
    {
        $written = static fn(Line $line): array => $line->written();

        return [
            'version' => $file->version,
            'basis' => RecordBasis::of($file),
            'journal' => ['order' => array_map($written, $file->order->journal->lines()), 'task' => array_map($written, $file->journal->entries())],
            'ruleSet' => $file->journal->rules->value,
            'role' => $user->asRole()->value,
            'byHand' => $file->row->scenario === null,
        ];
    }
}
