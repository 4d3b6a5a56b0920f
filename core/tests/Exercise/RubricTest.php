<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Exercise;

use Lumbro\Core\Exercise\Answer;
use Lumbro\Core\Exercise\BestPlay;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\Learner;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\Outcome;
use Lumbro\Core\Exercise\Part;
use Lumbro\Core\Exercise\Player;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Rubric;
use Lumbro\Core\Exercise\Score;
use Lumbro\Core\Exercise\Showing;
use Lumbro\Core\Exercise\Wanted;
use Lumbro\Core\Exercise\Worth;
use Lumbro\Core\Facts\BenchDocument;
use Lumbro\Core\Facts\ReplayDocument;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Tests\Support\DrawnCars;
use PHPUnit\Framework\TestCase;

/** What an exercise is scored by, and what the reckoning says of it. */
final class RubricTest extends TestCase
{
    /** The blind-spot car: the quickest to measure. */
    private const QUICK = 6;

    public function testWhoCallsProvenWhatIsOutsideLosesTheWholeResult(): void
    {
        $car = self::car(self::QUICK, [new Wanted(FaultKind::Axis, 1.4)]);
        $player = self::player($car);
        $score = self::score($player, $car, new Answer(Outcome::Holds, null, [FaultKind::Axis]));
        self::assertSame(0, $score->result());
        self::assertSame('rubric.ending.wrongly-held', self::part($score->result, 'ending')->why->code);
    }

    public function testWhatIsInsideButNotProvenIsLuckAndCountsLess(): void
    {
        $car = self::car(self::QUICK, []);
        $unread = self::score(self::player($car), $car, new Answer(Outcome::Holds));
        self::assertSame(10.0, self::part($unread->result, 'ending')->points);
        $once = self::player($car, Learner::Once)->work();
        self::assertSame('rubric.ending.held-lucky', self::part(self::score($once, $car, new Answer(Outcome::Holds))->result, 'ending')->why->code);
        $well = self::player($car)->work();
        self::assertSame(100, self::score($well, $car, new Answer(Outcome::Holds))->result());
    }

    public function testAGoodCarSentBackAndTheWrongCauseAreToldApart(): void
    {
        $good = self::car(self::QUICK, []);
        self::assertSame(0.0, self::part(self::score(self::player($good), $good, new Answer(Outcome::SentBack, Cause::Bracket))->result, 'ending')->points);
        $painted = self::car(self::QUICK, [new Wanted(FaultKind::Cover)]);
        $ending = static fn(Cause $cause): float => self::part(self::score(self::player($painted), $painted, new Answer(Outcome::SentBack, $cause))->result, 'ending')->points;
        self::assertSame([60.0, 30.0], [$ending(Cause::Cover), $ending(Cause::Sensor)]);
    }

    public function testWrongNamesTakeAwayAndAdviceIsCounted(): void
    {
        $car = self::car(self::QUICK, [new Wanted(FaultKind::Door)]);
        $named = static fn(FaultKind ...$kinds): float => self::part(self::score(self::player($car), $car, new Answer(Outcome::Open, null, array_values($kinds)))->result, 'named')->points;
        self::assertSame([25.0, 18.75, 0.0], [$named(FaultKind::Door), $named(FaultKind::Door, FaultKind::Code), $named()]);
        $score = Rubric::score(self::player($car)->hands, $car->truth, new Answer(Outcome::Open), 10, 9);
        self::assertSame(-15.0, self::part($score->method, 'asked')->points);
        self::assertGreaterThanOrEqual(0, $score->method());
    }

    public function testTheMostThatIsStatedIsTheMostThatIsGiven(): void
    {
        $car = self::car(self::QUICK, []);
        $score = Rubric::score(self::player($car)->until(['guard'])->hands, $car->truth, new Answer(Outcome::Open), 4);
        self::assertSame(Rubric::MOST, ['method' => self::most($score->method), 'result' => self::most($score->result)]);
        self::assertSame([100, 100], array_map(array_sum(...), array_values(Rubric::MOST)));
    }

    public function testAWordIsBelievedUntilSomebodyLooks(): void
    {
        $car = self::car(0, [new Wanted(FaultKind::Word, null, 'supply')]);
        $eyes = static fn(Player $player): float => self::part(self::score($player, $car, new Answer(Outcome::Open))->method, 'own-eyes')->points;
        $player = self::player($car);
        self::assertSame(0.0, $eyes($player));
        self::assertTrue($player->truth()->isAtWork(Cause::Supply));
        $player->hands->do(Answered::class, item: 'supply', answer: AnswerKind::Yes);
        self::assertSame(10.0, $eyes($player));
        self::assertFalse($player->truth()->isAtWork(Cause::Supply), 'What is looked at is put right.');
    }

    public function testWhatWouldHaveShownARuleThatIsShortIsNamed(): void
    {
        $car = self::car(self::QUICK, [new Wanted(FaultKind::Rule, 18.0)]);
        // The line, the spot and the sensor, each read once, by the rule that is short and never checked.
        $player = self::player($car)->until(['remeasure', 'decide', 'guard', 'move', 'check']);
        [$fault] = Faults::of($car->truth, $player->state()->context->cardSensor);
        $shows = Showing::of($player->hands, $car->truth, $fault);
        self::assertNotEmpty($shows);
        foreach ($shows as $one) {
            self::assertGreaterThanOrEqual(3.0, $one->times);
            self::assertArrayNotHasKey($one->call, $player->state()->setUp->readings, 'What was read is no news.');
        }
        $sound = self::car(self::QUICK, []);
        self::assertSame([], Showing::of(self::player($sound)->until(['guard'])->hands, $sound->truth, $fault), 'A sound car has nothing to show.');
    }

    public function testAReadingThatNothingNeedsWasTakenForNothing(): void
    {
        $car = self::car(self::QUICK, []);
        $player = self::player($car)->work();
        $worth = array_count_values(Worth::of($player->hands));
        self::assertGreaterThan(3, $worth['carries'] ?? 0);
        foreach (['hub-offset-FR', 'hub-offset-RR', 'hub-offset-FR-2', 'hub-offset-RR-2'] as $call) {
            $player->hands->read($player->state()->plan->call($call) ?? self::fail("No reading $call."));
        }
        self::assertGreaterThan($worth['nothing'] ?? 0, array_count_values(Worth::of($player->hands))['nothing'] ?? 0);
    }

    public function testTheBestPlanEndsRightAndIsToldStepByStep(): void
    {
        $car = self::car(self::QUICK, [new Wanted(FaultKind::Rule, 16.0)]);
        $context = self::player($car)->state()->context;
        $replay = ReplayDocument::write($context, $car->truth, []);
        self::assertGreaterThanOrEqual(95, $replay['method']);
        self::assertGreaterThanOrEqual(95, $replay['result']);
        self::assertGreaterThan(1, $replay['tried']);
        ['frames' => $frames, 'method' => $method, 'result' => $result] = $replay;
        self::assertIsArray($frames);
        self::assertIsInt($method);
        self::assertIsInt($result);
        self::assertContains(true, array_map(static fn(mixed $frame): bool => is_array($frame) && $frame['shows'] !== [], $frames), 'Somewhere it shows.');
        $follower = self::player($car)->work();
        $score = static fn(Score $of): int => $of->method() + $of->result();
        self::assertGreaterThanOrEqual($score(self::score($follower, $car, BestPlay::answer($follower))), $method + $result);
    }

    public function testTheBenchSaysNoVerdictAndNoSuspicion(): void
    {
        $car = self::car(self::QUICK, [new Wanted(FaultKind::Rule, 18.0)]);
        $player = self::player($car)->until(['remeasure', 'decide']);
        self::assertFalse($player->state()->setUp->isConsistent());
        $told = strtolower((string) json_encode(BenchDocument::write($player->hands)));
        foreach (['verdict', 'suspect', 'consistent', 'disagree', 'probability', 'advice', '"present"', '"bars"', 'expected', 'due"'] as $word) {
            self::assertStringNotContainsString($word, str_replace('"due":false', '', str_replace('"due":true', '', $told)), $word);
        }
    }

    public function testTheBenchNamesTheSensorThatIsWorkedAtAndNotTheOneTheCardWasWrittenFor(): void
    {
        $left = DrawnCars::models()[5];
        $right = new Model($left->vehicle, $left->name, 'rear-right', $left->bay, $left->card);
        foreach (['Left rear radar' => $left, 'Right rear radar' => $right] as $name => $model) {
            $document = BenchDocument::write(DrawnCars::at(CarDraw::of($model, 27, 1, []), Learner::Follows)->hands);
            self::assertIsArray($document['card']);
            self::assertSame($name, $document['card']['sensor']);
        }
    }

    /** @param list<Wanted> $faults */
    private static function car(int $model, array $faults): PracticeCar
    {
        return CarDraw::of(DrawnCars::models()[$model], 27, 1, $faults);
    }

    private static function player(PracticeCar $car, Learner $learner = Learner::Follows): Player
    {
        return DrawnCars::at($car, $learner);
    }

    private static function score(Player $player, PracticeCar $car, Answer $answer): Score
    {
        return Rubric::score($player->hands, $car->truth, $answer, 20);
    }

    /** @param list<Part> $parts */
    private static function part(array $parts, string $id): Part
    {
        foreach ($parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }
        self::fail("No part $id.");
    }

    /**
     * @param list<Part> $parts
     *
     * @return array<string, int> part → the most it gives
     */
    private static function most(array $parts): array
    {
        $most = [];
        foreach ($parts as $part) {
            $most[$part->id] = (int) $part->most;
        }

        return $most;
    }
}
