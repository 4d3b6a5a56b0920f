<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Card\CardSensor;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;

/** The car's points on the plan, as well as its sheet and what was plumbed know them. */
final readonly class CarGround
{
    /** How far a substitute mark may lie along the car from where it is said to, mm, half-width. */
    private const SUBSTITUTE_ALONG = 10.0;

    /**
     * @param CardSensor                $card     the card's sensor, for this side of the car
     * @param CarSensor|null            $measured the sensor's place where it was measured on this car; null where the card's stands
     * @param array{front?: Mark, rear?: Mark} $marks what is plumbed instead of the emblem
     * @param list<string>              $datums   datums of the card's spot
     */
    public function __construct(
        public VehicleSheet $sheet,
        private CardSensor $card,
        private ?CarSensor $measured,
        public array $marks = [],
        private array $datums = ['front-mark'],
    ) {}

    /** What is plumbed at one end: "front" or "rear". */
    public function mark(string $end): Mark
    {
        return $this->marks[$end] ?? Mark::Emblem;
    }

    /** The point a card's datum is, by its name in the card. */
    public function datum(string $datum): string
    {
        return match ($datum) {
            'front-mark' => $this->mark('front') === Mark::Emblem ? 'frontMark' : 'frontEmblem',
            'rear-mark' => $this->mark('rear') === Mark::Emblem ? 'rearMark' : 'rearEmblem',
            'front-bumper' => 'frontBumper',
            'rear-bumper' => 'rearBumper',
            'front-hub' => $this->card->across < 0 ? 'FR' : 'FL',
            'rear-hub' => $this->card->across < 0 ? 'RR' : 'RL',
            default => 'sensor',
        };
    }

    /** @return array{from: string, along: float, across: float} the sensor's design place, mm */
    public function design(): array
    {
        return ['from' => $this->datum('front-mark'), 'along' => $this->card->along, 'across' => $this->card->across];
    }

    /**
     * Where the sheet has a point.
     *
     * @return array{float, float} mm
     */
    public function place(string $point): array
    {
        foreach ($this->points(false) as $known) {
            if ($known->name === $point) {
                return [$known->x, $known->y];
            }
        }

        throw new \LogicException("The car has no point \"$point\".");
    }

    /**
     * @param bool $withWheels whether the lasers on the rear wheels belong to the survey
     *
     * @return list<SurveyPoint>
     */
    public function points(bool $withWheels): array
    {
        $s = $this->sheet;
        $base = $s->wheelbase;
        $sRear = hypot($s->sHub, $s->sOf('trackRear') / 2);
        $sFront = hypot($s->sHub, $s->sOf('trackFront') / 2);
        $sBase = hypot($s->sHub, $s->sOf('wheelbase'));
        $points = [
            new SurveyPoint('RL', 0, $s->trackRear / 2, $s->sHub, $sRear),
            new SurveyPoint('RR', 0, -$s->trackRear / 2, $s->sHub, $sRear),
            new SurveyPoint('FL', $base, $s->trackFront / 2, $sBase, $sFront),
            new SurveyPoint('FR', $base, -$s->trackFront / 2, $sBase, $sFront),
            $this->plumbed('frontMark', 'front', $base + $s->frontMark, $s->sOf('frontMark')),
            $this->plumbed('rearMark', 'rear', -$s->rearMark, $s->sOf('rearMark')),
            $this->sensorPoint($base + $s->frontMark),
        ];
        foreach (array_unique([...$this->datums, 'front-mark']) as $datum) {
            $points = [...$points, ...$this->furtherDatum($datum)];
        }

        return $withWheels ? [...$points, ...WheelGround::lasers($s)] : $points;
    }

    /** The tape with what is known of its shared errors. */
    public function tape(Kit $kit): Instrument
    {
        return new Instrument('tape', self::shared($kit->tape->scale, $kit->tape->sScale), self::shared($kit->tape->zero, $kit->tape->sZero));
    }

    /** @return list<SurveyPoint> the point of a datum that is none of the others */
    private function furtherDatum(string $datum): array
    {
        $s = $this->sheet;
        [$x, $figure] = match ($datum) {
            'front-mark' => [$s->wheelbase + $s->frontMark, 'frontMark'],
            'rear-mark' => [-$s->rearMark, 'rearMark'],
            'front-bumper' => [$s->wheelbase + $s->frontOverhang, 'frontOverhang'],
            'rear-bumper' => [-$s->rearOverhang, 'rearOverhang'],
            default => [null, ''],
        };
        $name = $this->datum($datum);

        return $x === null || $name === 'frontMark' || $name === 'rearMark'
            ? []
            : [new SurveyPoint($name, $x, 0, hypot($s->sMarkAlong, $s->sOf($figure)), $s->sMarkAcross)];
    }

    private function plumbed(string $name, string $end, float $x, float $sFigure): SurveyPoint
    {
        $across = $this->mark($end)->across();

        return $across === null
            ? new SurveyPoint($name, $x, 0, hypot($this->sheet->sMarkAlong, $sFigure), $this->sheet->sMarkAcross)
            : new SurveyPoint($name, $x, 0, hypot(hypot($this->sheet->sMarkAlong, $sFigure), self::SUBSTITUTE_ALONG / sqrt(3)), hypot($this->sheet->sMarkAcross, $across / sqrt(3)));
    }

    private function sensorPoint(float $front): SurveyPoint
    {
        $s = $this->sheet->sSensor;

        return $this->measured === null
            ? new SurveyPoint('sensor', $front + $this->card->along, $this->card->across, $s, $s)
            : new SurveyPoint('sensor', $this->measured->along, $this->measured->across, $this->measured->s, $this->measured->s);
    }

    private static function shared(float $known, ?float $s): ?Prior
    {
        return $s === null ? null : new Prior($known, $s);
    }
}
