<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\SeededNoise;

/** Draws a simulated car by a seed: the same seed, model and difficulty are the same car, to the last digit. */
final class CarDraw
{
    /** Difficulty → how many faults at most, the chance of none, and how often its ordinary size everything else is off. */
    public const DIFFICULTIES = [1 => [1, 0.1, 0.0], 2 => [2, 0.12, 0.5], 3 => [3, 0.15, 1.0]];

    /** Difficulty → what the size of a fault is multiplied by: the smaller, the harder to find. */
    private const SIZES = [1 => 1.6, 2 => 1.0, 3 => 0.65];

    /** Errors every bay has that its readings are to bear. */
    private const ROUGH = ['marks', 'hubs', 'thrust', 'clamps', 'tape', 'rule', 'tails', 'floor', 'lean', 'phase', 'pitch', 'sensor'];

    private SeededNoise $noise;

    /** @var array<string, mixed> the truth as it comes about */
    private array $truth;

    /** @var list<string> */
    private array $operations;

    private function __construct(private readonly Model $model, private readonly int $seed, private readonly int $difficulty)
    {
        $this->noise = new SeededNoise($seed * 10 + $difficulty);
        $this->operations = ["bracket-changed@$model->sensor"];
        $this->truth = $this->sound();
    }

    /**
     * @param int $seed       0 to 2,147,483,647
     * @param int $difficulty 1 to 3
     * @param list<Wanted>|null $only the faults it is to have; null where they are drawn as well
     */
    public static function of(Model $model, int $seed, int $difficulty, ?array $only = null): PracticeCar
    {
        $draw = new self($model, $seed, $difficulty);
        foreach ($only ?? array_map(static fn(FaultKind $kind): Wanted => new Wanted($kind), $draw->drawn()) as $wanted) {
            $draw->spoil($wanted);
        }

        return new PracticeCar(
            title: 'P ' . $seed,
            vehicle: $model->vehicle,
            card: $model->name,
            sensor: $model->sensor,
            bay: $model->bay,
            operations: array_map(static fn(string $text): Operation => Operation::fromCode($text), $draw->operations),
            truth: Document::read(Scenario::class, Node::parse((string) json_encode($draw->truth, JSON_PRESERVE_ZERO_FRACTION))),
        );
    }

    /** @return list<FaultKind> kinds that a car of a model can have */
    public static function possible(Model $model): array
    {
        return array_values(array_filter(FaultKind::cases(), static fn(FaultKind $kind): bool => match ($kind) {
            FaultKind::Thrust => $model->card->reference === 'thrust-line',
            FaultKind::Backlash, FaultKind::Bracket => $model->way() === 'screws',
            FaultKind::Zero => $model->way() === 'electronic',
            FaultKind::Axis => $model->way() !== 'none',
            FaultKind::Word => array_intersect(['load', 'supply', 'zone'], $model->asks()) !== [],
            FaultKind::Sensor => false,
            FaultKind::Cover, FaultKind::WrongTarget, FaultKind::Clutter => $model->card->echo !== null,
            default => true,
        }));
    }

    /** @return list<FaultKind> */
    private function drawn(): array
    {
        [$most, $none] = self::DIFFICULTIES[$this->difficulty];
        if ($this->noise->even('none') < $none) {
            return [];
        }
        $possible = self::possible($this->model);
        $count = 1 + (int) floor($most * $this->noise->even('count') * 0.999);
        $kinds = [];
        for ($i = 0; $i < $count; $i++) {
            $kind = $possible[(int) floor(count($possible) * $this->noise->even("kind $i") * 0.9999)];
            if (! in_array($kind, $kinds, true)) {
                $kinds[] = $kind;
            }
        }

        return $kinds;
    }

    /** @return array<string, mixed> a car that nothing is wrong with but what is wrong everywhere */
    private function sound(): array
    {
        $card = $this->model->card;
        $rough = self::DIFFICULTIES[$this->difficulty][2];
        $limit = static fn(?float $limit): float => $limit ?? 0.4;

        return [
            'seed' => $this->seed,
            'shifts' => new \stdClass(),
            'stand' => ['along' => $this->between('along', -40, 40), 'across' => $this->between('across', -25, 25), 'turn' => $this->between('turn', -1.5, 1.5, 2)],
            'targetHeight' => $card->spot->height + $this->between('height', -6, 6),
            'sensorHeight' => $card->sensor->height,
            'mount' => [
                'azimuth' => round($limit($card->sensor->limitAzimuth) * $this->between('azimuth', -0.5, 0.5, 3), 3),
                'elevation' => round($limit($card->sensor->limitElevation) * $this->between('elevation', -0.5, 0.5, 3), 3),
            ],
            'echoLevel' => $card->echo->expected ?? 24.0,
            'hands' => ['mm' => 0.7, 'degrees' => 0.03],
            'screws' => ['gains' => [$this->between('first', 0.93, 1.07, 3), $this->between('second', 0.93, 1.07, 3)]],
            // Even an easy bay is one in which hands are what they are said to be.
            'rough' => array_fill_keys(self::ROUGH, $rough),
        ];
    }

    private function spoil(Wanted $wanted): void
    {
        $size = self::SIZES[$this->difficulty];
        $asked = $wanted->size;
        match ($wanted->kind) {
            FaultKind::Mark => $this->offset($this->end($wanted->at), $asked ?? $this->side('mark') * $size * $this->between('mark', 9, 16)),
            FaultKind::Thrust => $this->thrust($asked ?? $this->side('thrust') * $size * $this->between('thrust', 0.35, 0.6, 2)),
            FaultKind::Floor => $this->floor($asked ?? $this->side('floor') * $size * $this->between('floor', 14, 24)),
            FaultKind::Tape => $this->offset('#tape.zero', $asked ?? $this->side('tape') * $size * $this->between('tape', 5, 9)),
            FaultKind::Rule => $this->truth['cut'] = round($asked ?? $size * $this->between('rule', 9, 16), 1),
            FaultKind::Slip => $this->truth['slips'] = [$wanted->at === '' ? $this->slipped() : $wanted->at => round($asked ?? $this->side('slip') * $size * $this->between('slip', 16, 28), 1)],
            FaultKind::Word => $this->word($wanted->at),
            FaultKind::Axis => $this->truth['mount'] = $asked === null ? $this->off(1.3, 2.6) : ['azimuth' => $asked, 'elevation' => 0.0],
            FaultKind::Backlash => $this->backlash($asked),
            FaultKind::Zero => $this->zero($asked),
            FaultKind::Bracket => $this->bent(),
            FaultKind::Sensor => throw new \LogicException('Nobody draws a broken sensor.'),
            FaultKind::Cover => $this->painted($asked),
            FaultKind::WrongTarget => $this->truth['otherTarget'] = -abs($asked ?? $this->between('other', 7, 13, 1)),
            FaultKind::Clutter => $this->truth['clutter'] = ['level' => max(-60.0, min(20.0, $asked ?? $this->between('level', -9, 0, 1))), 'bearing' => $this->side('bearing') * $this->between('bearing', 0.8, 3.5, 1)],
            FaultKind::Supply => $this->truth['voltage'] = abs($asked ?? $this->between('voltage', 10.8, 11.8, 1)),
            FaultKind::Door => $this->truth['door'] = true,
            FaultKind::Code => $this->truth['code'] = 'U1510',
        };
    }

    private function end(string $at): string
    {
        return match ($at) {
            'front' => 'frontMark.y',
            'rear' => 'rearMark.y',
            default => $this->noise->even('end') < 0.5 ? 'frontMark.y' : 'rearMark.y',
        };
    }

    /** @return array{azimuth: float, elevation: float} outside the limits by so many times them */
    private function off(float $least, float $most): array
    {
        $sensor = $this->model->card->sensor;

        return [
            'azimuth' => round($this->side('off') * $this->between('off', $least, $most, 3) * ($sensor->limitAzimuth ?? 0.4), 3),
            'elevation' => round($this->side('off up') * $this->between('off up', 0.0, $most, 3) * ($sensor->limitElevation ?? 0.4), 3),
        ];
    }

    private function offset(string $unknown, float $off): void
    {
        $offsets = is_array($this->truth['offsets'] ?? null) ? $this->truth['offsets'] : [];
        $this->truth['offsets'] = [...$offsets, $unknown => round($off, 2)];
    }

    private function thrust(float $degrees): void
    {
        $this->offset('@wheelRL', $degrees);
        $this->offset('@wheelRR', $degrees);
    }

    /** It falls away, or rises, towards the spot. */
    private function floor(float $mm): void
    {
        $this->offset('siteFloor.z', -$mm);
        $this->offset('^pitch', $this->side('pitch') * $this->between('pitch', 0.15, 0.35, 2));
    }

    private function slipped(): string
    {
        return $this->model->card->schools !== [] && in_array('plumb-and-line', $this->model->card->schools, true) && $this->noise->even('call') < 0.6 ? 'spot-offset' : 'height';
    }

    private function word(string $at): void
    {
        $items = array_values(array_intersect($at === '' ? ['load', 'supply', 'zone'] : [$at], ['load', 'supply', 'zone'], $this->model->asks()));
        if ($items === []) {
            return;
        }
        $item = $items[(int) floor(count($items) * $this->noise->even('item') * 0.9999)];
        $word = ['who' => 'Tolly Brask'];
        if ($item === 'load') {
            $word['offsets'] = ['sensor.z' => round(self::SIZES[$this->difficulty] * $this->between('load', 8, 14), 1)];
        } elseif ($item === 'supply') {
            $word['cause'] = 'supply';
            $this->truth['voltage'] = $this->between('voltage', 10.8, 11.8, 1);
        } else {
            $word['cause'] = 'clutter';
            $this->truth['clutter'] = ['level' => $this->between('level', -9, 0, 1), 'bearing' => $this->side('bearing') * $this->between('bearing', 0.8, 3.5, 1)];
        }
        $this->truth['words'] = [$item => $word];
    }

    private function backlash(?float $turns): void
    {
        $this->truth['mount'] = $this->off(1.6, 3.0);
        $this->truth['screws'] = ['gains' => [$this->between('loose', 0.85, 1.15, 2), $this->between('loose two', 0.85, 1.15, 2)], 'backlash' => abs($turns ?? $this->between('backlash', 0.25, 0.5, 2))];
    }

    /** More hides behind a zero than a further one can make good. */
    private function zero(?float $degrees): void
    {
        $side = $degrees === null ? $this->side('hidden') : ($degrees < 0 ? -1 : 1);
        $this->truth['zero'] = ['azimuth' => $degrees ?? $side * $this->between('zero', 0.5, 0.9, 2), 'elevation' => 0.0];
        $this->truth['mount'] = ['azimuth' => -$side * $this->between('hidden', 1.25, 1.9, 2), 'elevation' => $this->between('level', -0.2, 0.2, 2)];
        $this->truth['fault'] = 'bracket';
    }

    private function bent(): void
    {
        $this->truth['mount'] = $this->off(2.6, 5.0);
        $this->truth['screws'] = ['gains' => [$this->between('bent', 0.05, 0.35, 2), $this->between('bent two', 0.05, 0.35, 2)], 'bent' => true];
        $this->truth['fault'] = 'bracket';
    }

    private function painted(?float $loss): void
    {
        $this->truth['coverLoss'] = min(60.0, abs($loss ?? $this->between('paint', 3.6, 6.5, 1)));
        $this->truth['fault'] = 'cover';
        if ($this->model->sensor === 'front') {
            $this->operations[] = 'front-cover-painted';
        }
    }

    private function side(string $for): int
    {
        return $this->noise->even("side $for") < 0.5 ? -1 : 1;
    }

    private function between(string $for, float $low, float $high, int $digits = 1): float
    {
        return round($low + ($high - $low) * $this->noise->even($for), $digits);
    }
}
