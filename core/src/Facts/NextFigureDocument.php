<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\SetUp\FigureGain;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\NextFigure;
use Lumbro\Core\SetUp\TaskContext;

/** The figures of a car that buy most proof when they are measured. */
final class NextFigureDocument
{
    /** So many are told. */
    private const MOST = 3;

    /**
     * @param list<array{TaskContext, MeasuringPlan}> $tasks those that can be worked on
     *
     * @return array<string, mixed>
     */
    public static function write(array $tasks): array
    {
        $best = [];
        foreach ($tasks as [$context, $plan]) {
            foreach (NextFigure::of($context, $plan) as $gain) {
                $known = $best[$gain->figure][0] ?? null;
                if ($known === null || $gain->buys() > $known->buys()) {
                    $best[$gain->figure] = [$gain, $context->sensor->name];
                }
            }
        }
        usort($best, static fn(array $a, array $b): int => $b[0]->buys() <=> $a[0]->buys());

        return ['next' => array_map(static fn(array $one): array => self::line(...$one), array_slice($best, 0, self::MOST)), 'more' => max(0, count($best) - self::MOST)];
    }

    /** @return array<string, mixed> degrees, standard uncertainties */
    private static function line(FigureGain $gain, string $sensor): array
    {
        return ['figure' => $gain->figure, 'sensor' => $sensor, 'axis' => $gain->axis, 'now' => $gain->now, 'then' => $gain->then];
    }
}
