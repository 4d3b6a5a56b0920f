<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Measure\Node;

/**
 * The lines of a journal, each carrying the hash of the one before it: a line that is changed, left out or put in
 * elsewhere no longer fits the next.
 */
final class Chain
{
    /**
     * @param list<array<string, mixed>> $lines as they are written, oldest first
     *
     * @return list<array<string, mixed>> the same, each with "previous": the SHA-256 of the line before it, null for the first
     */
    public static function link(array $lines): array
    {
        $previous = null;
        $linked = [];
        foreach ($lines as $line) {
            $linked[] = $line += ['previous' => $previous];
            $previous = Seal::of($line)->hash;
        }

        return $linked;
    }

    /**
     * Where the chain is broken.
     *
     * @param list<Node> $lines
     *
     * @return list<string> JSON Pointers to the lines that do not follow the one before them
     */
    public static function breaks(array $lines): array
    {
        $previous = null;
        $breaks = [];
        foreach ($lines as $line) {
            if (($line->member('previous')?->raw() ?? null) !== $previous) {
                $breaks[] = $line->path();
            }
            $previous = Seal::read($line)->hash;
        }

        return $breaks;
    }
}
