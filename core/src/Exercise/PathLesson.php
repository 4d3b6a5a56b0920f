<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Part as DocumentPart;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Whole;

/** One step of the path a learner goes: a car with an aim. */
final readonly class PathLesson
{
    /**
     * @param string       $id      as addresses have it
     * @param int          $place   on the path, from 1
     * @param string       $name    in a line
     * @param string       $aim     in two sentences, which tell nothing of what is hidden
     * @param list<string> $trains  what it trains, a few words each
     * @param int          $minutes about how long it takes
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Whole(1, 99)]
        public int $place,
        #[Text(80)]
        public string $name,
        #[Text(400)]
        public string $aim,
        #[ListOf(new Text(60), 6)]
        public array $trains,
        #[Whole(1, 240)]
        public int $minutes,
        #[Choice(Help::class)]
        public Help $help,
        #[DocumentPart(PracticeCar::class)]
        public PracticeCar $car,
    ) {}
}
