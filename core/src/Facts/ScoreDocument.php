<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Exercise\Part;
use Lumbro\Core\Exercise\Score;

/** The score of an exercise, part by part, as a JSON document. */
final class ScoreDocument
{
    /** @return array<string, mixed> (openapi.yaml, "ExerciseScore") */
    public static function write(Score $score): array
    {
        return ['method' => $score->method(), 'result' => $score->result(), 'methodParts' => self::parts($score->method), 'resultParts' => self::parts($score->result)];
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<array<string, mixed>>
     */
    private static function parts(array $parts): array
    {
        return array_map(static fn(Part $part): array => ['id' => $part->id, 'title' => $part->title(), 'points' => round($part->points, 1), 'most' => $part->most, 'why' => $part->why], $parts);
    }
}
