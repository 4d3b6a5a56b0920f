<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Floor\FloorPlane;
use Lumbro\Core\Floor\Grade;
use Lumbro\Core\Floor\Patch;
use Lumbro\Core\Measure\Node;

/** The JSON form of a floor survey (formats, "floor"). */
final class FloorDocument
{
    private const WHEELS = ['FL', 'FR', 'RL', 'RR'];

    /** @return array<string, mixed> */
    public static function floor(Node $node): array
    {
        $f = $node->fields(['patches', 's'], ['laserTilt', 'facings', 'sites']);
        $patches = [];
        foreach ($f['patches']->fields([], self::WHEELS) as $name => $patch) {
            $p = $patch->fields(['x', 'y', 'reading']);
            $patches[] = self::patch($name, $p);
        }
        if (count($patches) < 3) {
            throw InvalidInput::because($f['patches']->path(), 'floor.patches');
        }
        $plane = FloorPlane::through($patches, $f['s']->positive(), isset($f['laserTilt']) ? $f['laserTilt']->notNegative() : 0.0);
        $pitch = $plane->pitch();
        $roll = $plane->roll();
        $written = [
            'pitch' => $pitch->value,
            'roll' => $roll->value,
            'pitchUncertainty' => $pitch->uncertainty,
            'rollUncertainty' => $roll->uncertainty,
            'warp' => $plane->warp,
            'warped' => $plane->warped,
        ];
        if (isset($f['facings'])) {
            $facings = array_map(static fn(Node $facing): Grade => $plane->grade($facing->number()), $f['facings']->members());
            $written['facings'] = (object) array_map(
                static fn(Grade $grade): array => ['grade' => $grade->value, 'uncertainty' => $grade->uncertainty],
                $facings,
            );
        }

        return [...$written, 'sites' => (object) self::sites($plane, $f['sites'] ?? null)];
    }

    /** @return array<array-key, array<string, float>> */
    private static function sites(FloorPlane $plane, ?Node $node): array
    {
        $written = [];
        foreach ($node === null ? [] : $node->members() as $name => $site) {
            $s = $site->fields(['x', 'y', 'reading', 'height']);
            $height = $plane->site(self::patch((string) $name, $s), $s['height']->number());
            $written[$name] = [
                'floorBelowPlane' => $height->floorBelowPlane,
                'requiredHeight' => $height->requiredHeight,
                'uncertainty' => $height->uncertainty,
            ];
        }

        return $written;
    }

    /** @param array<array-key, Node> $fields */
    private static function patch(string $name, array $fields): Patch
    {
        return new Patch($name, $fields['x']->number(), $fields['y']->number(), $fields['reading']->number());
    }
}
