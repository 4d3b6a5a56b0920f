<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** A radar sensor where the vehicle's sheet has it: mm and degrees in the vehicle frame. */
final readonly class CarSensor implements Checked
{
    public const KINDS = ['front', 'front-corner', 'rear', 'blind-spot'];

    public const SIDES = ['middle', 'left', 'right'];

    public const COORDINATES = ['along', 'across', 'height'];

    public const BEHIND = ['front-cover', 'front-badge', 'grille', 'rear-cover', 'open'];

    /**
     * @param string      $kind   one of KINDS
     * @param string      $side   one of SIDES, in the vehicle's sense
     * @param string|null $pair   the other one's id, where it is one of two
     * @param string      $behind one of BEHIND
     * @param float       $facing of its axis, degrees anticlockwise from straight ahead
     * @param float       $s      standard uncertainty of its place, mm
     * @param float|null  $sAcross of its place off the middle, where that is known otherwise
     * @param float|null  $sHeight of its height, where that is known otherwise
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text(60)]
        public string $name,
        #[Choice(self::KINDS)]
        public string $kind,
        #[Choice(self::SIDES)]
        public string $side,
        #[Id]
        public ?string $pair,
        #[Choice(self::BEHIND)]
        public string $behind,
        #[Number('mm', -20_000, 20_000)]
        public float $along,
        #[Number('mm', -5_000, 5_000)]
        public float $across,
        #[Number('mm', 1, 5_000)]
        public float $height,
        #[Number('°', -180, 180)]
        public float $facing,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $s,
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $sAcross = null,
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $sHeight = null,
    ) {}

    /** One of COORDINATES, mm. */
    public function at(string $coordinate): float
    {
        return match ($coordinate) {
            'along' => $this->along,
            'across' => $this->across,
            'height' => $this->height,
            default => throw new \LogicException("$coordinate is no coordinate of a sensor."),
        };
    }

    /** Standard uncertainty of one of COORDINATES, mm. */
    public function sOf(string $coordinate): float
    {
        return match ($coordinate) {
            'across' => $this->sAcross ?? $this->s,
            'height' => $this->sHeight ?? $this->s,
            default => $this->s,
        };
    }

    /**
     * The sensor with one coordinate as it was measured.
     *
     * @param string $coordinate "along", "across" or "height"
     * @param float  $value      mm
     * @param float  $s          standard uncertainty, mm
     */
    public function placed(string $coordinate, float $value, float $s): self
    {
        // Where each is known for itself, the others stay as well known as they were.
        $of = match (true) {
            $this->sAcross === null && $this->sHeight === null => 's',
            default => ['along' => 's', 'across' => 'sAcross', 'height' => 'sHeight'][$coordinate],
        };

        return Copy::of($this, [$coordinate => $value, $of => $s]);
    }

    /** The cover in its way; null where none is. */
    public function cover(): ?Cover
    {
        return Cover::before($this->behind);
    }

    /** Whether it looks backwards. */
    public function looksBack(): bool
    {
        return $this->kind === 'rear' || $this->kind === 'blind-spot';
    }

    /** Its side in the vehicle's sense, and as the person facing it sees it (need J9). */
    public function sideSaid(): Message
    {
        $mirrored = $this->side === 'left' ? 'right' : 'left';

        return match (true) {
            $this->side === 'middle' => Message::of('sensor.middle'),
            $this->looksBack() => Message::of('sensor.side-behind', ['side' => $this->side, 'yours' => $this->side]),
            default => Message::of('sensor.side-ahead', ['side' => $this->side, 'yours' => $mirrored]),
        };
    }

    public function check(Node $node): void
    {
        if (($this->side === 'left' && $this->across < 0) || ($this->side === 'right' && $this->across > 0)) {
            throw InvalidInput::because($node->path() . '/across', 'vehicle.other-side', ['side' => $this->side]);
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
