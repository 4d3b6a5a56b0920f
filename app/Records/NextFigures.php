<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Facts\NextFigureDocument;

/** Which figures of an order's car are worth measuring next, for all its sensors together. */
final class NextFigures
{
    /** @return array<string, mixed> (openapi.yaml, "NextFigures") */
    public static function of(OrderFile $file): array
    {
        $contexts = [];
        if ($file->journal->context->sheet->isGrown()) {
            foreach (TaskLines::of($file) as $i => $line) {
                if ($line['workspace'] === true && $line['sealed'] === false) {
                    $task = TaskFile::within($file, $file->tasks[$i]);
                    $contexts[] = [$task->context(), $task->plan()];
                }
            }
        }

        return NextFigureDocument::write($contexts);
    }
}
