<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Whole;
use Lumbro\Core\Measure\Node;

/** What a shop's days are planned by: its hours, who works, what bays share, where the sun sets (need J37). */
final readonly class DayRules implements Checked
{
    /**
     * @param list<Opening>    $opening  hours of the shop
     * @param list<PersonDay>  $people   of those who are planned otherwise than everybody
     * @param list<SharedWall> $walls
     * @param int              $warmUp   minutes a car stands with its ignition on before its line is surveyed; 0 for none
     * @param float|null       $latitude of the shop, degrees, north positive: daylight is known by it
     * @param float|null       $east     longitude of the shop, degrees, east positive
     */
    public function __construct(
        #[ListOf(new Part(Opening::class), 28)]
        public array $opening = [],
        #[ListOf(new Part(PersonDay::class), 200)]
        public array $people = [],
        #[ListOf(new Part(SharedWall::class), 20)]
        public array $walls = [],
        #[Whole(0, 120)]
        public int $warmUp = 0,
        #[Number('°', -89, 89)]
        public ?float $latitude = null,
        #[Number('°', -180, 180)]
        public ?float $east = null,
        #[Part(OutsideShop::class)]
        public ?OutsideShop $outside = null,
    ) {}

    /** Until a shop says its own: Monday to Friday, with a pause at noon. */
    public static function usual(): self
    {
        $opening = [];
        for ($day = 1; $day <= 5; $day++) {
            $opening[] = new Opening($day, '07:30', '12:00');
            $opening[] = new Opening($day, '12:45', '17:00');
        }

        return new self($opening);
    }

    /**
     * @param int $weekday 1 for Monday to 7 for Sunday
     *
     * @return list<array{int, int}> minutes of the day in which the shop is open, in order
     */
    public function hours(int $weekday): array
    {
        return self::of($this->opening, $weekday);
    }

    /**
     * @param string $person id
     *
     * @return list<array{int, int}> minutes of the day in which somebody works, in order
     */
    public function hoursOf(string $person, int $weekday): array
    {
        $own = $this->person($person)->hours;

        return self::of($own === [] ? $this->opening : $own, $weekday);
    }

    /** What is planned for somebody; for whom nothing is said, everything. */
    public function person(string $person): PersonDay
    {
        foreach ($this->people as $one) {
            if ($one->person === $person) {
                return $one;
            }
        }

        return new PersonDay($person);
    }

    public function check(Node $node): void
    {
        self::inOrder($this->opening, $node->path() . '/opening');
        foreach ($this->people as $i => $person) {
            self::inOrder($person->hours, $node->path() . "/people/$i/hours");
        }
        if (($this->latitude === null) !== ($this->east === null)) {
            throw InvalidInput::missing($node->path(), $this->latitude === null ? 'latitude' : 'east');
        }
    }

    public static function rule(): array
    {
        return ['dependentRequired' => ['latitude' => ['east'], 'east' => ['latitude']]];
    }

    /** @param list<Opening> $openings */
    private static function inOrder(array $openings, string $path): void
    {
        foreach ($openings as $i => $one) {
            foreach (array_slice($openings, 0, $i) as $other) {
                if ($one->day === $other->day && $one->from < $other->to && $other->from < $one->to) {
                    throw InvalidInput::because("$path/$i/from", 'day.hours-overlap', ['from' => $other->from, 'to' => $other->to]);
                }
            }
        }
    }

    /**
     * @param list<Opening> $openings
     *
     * @return list<array{int, int}>
     */
    private static function of(array $openings, int $weekday): array
    {
        $hours = [];
        foreach ($openings as $one) {
            if ($one->day === $weekday) {
                $hours[] = $one->minutes();
            }
        }
        sort($hours);

        return $hours;
    }
}
