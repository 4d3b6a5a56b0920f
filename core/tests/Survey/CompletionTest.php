<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Lumbro\Core\Survey\Aimed;
use Lumbro\Core\Survey\Completion;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Again;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;
use Lumbro\Core\Survey\Reliability;
use Lumbro\Core\Survey\Solution;
use Lumbro\Core\Survey\SurveyPoint;
use PHPUnit\Framework\TestCase;

/** The cheapest further readings that bring a survey to its aims, held against every subset of them. */
final class CompletionTest extends TestCase
{
    private const BOUNDS = ['A.y' => 40.0, 'B.y' => 40.0, 'A.x' => 80.0, 'B.x' => 80.0, 'L.x' => 25.0, 'L.y' => 25.0, 'R.x' => 25.0, 'R.y' => 25.0];

    public function testNothingIsAskedForOfASurveyThatMeetsItsAims(): void
    {
        $solution = LeastSquares::solve($this->network(...$this->candidates()));
        self::assertSame([], (new Completion($solution, $this->candidates()))->cheapest([$this->aim($solution, 60.0)], [1.0, 1.0, 1.0, 1.0, 1.0]));
    }

    public function testWhatCannotBeReachedIsSaid(): void
    {
        $solution = LeastSquares::solve($this->network());
        self::assertNull((new Completion($solution, $this->candidates()))->cheapest([$this->aim($solution, 0.5)], [1.0, 1.0, 1.0, 1.0, 1.0]));
    }

    public function testWhatIsChosenMeetsTheAimsAndNothingOfItIsNeedless(): void
    {
        $all = LeastSquares::solve($this->network(...$this->candidates()));
        $least = (new Reliability($all))->hidden($this->aim($all, 1.0)->figure)->largest;
        self::assertNotNull($least);
        foreach ([1.02, 1.2, 1.5, 2.0] as $times) {
            $hidden = $times * $least;
            $solution = LeastSquares::solve($this->network());
            $costs = [0.6, 1.8, 1.8, 0.6, 1.2];
            $chosen = (new Completion($solution, $this->candidates()))->cheapest([$this->aim($solution, $hidden)], $costs);
            self::assertNotNull($chosen, "$hidden mm");
            self::assertTrue($this->meets($chosen, $hidden));
            foreach ($chosen as $one) {
                self::assertFalse($this->meets(array_values(array_diff($chosen, [$one])), $hidden), "Without $one it does as well.");
            }
            $cheapest = INF;
            for ($mask = 0; $mask < 32; $mask++) {
                $subset = array_values(array_filter(range(0, 4), static fn(int $i): bool => ($mask & 1 << $i) !== 0));
                if ($this->meets($subset, $hidden)) {
                    $cheapest = min($cheapest, self::cost($costs, $subset));
                }
            }
            // Leaving out, dearest first, is no full search: it may cost one cheap reading more.
            self::assertLessThanOrEqual($cheapest + 0.6 + 1e-9, self::cost($costs, $chosen));
        }
    }

    /**
     * @param list<float> $costs
     * @param list<int>   $subset
     */
    private static function cost(array $costs, array $subset): float
    {
        $sum = 0.0;
        foreach ($subset as $i) {
            $sum += $costs[$i];
        }

        return $sum;
    }

    /** @param list<int> $chosen */
    private function meets(array $chosen, float $hidden): bool
    {
        $candidates = $this->candidates();
        $solution = LeastSquares::solve($this->network(...array_map(static fn(int $i): Observation => $candidates[$i], $chosen)));

        return (new Reliability($solution))->hidden($this->aim($solution, $hidden)->figure)->isWithin($hidden);
    }

    private function aim(Solution $solution, float $hidden): Aimed
    {
        return new Aimed($solution->geometry->point('T')[1], null, $hidden);
    }

    /** A spot off a line through two marks, which is read once. */
    private function network(Observation ...$more): Network
    {
        return new Network(
            [
                new SurveyPoint('A', 3800, 0, 4, 1.5), new SurveyPoint('B', -850, 0, 4, 1.5), new SurveyPoint('L', 2900, 800, 2, 2), new SurveyPoint('R', 2900, -800, 2, 2),
                new SurveyPoint('T', 5640, 0),
            ],
            [],
            [],
            [],
            [$this->spot('spot'), new Distance('along', 'A', 'T', 1840.0, 1.3), ...array_values($more)],
            bounds: self::BOUNDS,
        );
    }

    private function spot(string $id): Offset
    {
        return new Offset($id, 'T', new Line('B', 'A'), 0.0, 1.3);
    }

    /** @return list<Observation> */
    private function candidates(): array
    {
        $line = new Line('B', 'A');

        return [
            new Again('spot-2', $this->spot('spot')),
            new Distance('hub-left', 'L', 'T', hypot(2740, 800), 1.3),
            new Distance('hub-right', 'R', 'T', hypot(2740, 800), 1.3),
            new Again('spot-3', $this->spot('spot')),
            new Offset('hub-offset', 'L', $line, 800.0, 1.3),
        ];
    }
}
