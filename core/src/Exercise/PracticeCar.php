<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Exercise\Order\OrderTruth;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Part as DocumentPart;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\Scenario;

/** A simulated car as it is kept and handed on (schemas, "practice-car"): what everybody may know of it, and its hidden truth. */
final readonly class PracticeCar implements Checked
{
    /** How far somebody has gone before the learner takes over. */
    public const BEGINS = ['intake', 'prepare', 'measure', 'run', 'close'];

    /**
     * @param string          $title      shown after the exercise, for it may tell
     * @param string          $vehicle    name of a sheet of the practice register
     * @param string          $card       of the practice register
     * @param string          $sensor     of the vehicle
     * @param string          $bay        of the practice register
     * @param list<Operation> $operations done to it
     * @param string          $teaches    shown after the exercise
     * @param list<string>    $schools    to measure by; empty where the learner chooses
     * @param string          $begins     one of BEGINS: with its order, with the questions, with the readings, with the run, or with closing its order
     * @param OrderTruth|null $order what its order does not say; of one that begins with its order or closes it
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
        #[DocumentPart(OrderTruth::class)]
        public ?OrderTruth $order = null,
    ) {}

    /** Whether its trap is in its order, and not at the target. */
    public function isOrder(): bool
    {
        return $this->begins === 'intake' || $this->begins === 'close';
    }

    public function check(Node $node): void
    {
        if ($this->isOrder() !== ($this->order !== null)) {
            throw InvalidInput::because($node->path() . '/order', $this->isOrder() ? 'practice.order-missing' : 'practice.order-out-of-place');
        }
    }

    public static function rule(): array
    {
        return ['if' => ['properties' => ['begins' => ['enum' => ['intake', 'close']]], 'required' => ['begins']], 'then' => ['required' => ['order']], 'else' => ['properties' => ['order' => false]]];
    }
}
