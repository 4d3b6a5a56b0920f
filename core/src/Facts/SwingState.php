<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\PlateSwing;
use Lumbro\Core\Catalogue\Card\CardAdjustment;
use Lumbro\Core\Catalogue\Card\CardPosition;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\RunState;

/** A plate's positions in the card's order, the level read in each, and the elevation that follows (need J28, maths §6). */
final class SwingState
{
    /** A level that comes back to a position it had differs by no more, dB. */
    private const SAME = 1.5;

    /** @return array<string, mixed>|null null where the card swings nothing */
    public static function write(?CardAdjustment $adjustment, RunState $run, bool $looksBack): ?array
    {
        if ($adjustment === null || $adjustment->order === []) {
            return null;
        }
        $read = $run->log->levels;
        $positions = [];
        $levels = [];
        foreach ($adjustment->order as $i => $id) {
            $position = self::position($adjustment->positions, $id);
            $level = $read[$i] ?? null;
            $level = $level?->position === $id ? $level->level : null;
            $before = $levels[$id] ?? null;
            $positions[] = [
                'id' => $id, 'says' => $position->words, 'level' => $level,
                'state' => $level !== null ? 'done' : (count($read) === $i ? 'now' : 'later'),
                'expect' => match (true) {
                    $before !== null => Message::of('swing.again', ['level' => Quantity::decibels($before)]),
                    $position->pitch === 0.0 && $run->echo->expected !== null => Message::of('swing.about', ['level' => Quantity::decibels($run->echo->expected)]),
                    $position->pitch === 0.0 => Message::of('swing.strongest'),
                    default => Message::of('swing.weaker'),
                },
                'odd' => $before !== null && $level !== null && abs($level - $before) > self::SAME,
            ];
            if ($level !== null) {
                $levels[$id] ??= $level;
            }
        }

        return ['positions' => $positions, ...self::peak($adjustment->positions, $read, $looksBack)];
    }

    /**
     * @param list<CardPosition> $positions
     * @param list<LevelRead>    $read
     *
     * @return array<string, mixed>
     */
    private static function peak(array $positions, array $read, bool $looksBack): array
    {
        $sums = [];
        foreach ($read as $level) {
            $pitch = self::position($positions, $level->position)->pitch;
            $sums[(string) $pitch][] = $level->level;
        }
        $means = array_map(static fn(array $levels): float => array_sum($levels) / count($levels), $sums);
        $up = max([0.0, ...array_map(floatval(...), array_keys($means))]);
        if ($up <= 0 || ! isset($means[(string) $up], $means[(string) -$up], $means['0'])) {
            return ['peak' => null, 'failure' => null];
        }
        try {
            $peak = PlateSwing::of($up, $means[(string) -$up], $means['0'], $means[(string) $up], 0.4);
        } catch (CoreFailure $failure) {
            return ['peak' => null, 'failure' => $failure->said];
        }

        return ['peak' => [...RunDocument::degrees('elevation', $peak->peak, $looksBack), 'uncertainty' => $peak->uncertainty], 'failure' => null];
    }

    /** @param list<CardPosition> $positions */
    private static function position(array $positions, string $id): CardPosition
    {
        foreach ($positions as $position) {
            if ($position->id === $id) {
                return $position;
            }
        }

        throw new \LogicException("The card has no position \"$id\".");
    }
}
