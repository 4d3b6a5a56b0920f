<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** An operation on the car: done, still due, or taken back. */
final readonly class OperationNoted extends OrderLine
{
    public const KIND = 'operation';

    public const STATES = ['done', 'due', 'withdrawn'];

    /**
     * @param string      $state one of STATES
     * @param string|null $word  whose word it rests on, where nobody here saw it (need J5)
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Part(Operation::class)]
        public Operation $operation,
        #[Choice(self::STATES)]
        public string $state,
        #[Text(80)]
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'operation ' . $this->operation->text();
    }
}
