<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Work;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Standing;
use Lumbro\Core\Tests\Support\Told;
use Lumbro\Core\Work\Stage;
use Lumbro\Core\Work\TaskState;
use PHPUnit\Framework\TestCase;

/** The thread through one task, as its record grows. */
final class TaskStateTest extends TestCase
{
    /** What a stand on its spot reads. */
    private const GOOD = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'hub-left' => 2861.0];

    public function testOneThingIsToBeDoneAfterAnother(): void
    {
        $task = new DemoTask();
        self::assertSame(['prepare', Stage::Prepare], [$task->state()->present()->kind, $task->state()->stage()]);
        $task->prepared();
        self::assertSame('spot-offset', $task->state()->present()->call);
        $task->read(['spot-offset' => -14.0, 'spot-along' => 1849.0, 'split' => 3.0, 'height' => 642.0]);
        // What belongs to the car is read before the stand is moved: it stays as it is.
        self::assertSame(['guard', 'sensor-offset'], [$task->state()->present()->kind, $task->state()->present()->call]);
        $task->settled();
        self::assertSame('move', $task->state()->present()->kind);
        self::assertSame([[MoveKind::Shift], Stage::Place], [$task->state()->moves, $task->state()->stage()]);
    }

    public function testWhatIsMeasuredIsJudgedWhileTheRestIsNot(): void
    {
        $state = (new DemoTask())->read(['spot-offset' => -14.0])->state();
        self::assertSame(Verdict::Out, $state->setUp->decision('across')?->verdict);
        self::assertEqualsWithDelta(-14.0, $state->setUp->deviation('across')?->value(), 1e-3);
        self::assertNull($state->setUp->decision('along'));
        self::assertNull($state->setUp->decision('yaw'));
        self::assertNull($state->setUp->decision('height'));
        self::assertNull($state->setUp->azimuthError());
    }

    public function testAfterAMoveExactlyTheSpoiledReadingsAreDue(): void
    {
        $task = (new DemoTask())->read(self::GOOD);
        $plan = $task->state()->plan;
        // A tape that slants up to the target feels its height too.
        self::assertSame(['height', 'hub-left', 'hub-right'], array_values(array_intersect($plan->spoiledBy([MoveKind::Height]), array_keys($plan->calls()))));
        // The target turns with the stand on an arm along the line: its distance along it stays.
        $asked = static fn(MoveKind $kind): array => array_values(array_intersect($plan->spoiledBy([$kind]), array_keys($plan->calls())));
        self::assertSame(['spot-offset', 'split'], $asked(MoveKind::Turn));
        self::assertContains('spot-offset-2', $plan->spoiledBy([MoveKind::Turn]));
        self::assertNotContains('sensor-offset', $plan->spoiledBy([MoveKind::Shift]));
        self::assertSame(['spot-offset', 'spot-along', 'split', 'hub-left', 'hub-right'], $asked(MoveKind::Shift));

        $turned = $task->move(MoveKind::Turn)->state();
        self::assertSame(['spot-offset', 'split', 'hub-right'], $turned->due);
        self::assertSame('moved', $turned->record->fate($turned->record->readings[0]));
        self::assertSame('counts', $turned->record->fate($turned->record->readings[1]));
    }

    public function testTheReadingsToExpectAfterTheMovesArePredicted(): void
    {
        $task = (new DemoTask())->prepared()->read(['spot-offset' => -14.0, 'spot-along' => 1849.0, 'split' => 12.0, 'height' => 650.0, 'hub-left' => 2877.0]);
        $moves = $task->state()->moves;
        self::assertSame([MoveKind::Shift, MoveKind::Height], $moves);
        $after = $task->move(...$moves)->state();
        // The readings place the marks, too: the line through them is the car's own axis but for a part of a millimetre.
        self::assertEqualsWithDelta(0.0, $after->expected['spot-offset'], 0.5);
        self::assertEqualsWithDelta(1840.0, $after->expected['spot-along'], 0.5);
        self::assertEqualsWithDelta(642.0, $after->expected['height'], 0.1);
        // The stand was not turned: its laser goes on missing the mark by what its turn makes.
        self::assertEqualsWithDelta(26.0, $after->expected['split'], 1.0);
    }

    public function testEachMoveSaysWhatIsReadRightAfterIt(): void
    {
        // 14 mm to the right and turned by 2.2 degrees, which throws the stand's laser 61 mm further.
        $state = (new DemoTask())->prepared()->read(['spot-offset' => -14.0, 'spot-along' => 1849.0, 'split' => 61.0, 'height' => 642.0, 'hub-left' => 2875.0])->state();
        $moves = json_decode((string) json_encode(TaskStateDocument::write(new Standing($state))['moves']), true);
        self::assertIsArray($moves);
        self::assertSame(['turn', 'shift'], array_column($moves, 'kind'));
        $then = array_column($moves, 'then');
        $expected = array_column($then, 'expected', 'call');
        // Square but not yet shifted, the laser strikes as far aside as the stand stands.
        self::assertEqualsWithDelta(-17.3, $expected['split'], 0.5);
        self::assertEqualsWithDelta(0.0, $expected['spot-offset'], 0.5);
    }

    public function testAMisreadTapeIsAskedForAgainAndTheCorrectionStrikesIt(): void
    {
        $task = (new DemoTask())->prepared()->read(['spot-offset' => 0.0, 'spot-along' => 1894.0]);
        $misread = $task->last();
        $task->read(['split' => 0.0, 'height' => 642.0, 'hub-left' => 2869.0]);
        self::assertSame([], $task->state()->moves);
        $task->read(['hub-right' => 2869.0]);
        self::assertSame(['remeasure', 'spot-along'], [$task->state()->present()->kind, $task->state()->present()->call]);
        self::assertSame(Verdict::Unproven, $task->state()->setUp->decision('across')?->verdict);
        // It is told what the other readings say of it, not where the card wants the target.
        self::assertEqualsWithDelta(1849.0, $task->state()->expected['spot-along'], 2.0);

        $task->correct('spot-along', 1849.0, $misread);
        $state = $task->state();
        self::assertTrue($state->setUp->isConsistent());
        self::assertSame('struck', $state->record->fate($state->record->readings[1]));
        self::assertCount(6, $state->setUp->readings + ['spot-along' => null]);
    }

    public function testUndoingACorrectionBringsBackWhatItStruck(): void
    {
        $task = (new DemoTask())->read(['spot-along' => 1894.0]);
        $first = $task->last();
        $task->correct('spot-along', 1849.0, $first);
        $second = $task->last();
        self::assertSame(1849.0, $task->state()->setUp->readings['spot-along']->value);
        $task->strike($second);
        self::assertSame(1894.0, $task->state()->setUp->readings['spot-along']->value);
        $task->strike($first);
        self::assertArrayNotHasKey('spot-along', $task->state()->setUp->readings);
    }

    public function testTheInterlockHoldsUntilEverythingDoes(): void
    {
        $codes = static fn(TaskState $state): array => array_values(array_unique(array_map(static fn(Bar $bar): string => $bar->code, $state->bars)));
        $task = new DemoTask();
        self::assertSame(['preparation', 'line', 'placement'], $codes($task->state()));
        self::assertSame(['placement'], $codes($task->prepared()->state()));
        $unchecked = self::GOOD;
        unset($unchecked['hub-left']);
        // One reading of each says nothing of a slip, and not well enough where the car is.
        self::assertSame(['placement', 'unguarded'], $codes($task->read($unchecked)->state()));
        self::assertFalse($task->state()->mayRun());
        $task->read(['hub-left' => 2861.0])->settled();
        self::assertSame([], $task->state()->bars);
        self::assertSame(['step', 'ignition-on'], [$task->state()->present()->kind, $task->state()->present()->call]);
        self::assertSame(['placement'], $codes($task->move(MoveKind::Height)->state()));
    }

    public function testAnUnmetPreconditionBarsAndHearsayDoesNot(): void
    {
        $unmet = (new DemoTask())->prepared(AnswerKind::No)->settled()->state();
        self::assertSame(['run', Stage::Run], [$unmet->present()->kind, $unmet->stage()]);
        self::assertSame('Not met: Tyre pressures as on the placard', Told::words($unmet->bars[0]->says));
        self::assertFalse((new DemoTask())->prepared(AnswerKind::No)->settled()->state()->mayRun());
        $told = (new DemoTask())->prepared(AnswerKind::OnWord)->settled()->state();
        self::assertTrue($told->mayRun());
        $document = TaskStateDocument::write(new Standing($told));
        self::assertIsArray($document['notProven']);
        self::assertStringContainsString('on the word of Bram', implode(' ', Told::all($document['notProven'])));
    }

    public function testAReleaseGoesOnToTheRunsEnd(): void
    {
        $task = (new DemoTask())->prepared()->release();
        self::assertTrue($task->state()->mayRun());
        $task->run(0.1);
        self::assertTrue($task->state()->mayRun(), 'The reading is to be repeated, in the same set-up and by the same release.');
        $moved = new DemoTask();
        $moved->entries = $task->entries;
        self::assertFalse($moved->move(MoveKind::Shift)->state()->mayRun(), 'Another set-up is another run.');
        self::assertSame('Oda', $task->state()->lastRun()?->release?->name);
        self::assertSame(Verdict::Unproven, $task->state()->lastRun()->verdict());
        self::assertSame('placement-unknown', $task->state()->lastRun()->azimuth->decision?->reason);
    }

    public function testAReleasedRunByAnUncheckedCardProvesNothing(): void
    {
        $task = (new DemoTask())->prepared()->settled()->run(0.05);
        self::assertTrue($task->state()->isSettled());
        $card = (array) DemoTask::node('cards/quillon-sable-front.json')->raw();
        unset($card['checkedBy']);
        $context = $task->context();
        $unchecked = new TaskContext(Document::read(ProcedureCard::class, Node::parse((string) json_encode($card))), $context->sheet, $context->kit, $context->bay, $context->operations);
        $state = new TaskState($unchecked, $task->release()->run(0.05)->entries);
        self::assertSame([Verdict::Unproven, 'card-unchecked', false], [$state->lastRun()?->verdict(), $state->lastRun()?->azimuth->decision?->reason, $state->isSettled()]);
        self::assertContains('That the procedure card’s values are right: no second person has checked it.', Told::notProven($state));
    }

    public function testARunIsJudgedInTheSetUpItWasMadeIn(): void
    {
        $task = (new DemoTask())->prepared()->read([...self::GOOD, 'spot-offset' => 14.0, 'split' => 14.0, 'hub-left' => 2857.0])->release()->run(-0.42);
        $azimuth = $task->state()->lastRun()?->azimuth;
        self::assertNotNull($azimuth);
        // 14 mm at 1.9 m is 0.42 degrees: the axis is true although it reads 0.42.
        self::assertEqualsWithDelta(0.0, $azimuth->misalignment, 0.02);
        self::assertSame($azimuth->misalignment, $task->move(MoveKind::Shift)->state()->lastRun()?->azimuth->misalignment);
        // A reading corrected later in the same place corrects the verdict; one after the move does not.
        self::assertSame($azimuth->misalignment, $task->read(['spot-offset' => 0.0])->state()->lastRun()?->azimuth->misalignment);
    }

    public function testARunKeepsWhatItReliedOn(): void
    {
        $task = (new DemoTask())->prepared()->read(['spot-offset' => 1.0, 'spot-along' => 1841.0]);
        $reliance = $task->state()->reliance();
        self::assertSame(['along', 'across'], array_keys($reliance->verdicts));
        self::assertSame('unproven', $reliance->verdicts['across']['verdict']);
        self::assertEqualsWithDelta(1.0, $reliance->verdicts['across']['deviation'], 1e-3);
        self::assertSame(['along', 'across', 'yaw', 'height'], array_keys($task->settled()->state()->reliance()->verdicts));
    }

    public function testTheAxisAndTheEchoAreJudged(): void
    {
        $task = (new DemoTask())->prepared()->settled();
        self::assertSame(Verdict::Holds, $task->run(0.05, -0.1)->state()->lastRun()?->verdict());
        self::assertSame(['close', true], [$task->state()->present()->kind, $task->state()->isSettled()]);
        self::assertSame(Verdict::Out, $task->run(0.9)->state()->lastRun()?->verdict());
        self::assertSame(['repeat', false], [$task->state()->present()->kind, $task->state()->isSettled()]);
        self::assertTrue((new DemoTask(['rear-cover-removed']))->state()->isSettled());
        self::assertSame('low', $task->run(0.0, 0.0, 12.0)->state()->lastRun()?->echo);
        self::assertSame('high', $task->run(0.0, 0.0, 36.0)->state()->lastRun()?->echo);
    }

    public function testReadingsThatFitNothingAreSaidNotThrown(): void
    {
        $state = (new DemoTask())->read(['spot-offset' => 0.0, 'spot-along' => 99999.0, 'split' => 99999.0, 'height' => 9.0, 'hub-left' => 1.0, 'hub-right' => 99999.0])->state();
        self::assertFalse($state->mayRun());
        self::assertTrue($state->setUp->failure !== null || $state->setUp->isConsistent() === false);
        self::assertNotEmpty(TaskStateDocument::write(new Standing($state))['bars']);
    }
}
