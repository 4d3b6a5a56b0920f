<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Run;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Axis\ShiftResult;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Run\Clues;
use Lumbro\Core\Run\Diagnosis;
use Lumbro\Core\Run\EchoTrend;
use Lumbro\Core\Run\ShiftPlan;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** Causes by evidence, shifts, trends, and turns in words. */
final class PlansTest extends TestCase
{
    use TestTrait;

    public function testPriorsAndChancesAddUpToOneWhateverIsKnown(): void
    {
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn(Cause $cause): float => $cause->prior(), Cause::cases())), 1e-9);
        $maybe = static fn(array $values): mixed => Generators::elements([null, ...$values]);
        $this->limitTo(200)->forAll($maybe(['no-target', 'several-targets', 'supply', 'conditions', 'unheard of']), $maybe([-40.0, -8.0, 0.0, 9.0]), $maybe([10.0, 12.9]), $maybe(Verdict::cases()), $maybe(ShiftResult::cases()), Generators::subset(array_column(Cause::cases(), 'value')))->then(
            static function (?string $reason, ?float $excess, ?float $voltage, ?Verdict $setUp, ?ShiftResult $shift, array $clear): void {
                $diagnosis = Diagnosis::of(new Clues($reason, $excess, $voltage, $setUp, shift: $shift, checked: array_fill_keys(array_map(strval(...), array_filter($clear, is_string(...))), false)));
                self::assertEqualsWithDelta(1.0, array_sum(array_column($diagnosis->ranked, 'chance')), 1e-9);
                self::assertCount(count(Cause::cases()), $diagnosis->ranked);
                $next = $diagnosis->next();
                self::assertSame(count($clear) === count(Cause::cases()), $next === null);
                self::assertNotContains($next?->value, $clear);
                self::assertNull($diagnosis->faultToSendBack());
            },
        );
    }

    public function testEachKindOfEvidencePointsWhereItShould(): void
    {
        $first = static fn(Clues $evidence): string => Diagnosis::of($evidence)->ranked[0]['cause']->value;
        self::assertSame('supply', $first(new Clues(reason: 'supply', voltage: 11.4)));
        self::assertSame('cover', $first(new Clues(reason: 'no-target', excess: -10.0, setUp: Verdict::Holds, film: false)));
        self::assertSame('clutter', $first(new Clues(reason: 'several-targets', emptyLevel: -4.0)));
        self::assertSame('placement', $first(new Clues(reason: 'no-target', setUp: Verdict::Out)));
        self::assertSame('bracket', $first(new Clues(gain: false)));
        self::assertSame('connection', $first(new Clues(unheard: 2)));
        self::assertSame('code', $first(new Clues(reason: 'conditions', code: true)));
        self::assertSame('clutter', $first(new Clues(shift: ShiftResult::DoesNotRespond)));
        // What was looked for and not found gives way to the next.
        self::assertSame('wrong-target', Diagnosis::of(new Clues(excess: -10.0, setUp: Verdict::Holds, checked: ['cover' => false]))->next()?->value);
        self::assertSame(Cause::Cover, Diagnosis::of(new Clues(excess: -10.0, checked: ['cover' => true]))->faultToSendBack());
        self::assertNull(Diagnosis::of(new Clues(voltage: 11.0, checked: ['supply' => true]))->faultToSendBack());
    }

    public function testAShiftIsLargeEnoughToTellInWholeCentimetresAndOfTheRightSign(): void
    {
        $ahead = ShiftPlan::planned(1900.0, false, 0.04);
        self::assertSame(10.0, $ahead->across);
        self::assertEqualsWithDelta(rad2deg(atan(10 / 1900)), $ahead->bearingChange, 1e-12);
        self::assertGreaterThan(5 * 0.04, $ahead->bearingChange);
        self::assertEqualsWithDelta(-ShiftPlan::planned(2610.0, false, 0.06)->bearingChange, ShiftPlan::planned(2610.0, true, 0.06)->bearingChange, 1e-12);
        self::assertSame(20.0, ShiftPlan::planned(2610.0, true, 0.06)->across);
    }

    public function testTheEchoIsComparedWithTheCardElseWithEnoughEarlierCars(): void
    {
        self::assertSame(['low', 'card', -9.5], [($card = EchoTrend::of([15.0], 24.5, 6.0, []))->verdict, $card->from, $card->excess()]);
        $earlier = EchoTrend::of([15.0, 15.2], null, null, [24.0, 24.6, 25.1, 24.2]);
        self::assertSame(['low', 'earlier', 4], [$earlier->verdict, $earlier->from, $earlier->earlier]);
        self::assertEqualsWithDelta(24.475, $earlier->earlierMean, 1e-12);
        self::assertSame(['nothing-expected', 'nothing'], [($few = EchoTrend::of([15.0], null, null, [24.0, 24.6]))->verdict, $few->from]);
        self::assertNull($few->excess());
        self::assertSame('nothing-expected', EchoTrend::of([], 24.5, 6.0, [])->verdict);
        self::assertSame('high', EchoTrend::of([31.0], 24.5, null, [])->verdict);
    }

    public function testTurnsAreSaidAsAPersonSaysThem(): void
    {
        foreach ([
            '0' => 'not at all', '0.25' => 'a quarter of a turn clockwise', '-0.5' => 'half a turn anticlockwise', '0.75' => 'three quarters of a turn clockwise', '1' => 'one turn clockwise',
            '-1.25' => 'one and a quarter turns anticlockwise', '2.5' => 'two and a half turns clockwise', '-12' => '12 turns anticlockwise', '0.1' => '0.1 turns clockwise', '-0.05' => '0.05 turns anticlockwise',
        ] as $turns => $words) {
            self::assertSame($words, Told::words(['turns' => (float) $turns]));
        }
    }
}
