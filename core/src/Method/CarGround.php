<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Card\CardSensor;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Catalogue\ShopRules\SlipLimits;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;

/** The car's points on the plan, as well as its sheet and what was plumbed know them. */
final readonly class CarGround
{
    /** What stands before the id of an instrument that is not the usual one, whatever a shop calls its own. */
    public const BY = 'by-';

    /** How far a substitute mark may lie along the car from where it is said to, mm, half-width. */
    private const SUBSTITUTE_ALONG = 10.0;

    /** How well an emblem's height is known where nobody measured it, mm. */
    private const S_EMBLEM_HEIGHT = 60.0;

    /** The same once it was measured, mm. */
    private const S_MEASURED_HEIGHT = 4.0;

    /** A figure that is not known is seldom further off than so many times its standard uncertainty. */
    private const WIDE = 3.0;

    /** How far a bob hangs off what it is hung from, mm, standard. */
    private const BOB = 0.5;

    /** What a rule may show too much or too little at its end where its kit says nothing, mm, standard. */
    private const S_RULE_ZERO = 0.3;

    /**
     * @param CardSensor                $card     the card's sensor, for this side of the car
     * @param CarSensor|null            $measured the sensor's place where it was measured on this car; null where the card's stands
     * @param array{front?: Mark, rear?: Mark} $marks what is plumbed instead of the emblem
     * @param list<string>              $datums   datums of the card's spot
     * @param float|null                $measuredHeight of the sensor over the wheels' plane, mm, where it was measured on this car
     * @param RuleSet                   $rules    whether heights belong to the survey
     * @param SlipLimits|null           $slips    how large a slip could be at most, where the shop knows better
     */
    public function __construct(
        public VehicleSheet $sheet,
        private CardSensor $card,
        private ?CarSensor $measured,
        public array $marks = [],
        private array $datums = ['front-mark'],
        private ?float $measuredHeight = null,
        public RuleSet $rules = RuleSet::First,
        private ?SlipLimits $slips = null,
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
        $plumbed = $this->plumbedTo($s->sHub);
        $sRear = hypot($plumbed, $s->sOf('trackRear') / 2);
        $sFront = hypot($plumbed, $s->sOf('trackFront') / 2);
        $sBase = hypot($s->sHub, $s->sOf('wheelbase'));
        // A hub's height matters by the floor's slope alone: a thumb's breadth of it is nothing.
        [$hub, $exact] = $this->rules->isInSpace() ? [$s->hubHeight, 0.0] : [null, null];
        $points = [
            new SurveyPoint('RL', 0, $s->trackRear / 2, $s->sHub, $sRear, $hub, $exact),
            new SurveyPoint('RR', 0, -$s->trackRear / 2, $s->sHub, $sRear, $hub, $exact),
            new SurveyPoint('FL', $base, $s->trackFront / 2, $sBase, $sFront, $hub, $exact),
            new SurveyPoint('FR', $base, -$s->trackFront / 2, $sBase, $sFront, $hub, $exact),
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

    /** @return list<Instrument> the rules, each of which may be wrong at its own end; none where the rules of then did not doubt them */
    public function rules(Kit $kit): array
    {
        $rules = [];
        foreach ($this->rules->isInSpace() ? ['rule' => $kit->rule, 'longRule' => $kit->longRule()] : [] as $name => $rule) {
            if ($rule !== null) {
                $rules[] = new Instrument($name, null, new Prior($rule->zero, $rule->sZero ?? self::S_RULE_ZERO));
            }
        }

        return $rules;
    }

    /** What a survey calls an instrument of the kit. */
    public static function named(Kit $kit, string $id): string
    {
        return match ($id) {
            $kit->tape->id => 'tape',
            $kit->rule->id => 'rule',
            $kit->longRule()?->id => 'longRule',
            default => self::BY . $id,
        };
    }

    /** The kit's instrument of a survey's name; null where it has none. */
    public static function ofName(Kit $kit, string $name): ?MeasuringInstrument
    {
        return match ($name) {
            'tape' => $kit->tape,
            'rule' => $kit->rule,
            'longRule' => $kit->longRule(),
            default => str_starts_with($name, self::BY) ? $kit->instrument(substr($name, strlen(self::BY))) : null,
        };
    }

    /**
     * Instruments that readings name beside the usual ones, with what is known of their shared errors.
     *
     * @param list<Observation> $observations
     *
     * @return list<Instrument>
     */
    public function spare(Kit $kit, array $observations): array
    {
        $others = [];
        foreach ($observations as $observation) {
            $name = $observation->instrument() ?? '';
            $instrument = str_starts_with($name, self::BY) ? self::ofName($kit, $name) : null;
            if ($instrument !== null) {
                $others[$name] ??= $kit->kindOf($instrument->id) === 'rule'
                    ? new Instrument($name, null, new Prior($instrument->zero, $instrument->sZero ?? self::S_RULE_ZERO))
                    : new Instrument($name, self::shared($instrument->scale, $instrument->sScale), self::shared($instrument->zero, $instrument->sZero));
            }
        }

        return array_values($others);
    }

    /** Height of the sensor by its drawing, mm over the wheels' plane. */
    public function designHeight(): float
    {
        return $this->card->height;
    }

    /** @return array<string, float> prior → the largest error of it that could pass unseen, mm or without unit */
    public function bounds(Kit $kit): array
    {
        $most = SlipBounds::of($this->slips);
        $bounds = ['sensor.x' => $most['sensor'], 'sensor.y' => $most['sensor'], 'sensor.z' => $most['sensorHeight']];
        foreach (['RL', 'RR', 'FL', 'FR'] as $hub) {
            $bounds["$hub.x"] = $bounds["$hub.y"] = $most['hub'];
        }
        foreach (['frontMark', 'rearMark', 'frontEmblem', 'rearEmblem', 'frontBumper', 'rearBumper'] as $mark) {
            $bounds["$mark.x"] = SlipBounds::MARK_ALONG;
            $bounds["$mark.y"] = $most['mark'];
            $bounds["$mark.z"] = SlipBounds::MARK_HEIGHT;
        }
        foreach (['laserRL', 'laserRR'] as $laser) {
            $bounds["$laser.x"] = $bounds["$laser.y"] = $most['hub'];
        }

        foreach ($this->widths() as $prior => $s) {
            $bounds[$prior] = max($bounds[$prior] ?? 0.0, self::WIDE * $s);
        }
        foreach ($kit->all as $kind => $instruments) {
            foreach ($instruments as $instrument) {
                $bounds['#' . self::BY . "$instrument->id.zero"] = $most[$kind === 'rule' ? 'ruleEnd' : 'tapeEnd'];
                $bounds['#' . self::BY . "$instrument->id.scale"] = SlipBounds::TAPE_SCALE;
            }
        }

        return $bounds + [
            '#tape.scale' => SlipBounds::TAPE_SCALE, '#tape.zero' => $most['tapeEnd'], '#rule.zero' => $most['ruleEnd'], '#longRule.zero' => $most['ruleEnd'],
            '@wheelRL' => SlipBounds::WHEEL_HEADING, '@wheelRR' => SlipBounds::WHEEL_HEADING, '@mirror' => SlipBounds::MIRROR,
        ];
    }

    /** @return array<string, float> prior → standard uncertainty of a figure that this car's sheet knows badly, mm */
    private function widths(): array
    {
        if (! $this->sheet->isGrown()) {
            return [];
        }
        $s = $this->sheet;
        $front = ['frontMark', 'frontEmblem'];
        $rear = ['rearMark', 'rearEmblem'];
        $widths = [
            'FL.x' => $s->sOf('wheelbase'), 'FR.x' => $s->sOf('wheelbase'),
            'FL.y' => $s->sOf('trackFront') / 2, 'FR.y' => $s->sOf('trackFront') / 2,
            'RL.y' => $s->sOf('trackRear') / 2, 'RR.y' => $s->sOf('trackRear') / 2,
            'frontBumper.x' => $s->sOf('frontOverhang'), 'rearBumper.x' => $s->sOf('rearOverhang'),
        ];
        foreach (['frontMark' => $front, 'rearMark' => $rear] as $figure => $marks) {
            foreach ($marks as $mark) {
                $widths["$mark.x"] = $s->sOf($figure);
                $widths["$mark.z"] = $s->sOf("{$figure}Height");
            }
        }
        if ($this->measured !== null) {
            $widths += ['sensor.x' => $this->measured->s, 'sensor.y' => $this->measured->sOf('across'), 'sensor.z' => $this->measured->sOf('height')];
        }

        return $widths;
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
            : [new SurveyPoint($name, $x, 0, hypot($s->sMarkAlong, $s->sOf($figure)), $s->sMarkAcross, ...$this->markHeight($x > 0))];
    }

    private function plumbed(string $name, string $end, float $x, float $sFigure): SurveyPoint
    {
        $across = $this->mark($end)->across();
        $height = $this->markHeight($end === 'front');

        $aside = $this->plumbedTo($this->sheet->sMarkAcross);

        return $across === null
            ? new SurveyPoint($name, $x, 0, hypot($this->sheet->sMarkAlong, $sFigure), $aside, ...$height)
            : new SurveyPoint($name, $x, 0, hypot(hypot($this->sheet->sMarkAlong, $sFigure), self::SUBSTITUTE_ALONG / sqrt(3)), hypot($aside, $across / sqrt(3)), ...$height);
    }

    private function sensorPoint(float $front): SurveyPoint
    {
        $s = $this->sheet->sSensor;
        $height = match (true) {
            ! $this->rules->isInSpace() => [null, null],
            $this->measuredHeight !== null => [$this->measuredHeight, $this->measured?->sOf('height') ?? $this->sheet->sSensorHeight],
            default => [$this->card->height, $this->sheet->sSensorHeight],
        };

        return $this->measured === null
            ? new SurveyPoint('sensor', $front + $this->card->along, $this->card->across, $s, $s, ...$height)
            : new SurveyPoint('sensor', $this->measured->along, $this->measured->across, $this->measured->s, $this->measured->sOf('across'), ...$height);
    }

    /** How well a place is known once a bob was hung from it: the bob swings and touches, mm. */
    private function plumbedTo(float $s): float
    {
        return $this->rules->isInSpace() ? hypot($s, self::BOB) : $s;
    }

    /** @return array{float|null, float|null} an emblem's height over the wheels' plane and how well it is known, mm; none in the plan */
    private function markHeight(bool $front): array
    {
        $known = $front ? $this->sheet->frontMarkHeight : $this->sheet->rearMarkHeight;
        $figure = $front ? 'frontMarkHeight' : 'rearMarkHeight';

        return $this->rules->isInSpace()
            ? [$this->sheet->figure($figure), $known === null ? self::S_EMBLEM_HEIGHT : max(self::S_MEASURED_HEIGHT, $this->sheet->sOf($figure))]
            : [null, null];
    }

    private static function shared(float $known, ?float $s): ?Prior
    {
        return $s === null ? null : new Prior($known, $s);
    }
}
