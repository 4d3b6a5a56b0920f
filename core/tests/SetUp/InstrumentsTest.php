<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\SetUp;

use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\SetUp\Taught;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** A reading counts with the errors of what it was taken with. */
final class InstrumentsTest extends TestCase
{
    private const READ = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'check-left' => 2217.0, 'check-right' => 2217.0];

    public function testOneOfAKindIsOfferedWithTheUsualOneFirst(): void
    {
        $plan = (new DemoTask())->prepared()->state()->plan;
        $choices = static fn(string $call): array => array_map(static fn(MeasuringInstrument $one): string => $one->id, $plan->choices($plan->calls()[$call] ?? self::fail($call)));
        self::assertSame(['tape-1', 'tape-2'], $choices('spot-along'));
        self::assertSame(['rule-1', 'rule-2'], $choices('spot-offset'));
        // There is one staff.
        self::assertSame([], $choices('height'));
    }

    public function testAWorseTapeMakesItsOwnReadingLessSure(): void
    {
        $usual = $this->read([]);
        $other = $this->read(['spot-along' => 'tape-2']);
        self::assertGreaterThan(1.05 * $this->along($usual), $this->along($other));
        // Unless it is named, and where the usual one is, nothing changes.
        self::assertSame($this->along($usual), $this->along($this->read(['spot-along' => 'tape-1'])));
        self::assertSame($this->along($usual), $this->along($this->read(['spot-along' => 'a tape that was sold'])));
    }

    public function testItsEndIsAnUnknownOfItsOwnAndNamed(): void
    {
        $state = $this->read(['check-left' => 'tape-2']);
        $names = array_column($state->setUp->placement->solution->residuals ?? [], 'id');
        self::assertContains('#by-tape-2.zero', $names);
        self::assertNotContains('#by-tape-2.zero', array_column($this->read([])->setUp->placement->solution->residuals ?? [], 'id'));
        self::assertStringContainsString('"unknown.instrument.zero"', (string) json_encode($state->plan->said('#by-tape-2.zero')));
        // What it teaches is its own.
        $taught = Taught::of($state->context, $state->setUp);
        self::assertSame(['tape-2' => 1], array_count_values(array_column(array_filter($taught->readings, static fn(array $one): bool => $one['instrument'] === 'tape-2'), 'instrument')));
    }

    public function testALongRuleNamedForAShortOnesReadingSharesItsOwnEnd(): void
    {
        $names = array_column($this->read(['spot-offset' => 'rule-2'])->setUp->placement->solution->residuals ?? [], 'id');
        self::assertContains('#longRule.zero', $names);
        self::assertNotContains('#by-rule-2.zero', $names);
    }

    private function along(TaskState $state): float
    {
        return $state->setUp->deviation('along')->uncertainty ?? self::fail('It is not placed.');
    }

    /** @param array<string, string> $with call → instrument */
    private function read(array $with): TaskState
    {
        $task = (new DemoTask())->prepared()->read(self::READ);
        foreach ($task->entries as $i => $entry) {
            if ($entry instanceof ReadingTaken && isset($with[$entry->call])) {
                $task->entries[$i] = new ReadingTaken($entry->id, $entry->person, $entry->at, $entry->call, $entry->typed, $entry->millimetres, $entry->unit, $entry->datum, instrument: $with[$entry->call]);
            }
        }

        return $task->state();
    }
}
