<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Run;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** The card's steps as a state machine, and what takes them back. */
final class RoutineTest extends TestCase
{
    private const GOOD = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'hub-left' => 2861.0, 'hub-right' => 2861.0, 'height' => 642.0];

    private int $count = 0;

    public function testStepsComeInTheCardsOrderAndEachOnce(): void
    {
        $task = $this->placed();
        self::assertSame('ignition-on', $task->state()->run->routine->next()?->id);
        $this->add($task, new StepDone($this->id(), 'Ilse', 'now', 'ignition-on'));
        self::assertSame('identify', $task->state()->run->routine->next()?->id);
        $this->answered($task, ToolCommand::Identify, 'identify');
        $this->answered($task, ToolCommand::EmptyZone, 'empty-zone');
        self::assertSame('target', $task->state()->run->routine->next()?->id);
        self::assertSame(['done', 'done', 'done', 'now', 'later', 'later', 'later'], array_map($task->state()->run->routine->stateOf(...), $task->state()->run->routine->steps));
    }

    public function testWhatComesAfterTheReadingIsStillDueOnceItIsRead(): void
    {
        $card = (array) json_decode((string) json_encode(DemoTask::node('cards/marrow-field-front.json')->raw()), true);
        $task = new DemoTask(card: ['steps' => $card['steps']]);
        $task->prepared()->settled()->run(0.01);
        self::assertSame(['step', 'lot'], [$task->state()->present()->kind, $task->state()->present()->call]);
        $this->answered($task, ToolCommand::LotCode, 'lot');
        self::assertSame('close', $task->state()->present()->kind);
        // The stand is taken to the next sensor: what was proven stays so.
        self::assertSame('close', $task->move(MoveKind::Shift)->state()->present()->kind);
    }

    public function testAFailureAMoveAndSomethingFoundBeginThePassAnewAndACorrectionOnlyTheRoutine(): void
    {
        $through = fn(): DemoTask => $this->through($this->placed());
        $next = static fn(DemoTask $task): ?string => $task->state()->run->routine->next()?->id;
        self::assertSame('read', $next($through()));

        $failed = $through();
        $this->answered($failed, ToolCommand::Start, 'routine', 'failed');
        self::assertSame('empty-zone', $next($failed));
        self::assertSame('diagnose', $failed->state()->present()->kind);

        self::assertSame('empty-zone', $next($through()->move(MoveKind::Shift)));

        $found = $through()->run(0.01);
        $this->add($found, new CauseChecked($this->id(), 'Ilse', 'now', 'clutter', true));
        self::assertSame('empty-zone', $next($found));
        self::assertNull($found->state()->run->log->group()?->runs[1] ?? null);
        $clear = $through()->run(0.01);
        $this->add($clear, new CauseChecked($this->id(), 'Ilse', 'now', 'clutter', false));
        self::assertNull($next($clear));

        $corrected = $through()->run(0.9);
        $this->add($corrected, new Corrected($this->id(), 'Ilse', 'now', 'screws', ['upper-right' => -1.0]));
        self::assertSame('routine', $next($corrected));
        $zeroed = $through()->run(0.9);
        $this->add($zeroed, new Corrected($this->id(), 'Ilse', 'now', 'electronic', [], -0.9));
        self::assertNull($next($zeroed));
    }

    public function testALostAnswerStaysPendingUntilItIsHeardAndNonsenseCountsOnlyInARow(): void
    {
        $task = $this->placed();
        $asked = new ToolAsked($this->id(), 'Ilse', 'now', ToolCommand::Start, 'routine');
        $this->add($task, $asked);
        self::assertSame($asked, $task->state()->run->log->pending);
        self::assertSame(['outcome', $asked->id], [$task->state()->present()->kind, $task->state()->present()->call]);
        $this->add($task, new ToolAnswered($this->id(), 'Ilse', 'now', $asked->id, 'nonsense', '??'));
        self::assertNull($task->state()->run->log->pending);
        self::assertSame(1, $task->state()->run->log->unheard);
        $this->answered($task, ToolCommand::Voltage, null, 'nonsense');
        self::assertSame('connection', $task->state()->run->diagnosis()->next()?->value);
        $this->answered($task, ToolCommand::Voltage, null);
        self::assertSame(0, $task->state()->run->log->unheard);
        // An answer to nothing that was asked is none.
        $this->add($task, new ToolAnswered($this->id(), 'Ilse', 'now', 'nobody', 'failed', 'x'));
        self::assertNull($task->state()->run->log->trouble);
    }

    public function testAReleaseIsUsedUpByARunThatFails(): void
    {
        $task = (new DemoTask())->prepared()->release();
        self::assertTrue($task->state()->mayRun());
        $this->answered($task, ToolCommand::Voltage, null, 'failed');
        self::assertTrue($task->state()->mayRun());
        $this->answered($task, ToolCommand::Start, 'routine', 'failed');
        self::assertFalse($task->state()->mayRun());
    }

    public function testAPlatesLevelIsTurnedRoundWhereverItIsRun(): void
    {
        foreach ([true, false] as $looks) {
            $card = ['target' => ['kind' => 'plate']];
            if (! $looks) {
                $card['steps'] = [2 => ['does' => null]];
            }
            $task = (new DemoTask(card: $card))->prepared()->read(self::GOOD);
            $done = [];
            while (($next = $task->state()->run->routine->next()) !== null && $next->command() !== ToolCommand::Start) {
                $done[] = $next->id;
                $command = $next->command();
                $command === null ? $this->add($task, new StepDone($this->id(), 'Ilse', 'now', $next->id)) : $this->answered($task, $command, $next->id);
            }
            self::assertSame(['target', 'plate-again'], array_slice($done, -2));
            self::assertSame('routine', $task->state()->run->routine->next()?->id);
            // Turning a screw leaves the plate as it is; moving the stand does not.
            $this->add($task, new Corrected($this->id(), 'Ilse', 'now', 'screws', ['upper-right' => -1.0]));
            self::assertSame('routine', $task->state()->run->routine->next()?->id);
            self::assertSame($looks ? 'empty-zone' : 'plate-again', $task->move(MoveKind::Shift)->state()->run->routine->next()?->id);
        }
        self::assertNull((new DemoTask())->state()->run->routine->step('plate-again'));
    }

    private function placed(): DemoTask
    {
        return (new DemoTask())->prepared()->read(self::GOOD);
    }

    private function through(DemoTask $task): DemoTask
    {
        foreach (array_slice($task->state()->run->routine->steps, 0, 6) as $step) {
            $command = $step->command();
            if ($command === null) {
                $this->add($task, new StepDone($this->id(), 'Ilse', 'now', $step->id));
            } else {
                $this->answered($task, $command, $step->id);
            }
        }

        return $task;
    }

    private function answered(DemoTask $task, ToolCommand $command, ?string $step, string $outcome = 'done'): void
    {
        $asked = new ToolAsked($this->id(), 'Ilse', 'now', $command, $step);
        $this->add($task, $asked);
        $this->add($task, new ToolAnswered($this->id(), 'Ilse', 'now', $asked->id, $outcome, $outcome, $outcome === 'failed' ? ['reason' => 'no-target', 'level' => 12.0] : []));
    }

    private function add(DemoTask $task, Line $entry): void
    {
        $task->entries[] = $entry;
    }

    private function id(): string
    {
        return 'r' . ++$this->count;
    }
}
