<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Facts;

use Lumbro\Core\Facts\PlanDrawing;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Standing;
use Lumbro\Core\Tests\Support\Told;
use Lumbro\Core\Work\StageBoard;
use PHPUnit\Framework\TestCase;

/** What the workspace is told: figures without signs where people read them, words beside them. */
final class TaskStateDocumentTest extends TestCase
{
    private const GOOD = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'hub-left' => 2861.0];

    public function testTheStagesSayHowFarTheyHaveCome(): void
    {
        $notes = static fn(DemoTask $task): array => array_map(Told::words(...), array_column(StageBoard::of($task->state()), 'note', 'id'));
        $states = static fn(DemoTask $task): array => array_column(StageBoard::of($task->state()), 'state', 'id');
        $task = new DemoTask();
        self::assertSame(['owed, static', '0 of 6', 'surveyed, ±1.2 mm', '0 of 3', '0 of 6', 'barred'], array_slice(array_values($notes($task)), 0, 6));
        $task->prepared(AnswerKind::OnWord);
        self::assertSame(['full', '6 on word'], [$states($task)['prepare'], $notes($task)['prepare']]);
        $task->settled();
        self::assertSame(['full', 'holds', 'may start'], [$states($task)['place'], $notes($task)['place'], $notes($task)['run']]);
        $task->run(0.9);
        self::assertSame(['half', 'axis out', '1 reading'], [$states($task)['prove'], $notes($task)['prove'], $notes($task)['run']]);
        self::assertSame('2 readings', $notes($task->run(0.0))['run']);
        // One at 0.9° and one at nought do not repeat.
        self::assertSame('unproven', $notes($task)['prove']);
        self::assertSame('axis holds', $notes((new DemoTask())->prepared()->settled()->run(0.0))['prove']);
        self::assertSame('half', $states((new DemoTask())->prepared(AnswerKind::No))['prepare']);
    }

    public function testAFigureComesWithWhatItRestsOnInWords(): void
    {
        /** @var array{verdicts: list<array{id: string, verdict: string, unit: string, contributions: list<array{says: Message}>}>, ifRunNow: array{bestCheck: array{says: Message}}} $document */
        $document = TaskStateDocument::write(new Standing((new DemoTask())->read(self::GOOD)->state()));
        $across = $document['verdicts'][1];
        self::assertSame(['across', 'unproven', 'mm'], [$across['id'], $across['verdict'], $across['unit']]);
        self::assertSame('the front mark off the middle', Told::words($across['contributions'][0]['says']));
        self::assertSame('Check tape, right', Told::words($document['ifRunNow']['bestCheck']['says']));
    }

    public function testHeightsAreConvertedByTheTargetsDrawing(): void
    {
        $centre = (new DemoTask())->read(['height' => 642.0])->state()->setUp->height;
        $drawing = (new DemoTask())->context()->card->target;
        self::assertSame(642.0, $drawing->convert(642.0 + 112, 'top', 'centre'));
        self::assertSame(642.0, $drawing->convert(642.0 - 146, 'edge', 'centre'));
        self::assertSame(0.0, $centre?->deviation);
    }

    public function testTheDrawingIsOfTheSamePlaceAsTheFigures(): void
    {
        $state = (new DemoTask())->read([...self::GOOD, 'spot-offset' => -14.0, 'hub-left' => 2865.0])->state();
        $plan = PlanDrawing::of($state->context, $state->setUp);
        self::assertIsArray($plan['stand']);
        self::assertIsArray($plan['spot']);
        self::assertTrue($plan['stand']['measured']);
        [$target, $spot] = [$plan['stand']['target'], $plan['spot']['at']];
        self::assertIsArray($target);
        self::assertIsArray($spot);
        self::assertIsFloat($target[1]);
        self::assertIsFloat($spot[1]);
        self::assertEqualsWithDelta($state->setUp->deviation('across')?->value(), $target[1] - $spot[1], 0.01);
        self::assertIsArray($plan['stand']['ellipse']);
        self::assertGreaterThan($plan['stand']['ellipse']['minor'], $plan['stand']['ellipse']['major']);
        self::assertIsArray($plan['tapes']);
        self::assertSame(['spot-offset', 'spot-along', 'split', 'hub-left', 'hub-right'], array_column($plan['tapes'], 'call'));

        $empty = (new DemoTask())->state();
        $blank = PlanDrawing::of($empty->context, $empty->setUp);
        self::assertIsArray($blank['stand']);
        self::assertFalse($blank['stand']['measured']);
        self::assertNull($blank['stand']['ellipse']);
    }

    public function testWhatIsNotProvenIsSaid(): void
    {
        $said = static fn(DemoTask $task): string => implode("\n", Told::all((array) TaskStateDocument::write(new Standing($task->state()))['notProven']));
        $task = (new DemoTask(order: static fn(TaskContext $context): TaskOrder => new TaskOrder($context->owed, $context->preparation, [], [])))->prepared(AnswerKind::NotChecked);
        self::assertStringContainsString('The axis was not read.', $said($task));
        self::assertStringContainsString('“Wheels straight ahead”: not checked.', $said($task));
        $task->release()->run(0.1);
        self::assertStringContainsString('Oda released the run although it was barred', $said($task));
        self::assertStringContainsString('it was taken once', $said($task));
        self::assertStringContainsString('The floor: it was not surveyed, and ±2.0 mm was allowed for it.', $said($task));
        self::assertStringContainsString('“Wheels straight ahead”: it was not so.', $said((new DemoTask())->prepared(AnswerKind::No)));
    }
}
