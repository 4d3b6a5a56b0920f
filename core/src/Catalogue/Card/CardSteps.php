<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;

/** The steps of a card: each may name others that come before it, but none may wait for itself. */
final class CardSteps
{
    /**
     * @param list<CardStep> $steps
     * @param string         $path  JSON Pointer to them
     *
     * @throws InvalidInput naming the step that is unknown or part of a cycle
     */
    public static function check(array $steps, string $path): void
    {
        $paths = [];
        foreach ($steps as $i => $step) {
            $paths[$step->id] = "$path/$i/after";
        }
        foreach ($steps as $step) {
            foreach ($step->after as $i => $before) {
                if (! isset($paths[$before])) {
                    throw InvalidInput::because("{$paths[$step->id]}/$i", 'card.unknown-step', ['id' => $before]);
                }
            }
        }
        $left = array_column($steps, null, 'id');
        do {
            $before = count($left);
            // A step is out of the way once everything it waits for is.
            $left = array_filter($left, static fn(CardStep $step): bool => array_intersect($step->after, array_keys($left)) !== []);
        } while (count($left) < $before);
        if ($left !== []) {
            $id = (string) array_key_first($left);

            throw InvalidInput::because($paths[$id], 'card.step-cycle', ['id' => $id]);
        }
    }
}
