<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Part as DocumentPart;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Practice\Scenario;

/** A simulated car as it is kept and handed on (schemas, "practice-car"): what everybody may know of it, and its hidden truth. */
final readonly class PracticeCar
{
    /** How far somebody has gone before the learner takes over. */
    public const BEGINS = ['prepare', 'measure', 'run'];

    /**
     * @param string          $title      shown after the exercise, for it may tell
     * @param string          $vehicle    name of a sheet of the practice register
     * @param string          $card       of the practice register
     * @param string          $sensor     of the vehicle
     * @param string          $bay        of the practice register
     * @param list<Operation> $operations done to it
     * @param string          $teaches    shown after the exercise
     * @param list<string>    $schools    to measure by; empty where the learner chooses
     * @param string          $begins     one of BEGINS: with the questions, with the readings, or with the run
     */
    public function __construct(
        #[Text(80)]
        public string $title,
        #[Id]
        public string $vehicle,
        #[Id]
        public string $card,
        #[Id]
        public string $sensor,
        #[Text(80)]
        public string $bay,
        #[ListOf(new DocumentPart(Operation::class), 20, 'waits.operations')]
        public array $operations,
        #[DocumentPart(Scenario::class)]
        public Scenario $truth,
        #[Text(300)]
        public string $teaches = '',
        #[ListOf(new Choice(ProcedureCard::SCHOOLS, said: 'school'), 6)]
        public array $schools = [],
        #[Choice(self::BEGINS)]
        public string $begins = 'prepare',
    ) {}
}
