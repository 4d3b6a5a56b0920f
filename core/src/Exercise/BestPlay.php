<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\TaskStanding;

/**
 * The best plan of readings for one simulated car: the advice is followed to the end by every way of measuring that the card
 * allows, and by the cheapest mixture of them; the best score of these wins, and of equal ones the fewest minutes.
 */
final readonly class BestPlay
{
    /**
     * @param Prospect|null $plan  what was planned before anything was read; null where the card's own way was followed
     * @param int           $tried how many ways were gone to the end
     */
    private function __construct(public Player $player, public Score $score, public ?Prospect $plan, public float $minutes, public int $tried) {}

    /** @param list<Line> $begun what stood in the record when the learner began */
    public static function of(TaskContext $context, Scenario $truth, array $begun): self
    {
        $before = new Hands($context, $truth, $begun);
        $prospects = Prospects::of($context, $before->state()->plan);
        $ways = [null, $prospects->cheapest, ...array_filter($prospects->schools, static fn(Prospect $school): bool => $school->whole !== null && $school->school !== 'reported-pose')];
        $best = null;
        $tried = 0;
        foreach (array_unique($ways, SORT_REGULAR) as $way) {
            $play = self::play($context, $truth, $begun, $way);
            if ($play === null) {
                continue;
            }
            $tried++;
            if ($best === null || $play->isBetterThan($best)) {
                $best = $play;
            }
        }
        if ($best === null) {
            throw new \LogicException('No way of measuring this car comes to an end.');
        }

        return new self($best->player, $best->score, $best->plan, $best->minutes, $tried);
    }

    /** What somebody answers who has played it so. */
    public static function answer(Player $player): Answer
    {
        $sent = $player->state()->run->log->sentBack;

        return new Answer($player->outcome(), $sent === null ? null : Cause::from($sent->fault), Told::by($player->hands));
    }

    /**
     * How many readings and staffs the advice takes at a car.
     *
     * @param list<Line> $begun what stood in the record when the learner began
     */
    public static function advised(TaskContext $context, Scenario $truth, array $begun): int
    {
        $player = new Player(new Hands($context, $truth, $begun));
        try {
            $player->work();
        } catch (\LogicException) {
            // Where it comes to no end, what it took until then is what there is to compare with.
        }

        return self::readings($player->hands);
    }

    /** How many readings and staffs a record holds. */
    public static function readings(TaskStanding $task): int
    {
        return count($task->state()->record->readings) + count($task->state()->context->order->floor ?? []);
    }

    /** @param list<Line> $begun */
    private static function play(TaskContext $context, Scenario $truth, array $begun, ?Prospect $way): ?self
    {
        $hands = new Hands($context, $truth, $begun);
        foreach (array_keys($truth->words) as $item) {
            // What somebody only told is looked at first.
            $hands->do(Answered::class, item: $item, answer: AnswerKind::Yes);
        }
        $player = new Player($hands, Learner::Follows, $way);
        try {
            $player->work();
        } catch (\LogicException) {
            // By this way the set-up cannot be measured well enough.
            return null;
        }
        $told = self::answer($player);
        $answer = new Answer($told->outcome, $told->cause, $truth->words === [] ? $told->faults : [...$told->faults, FaultKind::Word]);
        $score = Rubric::score($player->hands, $truth, $answer, self::readings($player->hands));
        $calls = [];
        foreach ($player->state()->entries as $entry) {
            if ($entry instanceof ReadingTaken) {
                $calls[] = $entry->call;
            }
        }
        $staffs = array_map(static fn(string $place): string => "staff-$place", array_keys($player->state()->context->order->floor ?? []));

        return new self($player, $score, $way, Prospects::minutes([...$calls, ...$staffs], $context->policy()->minutes), 1);
    }

    private function isBetterThan(self $other): bool
    {
        $points = static fn(self $play): int => $play->score->method() + $play->score->result();

        return $points($this) > $points($other) || ($points($this) === $points($other) && $this->minutes < $other->minutes - 1e-9);
    }
}
