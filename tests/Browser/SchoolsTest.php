<?php

declare(strict_types=1);

namespace Tests\Browser;

use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\HiddenBay;

/** Each school leads to a placement that holds, and that truly does, in one round of moves or two. */
final class SchoolsTest extends SetUpCase
{
    /** @return iterable<string, array{string, float}> the school, and the tolerance off the line that it can prove, mm */
    public static function schools(): iterable
    {
        yield 'squares and diagonals' => ['squares', 18.0];
        if (Draws::areLong()) {
            yield 'plumb and line' => ['plumb-and-line', 4.0];
            yield 'split from the stand' => ['split-from-stand', 5.0];
            yield 'hub marks' => ['hub-marks', 14.0];
            yield 'reported pose' => ['reported-pose', 6.0];
        }
    }

    #[DataProvider('schools')]
    public function testItLeadsToAPlacementThatHolds(string $school, float $tolerance): void
    {
        $this->tolerance('quillon-sable-front', 'across', $tolerance);
        $this->order("S-$school", 'front-cover-removed');
        $bay = (new HiddenBay(self::SABLE))->stand(5635 + 26, -21, 181.3, 661);
        $this->begin("S-$school", 'front', $school);
        self::assertGreaterThan(0, $this->follow($bay));
        $this->assertHolds('along', 'across', 'yaw', 'height');

        // Against the truth: the target stands off the car's own line by less than the card allows.
        [$x, $y] = $bay->target();
        self::assertLessThan(15, abs($x - 5635));
        self::assertLessThan($tolerance, abs($y));
        self::assertLessThan(1.0, abs($bay->yaw - 180));
        self::assertLessThan(5, abs($bay->height - 642));
    }

    public function testWheelLasersLeadToTheThrustLine(): void
    {
        $this->reference('quillon-sable-front', 'thrust-line');
        $this->tolerance('quillon-sable-front', 'across', 8.0);
        $this->order('S-lasers', 'front-cover-removed');
        $bay = (new HiddenBay(self::SABLE))->stand(5635 - 22, 24, 178.8, 620);
        // A rear axle that steers the car 0.12° to its left: 12 mm at the spot.
        $bay->leftWheel = 0.17;
        $bay->rightWheel = 0.07;
        $this->begin('S-lasers', 'front', 'wheel-lasers');
        self::assertGreaterThan(0, $this->follow($bay));
        $this->assertHolds('along', 'across', 'yaw', 'height');
        [, $y] = $bay->target();
        self::assertEqualsWithDelta(5635 * tan(deg2rad(0.12)), $y, 6);
        self::assertEqualsWithDelta(180.12, $bay->yaw, 0.25);

        $this->stage('Place');
        $this->browser->press('How sure this is');
        $said = $this->browser->waitForText('[data-testid=reference-body-centreline]', 'of the thrust line');
        self::assertMatchesRegularExpression('/0\.\d\d° to the car’s right of the thrust line/', $said);
    }

    public function testTwoSchoolsCheckEachOtherAndABlunderIsFoundAndPutRight(): void
    {
        $this->reference('quillon-sable-front', 'body-axis');
        $this->tolerance('quillon-sable-front', 'across', 4.0);
        $this->order('S-blunder', 'front-cover-removed');
        $bay = (new HiddenBay(self::SABLE))->stand(5635 + 3, 1, 180.1, 642);
        $this->begin('S-blunder', 'front', 'plumb-and-line', 'hub-marks');
        for ($step = 0; $step < 20 && $this->browser->has('#typed') && ! $this->browser->has('[data-testid=contradiction]'); $step++) {
            $call = (string) $this->browser->find('#typed')->getAttribute('data-reading');
            // The tape's hook was not on the mark.
            $this->take($call === 'bar-right' ? sprintf('%d mm', (int) $bay->read($call) + 31) : $bay->read($call));
            $this->settle();
        }
        $said = $this->browser->waitForText('[data-testid=contradiction]', 'measure it again');
        self::assertMatchesRegularExpression('/“Right hub to the bar’s right end” disagrees with the other \d by (2[6-9]|3[0-6]) mm/u', $said);
        self::assertStringContainsString('readings disagree', $this->browser->text('section[aria-label=Tally]'));
        $this->assertAccessible('a blunder');
        $this->browser->press('How sure this is');
        $this->browser->waitForText('[data-testid=cross-check]', 'times its uncertainty');
        $this->browser->press('Back to the readings');
        self::assertSame('bar-right', $this->browser->find('#typed')->getAttribute('data-reading'));
        $this->follow($bay);
        $this->assertHolds('along', 'across', 'yaw', 'height');
        $this->stage('Place');
        self::assertStringContainsString('struck', $this->browser->text('[data-testid=ledger]'));
    }
}
