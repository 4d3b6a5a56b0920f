<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Numeric;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Numeric\SymmetricMatrix;
use PHPUnit\Framework\TestCase;

final class SymmetricMatrixTest extends TestCase
{
    use TestTrait;

    public function testSolvesAndInvertsWhatItIsGiven(): void
    {
        $this->limitTo(50)->forAll(Generators::vector(12, Generators::choose(-50, 50)))->then(function (array $numbers): void {
            $cells = $this->gram(array_values(array_filter($numbers, is_int(...))), 3);
            $matrix = new SymmetricMatrix(3, $cells);
            if (! $matrix->factorise() || ! $matrix->isWellConditioned()) {
                self::assertNotSame([], $matrix->unfixed(['a', 'b', 'c']));

                return;
            }
            $inverse = $matrix->inverse();
            $solved = $matrix->solve([1.0, 2.0, 3.0]);
            for ($i = 0; $i < 3; $i++) {
                $back = 0.0;
                for ($j = 0; $j < 3; $j++) {
                    $back += $cells[3 * $i + $j] * $solved[$j];
                    $unit = 0.0;
                    for ($k = 0; $k < 3; $k++) {
                        $unit += $cells[3 * $i + $k] * $inverse[3 * $k + $j];
                    }
                    self::assertEqualsWithDelta($i === $j ? 1.0 : 0.0, $unit, 1e-6);
                }
                self::assertEqualsWithDelta($i + 1, $back, 1e-6);
            }
        });
    }

    public function testMillimetresAndRadiansAreScaledBeforeTheyAreCompared(): void
    {
        // Two unknowns ten million times apart in size, and yet quite independent.
        $matrix = new SymmetricMatrix(2, [1e14, 1.0, 1.0, 1.0]);
        self::assertTrue($matrix->factorise());
        self::assertTrue($matrix->isWellConditioned());
    }

    public function testAnUnknownWithoutAnyEquationIsNamedAlone(): void
    {
        $matrix = new SymmetricMatrix(3, [2.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 3.0]);
        self::assertFalse($matrix->factorise() && $matrix->isWellConditioned());
        self::assertSame(['b'], $matrix->unfixed(['a', 'b', 'c']));
    }

    public function testTwoUnknownsThatOnlyTheirSumFixesAreBothNamed(): void
    {
        $matrix = new SymmetricMatrix(2, [4.0, 4.0, 4.0, 4.0]);
        self::assertFalse($matrix->factorise() && $matrix->isWellConditioned());
        self::assertSame(['a', 'b'], $matrix->unfixed(['a', 'b']));
    }

    public function testTheConditionIsThatOfTheScaledMatrix(): void
    {
        // Two unknowns whose correlation misses 1 by so much: eigenvalues 1 ± ρ, scaled.
        foreach ([[1e-10, true], [1e-11, true], [4e-12, true], [1e-12, false], [1e-13, false]] as [$short, $fixed]) {
            $rho = 1 - $short;
            $matrix = new SymmetricMatrix(2, [9e6, 0.0, 3e3 * $rho, 1.0]);
            self::assertSame($fixed, $matrix->factorise() && $matrix->isWellConditioned(), "1 − $short");
            if (! $fixed) {
                self::assertSame(['a', 'b'], $matrix->unfixed(['a', 'b']));
            }
        }
    }

    /**
     * AᵀA of a matrix with so many columns.
     *
     * @param list<int> $a row after row
     *
     * @return list<float>
     */
    private function gram(array $a, int $columns): array
    {
        $cells = [];
        for ($i = 0; $i < $columns; $i++) {
            for ($j = 0; $j < $columns; $j++) {
                $sum = 0.0;
                for ($row = 0; $row < intdiv(count($a), $columns); $row++) {
                    $sum += $a[$row * $columns + $i] * $a[$row * $columns + $j];
                }
                $cells[] = $sum;
            }
        }

        return $cells;
    }
}
