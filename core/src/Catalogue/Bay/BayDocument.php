<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Reads the JSON form of a bay (schemas, "bay"): mm in the bay's own frame, which is a car's that stands in it as usual. */
final class BayDocument
{
    private const CORNERS = 200;

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): Bay
    {
        $f = $node->fields(['name', 'outline', 'sFloor'], ['obstacles', 'levelZone', 'survey']);

        return new Bay(
            $f['name']->line(60),
            self::polygon($f['outline']),
            $f['sFloor']->between(1e-6, 500),
            array_map(static function (Node $node): Obstacle {
                $o = $node->fields(['name', 'corners']);

                return new Obstacle($o['name']->line(60), self::polygon($o['corners']));
            }, isset($f['obstacles']) ? $f['obstacles']->fewItems(self::CORNERS) : []),
            isset($f['levelZone']) ? self::polygon($f['levelZone']) : null,
            isset($f['survey']) ? self::survey($f['survey']) : null,
        );
    }

    /** @return array<string, mixed> */
    public static function write(Bay $bay): array
    {
        $survey = $bay->survey;

        return [
            'name' => $bay->name,
            'outline' => $bay->outline,
            'sFloor' => $bay->sFloor,
            ...($bay->obstacles === [] ? [] : ['obstacles' => array_map(static fn(Obstacle $obstacle): array => ['name' => $obstacle->name, 'corners' => $obstacle->corners], $bay->obstacles)]),
            ...($bay->levelZone === null ? [] : ['levelZone' => $bay->levelZone]),
            ...($survey === null ? [] : ['survey' => ['date' => $survey->date, 'by' => $survey->by, 's' => $survey->s, 'laserTilt' => $survey->laserTilt, 'points' => $survey->points]]),
        ];
    }

    /** @return array{float, float} */
    public static function corner(Node $node): array
    {
        [$x, $y] = $node->items(2);

        return [$x->between(-200_000, 200_000), $y->between(-200_000, 200_000)];
    }

    /** @return list<array{float, float}> */
    private static function polygon(Node $node): array
    {
        $corners = array_map(self::corner(...), $node->fewItems(self::CORNERS));
        if (count($corners) < 3) {
            throw InvalidInput::because($node->path(), 'bay.corners');
        }

        return $corners;
    }

    private static function survey(Node $node): FloorSurvey
    {
        $f = $node->fields(['date', 'by', 's', 'laserTilt', 'points']);
        $points = array_map(static function (Node $point): array {
            $p = $point->fields(['x', 'y', 'reading']);

            return ['x' => $p['x']->between(-200_000, 200_000), 'y' => $p['y']->between(-200_000, 200_000), 'reading' => $p['reading']->between(0, 10_000)];
        }, $f['points']->fewItems(self::CORNERS));
        if (count($points) < 4) {
            throw InvalidInput::because($f['points']->path(), 'bay.survey-points');
        }

        return new FloorSurvey($f['date']->day(), $f['by']->line(80), $f['s']->between(1e-6, 100), $f['laserTilt']->between(0, 20), $points);
    }
}
