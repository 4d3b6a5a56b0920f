<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\WheelLasers;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\CallDetails;
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

    public function hindrance(Ground $ground): ?Message
    {
        $needed = WheelGround::halfSpacing($ground->car->sheet) + self::SPARE;

        return match (true) {
            ! $ground->isAhead || $ground->isPolar() => Message::of('hindrance.beams-forward'),
            $ground->kit->halfWidth < $needed => Message::of('hindrance.short-bar', ['reaches' => Quantity::mm($ground->kit->halfWidth), 'needed' => Quantity::mm($needed)]),
            default => null,
        };
    }

    public function materials(): array
    {
        return ['wheel-lasers', 'scaled-bar', 'tape'];
    }

    public function failures(): array
    {
        return [
            'run-out',
            'doubled-angle',
            'thrust-line',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            LineSteps::own('line-clamps'),
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
                $rule,
                Reads::Length,
                $s,
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Beam("scale-$side", $laser, $wheel, $names->stand, $value, $s),
                Trace::beam($laser, $side === 'left' ? 'barLeft' : 'barRight'),
                new CallDetails(sense: ($side === 'left') === $ground->stand->facesForward() ? 1 : -1),
            );
        }
        foreach (['left', 'right'] as $side) {
            [$laser, $wheel] = $side === 'left' ? ['laserRL', 'wheelRL'] : ['laserRR', 'wheelRR'];
            $calls[] = new Call(
                "return-$side",
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
            'sheet',
            Reads::Turn,
            self::S_TOE,
            static fn(Names $names, ?float $value, float $s, float $rise): Observation => new HeadingDifference('toe', 'wheelRL', 'wheelRR', $value, $s),
            details: new CallDetails(check: true),
        );
        // Where the car's own mark lies off that line: the sensor sits on the body, not on the thrust line.
        $calls[] = Common::strike($ground, 'split', $ground->nearMark, ['end' => 'front', 'by' => 'wheels'], true);

        return $calls;
    }
}
