<?php

declare(strict_types=1);

namespace App\Imports;

use Lumbro\Core\Failure\CoreFailure;

/** One kind of file that can be taken in. */
interface ImportKind
{
    /**
     * Reads on from where the file stands, until the time is over or the file has been read.
     *
     * @param float $until a moment, s
     *
     * @throws CoreFailure where the file as a whole cannot be read
     */
    public function step(ImportFile $file, float $until): void;

    /**
     * Takes in all that was staged, within a transaction.
     *
     * @return int how many
     */
    public function take(ImportFile $file): int;
}
