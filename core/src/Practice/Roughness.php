<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

/**
 * What goes wrong in a bay, and how far: more than the survey's model knows of, on purpose. Each size is what it comes to
 * in an ordinary shop; a size of 0 takes the error away, 2 doubles it.
 */
final readonly class Roughness
{
    public const ERRORS = [
        // An emblem is glued on by hand and a bob swings: 1.8 mm, where the sheets say 1.5.
        'marks',
        // The front axle is set back on one side and the subframe sits aside, mm: what a knock that bent nothing leaves.
        'hubs',
        // The rear axle does not run along the car, degrees: alignment sheets let pass 0.1 to 0.15.
        'thrust',
        // A clamp on a rim runs out, degrees and mm.
        'clamps',
        // The tape is wrong at its end and in its length, as its kit says it may be, and a mirror sits askew on its bar.
        'tape',
        // The rule is wrong at its end: a fifth of a mm, and one shop in a hundred has one that is cut.
        'rule',
        // A reading is slipped: one in a hundred, by 8 to 40 mm.
        'slips',
        // Hands are worse than their stated uncertainty now and then: errors with four degrees of freedom.
        'tails',
        // The floor falls and is no plane, mm and degrees.
        'floor',
        // The stand leans though its bubble is centred, degrees.
        'lean',
        // The target's phase centre lies off its drawing, mm.
        'phase',
        // The body is pitched on its springs by load and tyres, mm at each end.
        'pitch',
        // The sensor sits off its drawing, mm.
        'sensor',
        // Something echoes in the target's range cell with a phase of its own.
        'echo',
        // Screws have play and turn the other axis a little too.
        'screws',
        // A reading is typed as it ought to be and was never taken: one in a hundred and fifty.
        'invented',
    ];

    /** @param array<string, float> $sizes error → how often its ordinary size; 1 where it is not named */
    public function __construct(private array $sizes = [], private float $others = 1.0) {}

    /** One error alone at so often its size, the others away. */
    public static function only(string $error, float $size): self
    {
        return new self([$error => $size], 0.0);
    }

    /** How often its ordinary size an error has here. */
    public function of(string $error): float
    {
        in_array($error, self::ERRORS, true) || throw new \LogicException("Nothing goes wrong by \"$error\".");

        return $this->sizes[$error] ?? $this->others;
    }
}
