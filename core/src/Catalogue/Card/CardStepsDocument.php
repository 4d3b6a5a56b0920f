<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Reads the steps of a card; each may name others that come before it, but none may wait for itself. */
final class CardStepsDocument
{
    /**
     * @return list<CardStep>
     *
     * @throws InvalidInput naming the step that is unknown, there twice or part of a cycle
     */
    public static function read(Node $node): array
    {
        $steps = [];
        $paths = [];
        foreach ($node->fewItems(200) as $item) {
            $f = $item->fields(['id', 'text'], ['after', 'seconds', 'does']);
            $id = $f['id']->id();
            if (isset($steps[$id])) {
                throw InvalidInput::because($f['id']->path(), 'card.second-step', ['id' => $id]);
            }
            $paths[$id] = $item->path();
            $steps[$id] = new CardStep(
                $id,
                $f['text']->line(),
                array_map(static fn(Node $before): string => $before->id(), isset($f['after']) ? $f['after']->fewItems(200) : []),
                isset($f['seconds']) ? $f['seconds']->between(0, 86_400) : null,
                isset($f['does']) ? $f['does']->oneOf(ToolCommand::STEPS) : null,
            );
        }
        foreach ($steps as $id => $step) {
            foreach ($step->after as $i => $before) {
                if (! isset($steps[$before])) {
                    throw InvalidInput::because("$paths[$id]/after/$i", 'card.unknown-step', ['id' => $before]);
                }
            }
        }
        self::refuseCycles($steps, $paths);

        return array_values($steps);
    }

    /**
     * @param array<string, CardStep> $steps
     * @param array<string, string>   $paths
     */
    private static function refuseCycles(array $steps, array $paths): void
    {
        $left = $steps;
        do {
            $before = count($left);
            // A step is out of the way once everything it waits for is.
            $left = array_filter($left, static fn(CardStep $step): bool => array_intersect($step->after, array_keys($left)) !== []);
        } while (count($left) < $before);
        if ($left !== []) {
            $id = (string) array_key_first($left);

            throw InvalidInput::because("$paths[$id]/after", 'card.step-cycle', ['id' => $id]);
        }
    }
}
