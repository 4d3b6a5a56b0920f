<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\Screws\Correction;
use Lumbro\Core\Screws\Gains;
use Lumbro\Core\Screws\Round;
use Lumbro\Core\Screws\Screw;
use Lumbro\Core\Screws\ScrewPair;

/** The JSON form of a correction by two screws (formats, "screws"). */
final class ScrewsDocument
{
    private const READING_S = 0.05;
    private const STEP = 0.25;

    /** @return array<string, mixed> */
    public static function screws(Node $node): array
    {
        $f = $node->fields(['misalignment', 'limits', 'screws'], ['step', 'history', 's', 'backlash']);
        $screws = self::pair($f['screws']);
        $s = isset($f['s']) ? $f['s']->positive() : self::READING_S;
        $gains = isset($f['history'])
            ? Gains::learned($screws, array_map(fn(Node $round): Round => self::round($round, $screws), $f['history']->items()), $s, isset($f['backlash']) ? $f['backlash']->notNegative() : 0.0)
            : Gains::unknown();
        $limits = $f['limits']->fields(['azimuth', 'elevation']);
        $correction = Correction::of(
            $screws,
            self::axes($f['misalignment']),
            new AxisPair($limits['azimuth']->positive(), $limits['elevation']->positive()),
            $gains,
            isset($f['step']) ? $f['step']->positive() : self::STEP,
        );
        $over = [];
        foreach ($screws->both() as $i => $screw) {
            if ($screw->wouldPassTravel($correction->turns[$i])) {
                $over[] = $screw->id;
            }
        }
        $written = [
            'exactTurns' => self::byId($screws, $correction->exact),
            'turns' => self::byId($screws, $correction->turns),
            'residual' => ['azimuth' => $correction->residual->azimuth, 'elevation' => $correction->residual->elevation],
            'overTravel' => $over,
        ];

        return isset($f['history']) ? [
            ...$written,
            'gains' => self::byId($screws, $gains->values),
            'suspectScrews' => array_map(static fn(int $i): string => $screws->both()[$i]->id, $gains->suspects()),
        ] : $written;
    }

    private static function pair(Node $node): ScrewPair
    {
        $screws = [];
        foreach ($node->items(2) as $item) {
            $screws[] = Screw::read($item);
        }
        if ($screws[0]->id === $screws[1]->id) {
            throw InvalidInput::because($node->path() . '/1/id', 'screws.second', ['name' => $screws[1]->id]);
        }

        return new ScrewPair($screws[0], $screws[1]);
    }

    private static function round(Node $node, ScrewPair $screws): Round
    {
        $f = $node->fields(['turns', 'before', 'after']);
        // A screw left out was not turned.
        $turns = $f['turns']->fields([], [$screws->first->id, $screws->second->id]);
        $of = static fn(Screw $screw): float => isset($turns[$screw->id]) ? $turns[$screw->id]->number() : 0.0;

        return new Round([$of($screws->first), $of($screws->second)], self::axes($f['before']), self::axes($f['after']));
    }

    private static function axes(Node $node): AxisPair
    {
        $f = $node->fields(['azimuth', 'elevation']);

        return new AxisPair($f['azimuth']->number(), $f['elevation']->number());
    }

    /** @param array{float, float} $values */
    private static function byId(ScrewPair $screws, array $values): \stdClass
    {
        return (object) [$screws->first->id => $values[0], $screws->second->id => $values[1]];
    }
}
