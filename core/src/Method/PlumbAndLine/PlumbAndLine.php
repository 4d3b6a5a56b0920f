<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\PlumbAndLine;

use Lumbro\Core\Message\Message;
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
use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;

/** Marks plumbed from the car, a laser line through both and beyond, the spot by tape along it (need J10). */
final readonly class PlumbAndLine implements School
{
    public function id(): string
    {
        return 'plumb-and-line';
    }

    public function hindrance(Ground $ground): ?Message
    {
        return null;
    }

    public function materials(): array
    {
        return ['plumb-bob', 'line-laser', 'tape', 'rule', 'stand-laser'];
    }

    public function failures(): array
    {
        return [
            'mark-off',
            'bob-touches',
            'short-base',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            LineSteps::mark($ground, 'front'),
            LineSteps::mark($ground, 'rear'),
            LineSteps::own('line-laser'),
        ];
    }

    public function calls(Ground $ground): array
    {
        $line = $ground->isAhead ? $ground->line() : $ground->lineBack();
        $kit = $ground->kit;
        $origin = $this->origin($ground);

        return [
            $ground->isInSpace() ? Common::offset($ground, 'spot-offset', 'target') : new Call(
                'spot-offset',
                $kit->rule->id,
                Reads::Sided,
                Handling::beam($kit),
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Offset('spot-offset', $names->target, $ground->line(), $value, $s),
                Trace::rule($ground->nearMark, 'target'),
            ),
            new Call(
                'spot-along',
                $kit->tape->id,
                Reads::Length,
                $ground->isInSpace() ? Handling::squared($kit, abs($ground->across('target'))) : Handling::tape($kit),
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Along(
                    'spot-along',
                    $names->target,
                    // A tape laid backwards along the line counts from its other end.
                    $line,
                    $origin,
                    $value,
                    $s,
                    'tape',
                ),
                Trace::along($origin, 'target'),
                new CallDetails(['origin' => $origin]),
            ),
            Common::square($ground),
            Common::hubTape($ground, 0),
            Common::hubTape($ground, 1),
        ];
    }

    /** Where the tape along the line begins: at the card's datum where it can be plumbed, otherwise at the near mark. */
    private function origin(Ground $ground): string
    {
        return in_array($ground->datum, ['frontBumper', 'rearBumper'], true) && ($ground->datum === 'frontBumper') === $ground->isAhead
            ? $ground->datum
            : $ground->nearMark;
    }
}
