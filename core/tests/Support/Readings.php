<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\EquationSystem;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\OneReading;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;

/** Observations that read what a plan says. */
final class Readings
{
    /** The same observation with another reading, mm or rad. */
    public static function with(Observation $observation, float $value): Observation
    {
        $class = new \ReflectionClass($observation);
        $arguments = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            $holder = $class->hasProperty($name) ? $class : new \ReflectionClass(OneReading::class);
            $arguments[$name] = $name === 'value' ? $value : $holder->getProperty($name)->getValue($observation);
        }

        return $class->newInstance(...$arguments);
    }

    /** A network whose stated places and readings are those of a plan, without any error. */
    public static function exact(Network $network, Geometry $at): Network
    {
        $readings = (new EquationSystem($network->observations, $at->layout))->readings($at);

        return new Network(
            array_map(static fn(SurveyPoint $p): SurveyPoint => new SurveyPoint($p->name, $at->x[$p->name], $at->y[$p->name], $p->sx, $p->sy), $network->points),
            array_map(static fn(Body $b): Body => new Body($b->name, $at->x[$b->name], $at->y[$b->name], $at->yaw[$b->name], $b->points, $b->sx, $b->sy, $b->syaw), $network->bodies),
            array_map(static fn(Heading $h): Heading => new Heading($h->name, $at->headingOf($h->name), $h->s), $network->headings),
            array_map(static fn(Instrument $i): Instrument => self::instrument($i, $at), $network->instruments),
            array_map(static fn(Observation $o, ?float $reading): Observation => self::with($o, (float) $reading), $network->observations, $readings),
        );
    }

    private static function instrument(Instrument $instrument, Geometry $at): Instrument
    {
        $known = static fn(?Prior $prior, ?int $place): ?Prior => $prior === null || $place === null ? null : new Prior($at->state[$place], $prior->s);

        return new Instrument(
            $instrument->name,
            $known($instrument->scale, $at->layout->scale[$instrument->name] ?? null),
            $known($instrument->zero, $at->layout->zero[$instrument->name] ?? null),
        );
    }
}
