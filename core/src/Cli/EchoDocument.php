<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Echo\EchoLevel;
use Lumbro\Core\Echo\Plate;
use Lumbro\Core\Echo\RadarTarget;
use Lumbro\Core\Echo\Sphere;
use Lumbro\Core\Echo\Trihedral;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of an expected echo (formats, "echo"). */
final class EchoDocument
{
    /** Hz: wavelengths from a third of a millimetre to a third of a metre. */
    private const FREQUENCIES = [1e9, 1e12];

    /** mm: from a bead to a building, from touching to ten kilometres. */
    private const SIZES = [1e-3, 1e5];
    private const RANGES = [1.0, 1e7];

    /** Degrees: beyond it a target shows its side. */
    private const TURNED = [-90.0, 90.0];

    /** Which options a kind of target has. */
    private const OPTIONS = ['trihedral' => ['offAxis'], 'square-trihedral' => ['offAxis'], 'plate' => ['offYaw', 'offPitch'], 'sphere' => []];

    /** @return array<string, float> */
    public static function echo(Node $node): array
    {
        $options = array_merge(...array_values(self::OPTIONS));
        $f = $node->fields(['frequency', 'target'], ['range', 'constant', 'bumperLoss', ...array_unique($options)]);
        $level = EchoLevel::of(self::target($f), $f['frequency']->between(...self::FREQUENCIES));
        $written = [
            'wavelength' => $level->wavelength,
            'crossSection' => $level->crossSection(),
            'crossSectionDbsm' => $level->crossSectionDbsm(),
        ];
        if (! isset($f['range'])) {
            return $written;
        }
        $range = $f['range']->between(...self::RANGES);
        $written['effectiveDbsm'] = $level->effectiveDbsm($range);
        if (isset($f['constant'])) {
            $loss = isset($f['bumperLoss']) ? $f['bumperLoss']->notNegative() : 0.0;
            $written['expectedLevel'] = $level->expected($range, $f['constant']->number(), $loss);
        }

        return $written;
    }

    /** @param array<array-key, Node> $f of the document */
    private static function target(array $f): RadarTarget
    {
        $node = $f['target'];
        $kind = ($node->member('kind') ?? throw InvalidInput::missing($node->path(), 'kind'))->oneOf(array_keys(self::OPTIONS));
        foreach (['offAxis', 'offYaw', 'offPitch'] as $option) {
            if (isset($f[$option]) && ! in_array($option, self::OPTIONS[$kind], true)) {
                throw InvalidInput::because($f[$option]->path(), 'echo.option', ['kind' => $kind]);
            }
        }
        $size = static fn(string ...$names): array => array_map(
            static fn(Node $n): float => $n->between(...self::SIZES),
            array_diff_key($node->fields(['kind', ...array_values($names)]), ['kind' => true]),
        );
        $off = static fn(string $name): float => isset($f[$name]) ? $f[$name]->between(...self::TURNED) : 0.0;
        switch ($kind) {
            case 'trihedral':
                return Trihedral::ofTriangles($size('edge')['edge'], $off('offAxis'));
            case 'square-trihedral':
                return Trihedral::ofSquares($size('edge')['edge'], $off('offAxis'));
            case 'plate':
                ['width' => $width, 'height' => $height] = $size('width', 'height');

                return new Plate($width, $height, $off('offYaw'), $off('offPitch'));
            default:
                return new Sphere($size('radius')['radius']);
        }
    }
}
