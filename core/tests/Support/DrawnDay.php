<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Day\Asks;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\KitUnit;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Place;
use Lumbro\Core\Day\Stage;

/** Days of invented shops, drawn by a seed: front and rear radars, a shared far wall, few targets, drives by daylight, cars that come from other trades. */
final class DrawnDay
{
    private const OPENS = 480;
    private const CLOSES = 1020;
    private const DAY = 1440;

    private int $stage = 0;

    private function __construct(private readonly \Random\Randomizer $random) {}

    /** @param int $cars that are in the shop */
    public static function of(int $seed, int $cars): Day
    {
        return (new self(new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed))))->draw($cars);
    }

    /** One that can be searched through: up to five cars with few stages, two people, two places, one target. */
    public static function small(int $seed): Day
    {
        $day = new self(new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed)));
        $cars = [];
        for ($i = 0, $n = $day->between(2, 5); $i < $n; $i++) {
            $parts = [];
            if ($n < 5 && $day->chance($n < 4 ? 0.4 : 0.2)) {
                $parts[] = new Part("car-$i scan", [$day->stage('pre-scan', 12, true, ['scan-tool'])]);
            }
            for ($j = 0; $j < ($n < 4 && $day->chance(0.3) ? 2 : 1); $j++) {
                $parts[] = new Part("car-$i sensor-$j", [$day->stage('place', 25), ...($n < 5 || $i < 2 ? [$day->stage('run', 15, true, ['scan-tool'], 'run')] : [])], 'stance', ['reflector'], true);
            }
            if ($n < 4 && $day->chance(0.3)) {
                $parts[] = new Part("car-$i drive", [$day->stage('drive', 30, true, [], 'drive', [[540, 720]])]);
            }
            $ready = 480 + 10 * $day->between(0, 6);
            $cars[] = new Car("car-$i", $ready, $day->chance(0.7) ? $ready + 20 * $day->between(3, 8) : null, $parts, ['stance' => $day->chance(0.6) ? ['bay-0', 'bay-1'] : ['bay-0']]);
        }
        $people = [new Person('person-0', [[480, 760]], ['run', 'drive']), new Person('person-1', [[500, 760]], $day->chance(0.5) ? ['run'] : ['run', 'drive'])];

        return new Day(480, 700, $people, [new Place('bay-0', ['far-wall']), new Place('bay-1', $day->chance(0.5) ? ['far-wall'] : [])], [new KitUnit('tool', 'scan-tool'), new KitUnit('target', 'reflector', 'bay-1')], $cars);
    }

    private function draw(int $cars): Day
    {
        $people = [];
        // From quiet days to such as cannot be done.
        $count = max(2, (int) round($cars / (2.4 + 0.16 * $this->between(0, 9))));
        for ($i = 0; $i < $count; $i++) {
            $hours = [];
            foreach ([0, 1, 2] as $day) {
                $from = $day * self::DAY + self::OPENS + ($i % 2) * 30;
                $pause = $day * self::DAY + 720 + 30 * ($i % 3);
                $hours[] = [$from, $pause];
                $hours[] = [$pause + 30, $day * self::DAY + self::CLOSES + ($i % 2) * 30];
            }
            if ($this->chance(0.2)) {
                // Away for an hour or two.
                $hours[1][0] += 60 * $this->between(1, 2);
            }
            $people[] = new Person("person-$i", $hours, $i === 0 || $this->chance(0.7) ? ['run', 'drive'] : ['run']);
        }
        $places = [];
        for ($i = 0, $n = max(2, (int) round($cars / 3.6)); $i < $n; $i++) {
            $places[] = new Place("bay-$i", $i < 2 ? ['far-wall'] : []);
        }
        $kit = [];
        for ($i = 0; $i < (int) ceil($cars / 8); $i++) {
            $kit[] = new KitUnit("reflector-$i", 'reflector');
            $kit[] = new KitUnit("tool-$i", 'scan-tool');
        }
        $kit[] = new KitUnit('plate-0', 'plate');
        $all = array_map(static fn(Place $place): string => $place->id, $places);
        $list = [];
        for ($i = 0; $i < $cars; $i++) {
            $list[] = $this->car("car-$i", $all);
        }

        return new Day(self::OPENS, self::CLOSES + 30, $people, $places, $kit, $list);
    }

    /** @param list<string> $places */
    private function car(string $id, array $places): Car
    {
        $ready = $this->chance(0.55) ? self::OPENS : self::OPENS + 15 * $this->between(1, 22);
        $parts = [new Part("$id scan", [$this->stage('pre-scan', 12, true, ['scan-tool'])])];
        $far = $this->chance(0.2);
        $rooms = $far ? array_slice($places, 0, 2) : ($this->chance(0.3) ? array_slice($places, 1) : $places);
        $sensors = $this->chance(0.3) ? ($this->chance(0.3) ? 3 : 2) : 1;
        $parts[] = new Part("$id line", [
            $this->stage('prepare', 10),
            ...($this->chance(0.4) ? [$this->stage('warm-up', 15, false)] : []),
            $this->stage('line', 22),
        ], 'stance');
        for ($i = 0; $i < $sensors; $i++) {
            $parts[] = new Part("$id sensor-$i", [
                $this->stage('place', 18),
                $this->stage('run', 14, true, ['scan-tool'], 'run'),
                $this->stage('prove', 8),
            ], 'stance', [$this->chance(0.2) ? 'plate' : 'reflector'], true);
        }
        if ($this->chance(0.4)) {
            $windows = array_map(static fn(int $day): array => [$day * self::DAY + 540, $day * self::DAY + 960], [0, 1, 2]);
            $parts[] = new Part("$id drive", [$this->stage('drive', 30, true, [], 'drive', $windows)]);
        }
        $parts[] = new Part("$id close", [$this->stage('post-scan', 10, true, ['scan-tool']), $this->stage('close', 8)]);
        $work = 0;
        foreach ($parts as $part) {
            foreach ($part->stages as $stage) {
                $work += $stage->minutes;
            }
        }
        $promised = match (true) {
            $this->chance(0.25) => null,
            $this->chance(0.5) => self::CLOSES - 30 * $this->between(0, 2),
            default => 15 * (int) ceil(min($ready + $work * (1.3 + 0.3 * $this->between(0, 8)), self::CLOSES) / 15),
        };

        return new Car($id, $ready, $promised, $parts, ['stance' => $rooms]);
    }

    /**
     * @param list<string>          $kit
     * @param list<array{int, int}> $windows
     */
    private function stage(string $kind, int $minutes, bool $hands = true, array $kit = [], ?string $right = null, array $windows = []): Stage
    {
        return new Stage('stage-' . $this->stage++, $kind, max(3, (int) round($minutes * (0.7 + 0.6 * ($this->random->getInt(0, 999_999) / 1_000_000)))), 0.3, new Asks($hands, $right, $kit, $windows));
    }

    /** @phpstan-impure */
    private function chance(float $of): bool
    {
        return ($this->random->getInt(0, 999_999) / 1_000_000) < $of;
    }

    private function between(int $from, int $to): int
    {
        return $this->random->getInt($from, $to);
    }
}
