<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\WheelLasers;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\Handling;
use Lumbro\Core\Method\LineSteps;
use Lumbro\Core\Method\Names;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Method\School;
use Lumbro\Core\Method\Trace;
use Lumbro\Core\Method\WheelGround;
use Lumbro\Core\Survey\Observation\Beam;
use Lumbro\Core\Survey\Observation\HeadingDifference;
use Lumbro\Core\Survey\Observation\MirrorReturn;
use Lumbro\Core\Survey\Observation\Observation;

/** Lasers on the rear wheels, read on the bar's scales and mirrored back (need J14). */
final readonly class WheelLasers implements School
{
    /** A wheel-alignment sheet's toe, rad. */
    private const S_TOE = 0.03 * M_PI / 180;

    /** So much of the bar must reach past each laser, mm. */
    private const SPARE = 40.0;

    public function id(): string
    {
        return 'wheel-lasers';
    }

    public function name(): string
    {
        return 'Wheel lasers and mirrors';
    }

    public function hindrance(Ground $ground): ?string
    {
        $needed = WheelGround::halfSpacing($ground->car->sheet) + self::SPARE;

        return match (true) {
            ! $ground->isAhead || $ground->isPolar() => 'The wheels\' beams run forward: only a bar ahead of the car is lit by them.',
            $ground->kit->halfWidth < $needed => sprintf('The stand\'s bar reaches %.0f mm to each side; the lasers need %.0f mm.', $ground->kit->halfWidth, $needed),
            default => null,
        };
    }

    public function materials(): array
    {
        return ['two lasers clamped to the rear wheels', 'bar with scales and mirrors', 'tape'];
    }

    public function failures(): array
    {
        return [
            'A clamp that runs out tilts its beam.',
            'The mirror doubles the angle: half the return is the error.',
            'It finds the thrust line, which need not be the car\'s middle.',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            new PreparationItem('line-clamps', 'Lasers clamped to both rear wheels, each wheel turned to take the run-out off', true, 'A clamp that runs out tilts its beam.'),
            LineSteps::hubs(true),
        ];
    }

    public function calls(Ground $ground): array
    {
        $rule = $ground->kit->rule->id;
        $s = Handling::beam($ground->kit);
        $calls = [];
        foreach (['left', 'right'] as $side) {
            [$laser, $wheel] = $side === 'left' ? ['laserRL', 'wheelRL'] : ['laserRR', 'wheelRR'];
            $calls[] = new Call(
                "scale-$side",
                "Scale, $side",
                "From the bar's middle to the spot of the $side beam on its scale",
                $rule,
                Reads::Length,
                $s,
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Beam("scale-$side", $laser, $wheel, $names->stand, $value, $s),
                Trace::beam($laser, $side === 'left' ? 'barLeft' : 'barRight'),
                sense: ($side === 'left') === $ground->stand->facesForward() ? 1 : -1,
            );
        }
        foreach (['left', 'right'] as $side) {
            [$laser, $wheel] = $side === 'left' ? ['laserRL', 'wheelRL'] : ['laserRR', 'wheelRR'];
            $calls[] = new Call(
                "return-$side",
                "Return, $side",
                "At the $side wheel: how far beside its laser the mirrored spot comes back",
                $rule,
                Reads::Sided,
                $s,
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new MirrorReturn("return-$side", $laser, $wheel, $names->stand, 'mirror', $value, $s),
                Trace::mirrored($side === 'left' ? 'barLeft' : 'barRight', $laser),
            );
        }
        $calls[] = Common::barTape($ground, 0);
        $calls[] = Common::barTape($ground, 1);
        $calls[] = new Call(
            'toe',
            'Rear toe, left less right',
            'From the wheel-alignment sheet: how far the left rear wheel points left of the right one',
            'sheet',
            Reads::Turn,
            self::S_TOE,
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new HeadingDifference('toe', 'wheelRL', 'wheelRR', $value, $s),
            check: true,
        );
        // Where the car's own mark lies off that line: the sensor sits on the body, not on the thrust line.
        $calls[] = Common::strike($ground, 'split', 'Front mark off the beam line', 'Stand laser square to the bar, back to the car: how far beside the front mark it strikes', $ground->nearMark, true);

        return $calls;
    }
}
