<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\World;
use Lumbro\Core\Work\TaskStanding;

/** A reading that was not taken, and would have shown that something is wrong. */
final readonly class Showing
{
    /** A reading this many standard deviations from what the others foretell stands out. */
    private const STANDS_OUT = 3.0;

    /** A fault is to blame where it makes this part of the difference. */
    private const TO_BLAME = 0.5;

    /**
     * @param string         $call     of the plan
     * @param Message|string $says     what it is called
     * @param Reads          $reads    how it is read
     * @param float          $foretold what the readings taken say it would show, mm or degrees
     * @param float          $would    what it would have shown
     * @param float          $times    how many standard deviations these are apart
     */
    private function __construct(public string $call, public Message|string $says, public Reads $reads, public float $foretold, public float $would, public float $times) {}

    /** @return list<self> the plainest first */
    public static function of(TaskStanding $task, Scenario $truth, Fault $fault): array
    {
        $state = $task->state();
        $with = World::of($state->context, $truth, $state->entries);
        $without = World::of($state->context, Faults::without($truth, $fault), $state->entries);
        $shows = [];
        foreach ($state->plan->takable() as $id => $call) {
            $foretold = isset($state->setUp->readings[$id]) ? null : $state->setUp->foretold($call);
            if ($foretold === null || ($call->details->of !== null && $fault->kind !== FaultKind::Slip)) {
                continue;
            }
            $would = $with->shown($call);
            $apart = abs($would - $foretold['value']);
            $times = $apart / max(1e-9, hypot($foretold['uncertainty'], $call->reads === Reads::Turn ? rad2deg($call->s) : $call->s));
            // A slip is in a reading that was taken: whatever foretells otherwise by it shows it.
            $blames = $fault->kind === FaultKind::Slip || abs($would - $without->shown($call)) >= self::TO_BLAME * $apart;
            if ($times >= self::STANDS_OUT && $blames) {
                $shows[] = new self((string) $id, $call->title(), $call->reads, $foretold['value'], $would, $times);
            }
        }
        usort($shows, static fn(self $a, self $b): int => $b->times <=> $a->times);

        return $shows;
    }

    /** Whether anybody could have known of a fault by what this car lets them look at. */
    public static function isShowable(TaskStanding $task, Scenario $truth, Fault $fault): bool
    {
        $state = $task->state();
        $isSurveyed = in_array($fault->kind, [FaultKind::Mark, FaultKind::Thrust, FaultKind::Tape, FaultKind::Rule, FaultKind::Slip], true);

        return match (true) {
            $fault->kind === FaultKind::Floor => ! in_array('elevation', $state->context->cardSensor->placementFree, true),
            ! $isSurveyed, ! $state->setUp->isPlaced() => true,
            default => in_array($fault->kind, Told::by($task), true) || self::of($task, $truth, $fault) !== [],
        };
    }
}
