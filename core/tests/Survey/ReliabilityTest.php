<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Lumbro\Core\Cli\NetworkDocument;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Reliability;
use PHPUnit\Framework\TestCase;

/** What could be wrong and not show (maths, section 2.1). */
final class ReliabilityTest extends TestCase
{
    /** A spot read off a line once, or more often, or by a tape beside it. */
    private const READINGS = [
        ['id' => 'off', 'type' => 'offset', 'point' => 'spot', 'line' => ['B', 'A'], 'value' => 0, 's' => 1.2],
        ['id' => 'along', 'type' => 'along', 'point' => 'spot', 'line' => ['B', 'A'], 'origin' => 'A', 'value' => 1800, 's' => 1.5],
        ['id' => 'off-again', 'type' => 'offset', 'point' => 'spot', 'line' => ['B', 'A'], 'value' => 0, 's' => 1.2],
        ['id' => 'tape-left', 'type' => 'distance', 'from' => 'L', 'to' => 'spot', 'value' => 2594.224354, 's' => 2],
        ['id' => 'tape-right', 'type' => 'distance', 'from' => 'R', 'to' => 'spot', 'value' => 2594.224354, 's' => 2],
    ];

    /**
     * @param list<string>         $ids of the readings taken
     * @param array<string, float> $off reading → what is wrong with it, mm
     * @param array<string, float> $most
     */
    private static function network(array $ids, array $off = [], array $most = []): Network
    {
        $readings = [];
        foreach (self::READINGS as $reading) {
            if (in_array($reading['id'], $ids, true)) {
                $readings[] = [...$reading, 'value' => $reading['value'] + ($off[$reading['id']] ?? 0.0), ...(isset($most[$reading['id']]) ? ['most' => $most[$reading['id']]] : [])];
            }
        }
        $point = static fn(float $x, float $y, float $s): array => ['x' => $x, 'y' => $y, 'sx' => $s, 'sy' => $s];

        return NetworkDocument::read(Node::parse((string) json_encode([
            'points' => ['A' => $point(3800, 0, 1.0), 'B' => $point(-700, 0, 1.0), 'L' => $point(3100, 750, 1.0), 'R' => $point(3100, -750, 1.0), 'spot' => ['x' => 5600, 'y' => 0]],
            'observations' => $readings,
        ])))[0];
    }

    private static function across(Network $network): Dual
    {
        return LeastSquares::solve($network)->geometry->point('spot')[1];
    }

    public function testWhatIsReadOnceCouldBeWrongByAnything(): void
    {
        $network = self::network(['off', 'along']);
        $hidden = (new Reliability(LeastSquares::solve($network)))->hidden(self::across($network));
        self::assertNull($hidden->largest);
        self::assertContains('off', $hidden->unbounded);
    }

    public function testABoundOnWhatIsReadOnceBoundsTheHarm(): void
    {
        $most = ['off' => 20.0];
        $network = self::network(['off', 'along'], most: $most);
        $hidden = (new Reliability(LeastSquares::solve($network)))->hidden(self::across($network));
        self::assertNotContains('off', $hidden->unbounded);
    }

    public function testASlipOfTheSizeThatHidesShiftsTheFigureByAsMuchAsIsSaid(): void
    {
        $ids = ['off', 'along', 'off-again', 'tape-left', 'tape-right'];
        $network = self::network($ids);
        $solution = LeastSquares::solve($network);
        $figure = self::across($network);
        $reliability = new Reliability($solution);
        // Marks and hubs have no second reading here; what is asked is what the readings can hide.
        foreach ($solution->checked() as $one) {
            if (! in_array($one->id, $ids, true)) {
                continue;
            }
            $slip = 4.132147965 * $one->s / sqrt($one->redundancy);
            $shift = abs(self::across(self::network($ids, [$one->id => $slip]))->value - $figure->value);
            $told = abs($one->times($solution->carried($figure->gradient))) / $one->s ** 2 * $slip;
            self::assertEqualsWithDelta($told, $shift, 0.01 * $told + 0.02, $one->id);
            $hidden = $reliability->hidden($figure);
            if ($hidden->largest !== null) {
                self::assertLessThanOrEqual($hidden->largest * (1 + 1e-6), $told);
            }
        }
    }

    public function testACandidateHidesAsMuchAsOnceItIsRead(): void
    {
        $without = self::network(['off', 'along', 'off-again', 'tape-left']);
        $with = self::network(['off', 'along', 'off-again', 'tape-left', 'tape-right']);
        $candidate = $with->observations[4];
        $told = (new Reliability(LeastSquares::solve($without)))->hiddenWith(self::across($without), $candidate, null);
        $then = (new Reliability(LeastSquares::solve($with)))->hidden(self::across($with));
        self::assertSame($then->unbounded, $told->unbounded);
        self::assertEqualsWithDelta($then->largest ?? -1.0, $told->largest ?? -1.0, 1e-4);
        $best = (new Reliability(LeastSquares::solve($without)))->bestGuard(self::across($without), [$candidate], []);
        self::assertSame(['tape-right', count($then->unbounded)], [$best['id'] ?? null, $best['unbounded'] ?? null]);
    }
}
