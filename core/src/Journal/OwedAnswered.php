<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\ShopRules\Route;

/** What somebody found out about an operation that leaves it open whether a sensor is owed a calibration. */
final readonly class OwedAnswered extends OrderLine
{
    public const ANSWERS = ['yes', 'no', 'owed', 'not-owed'];

    /**
     * @param string      $operation the operation's text
     * @param string      $answer    one of ANSWERS: to the rule's question, or what the maker's information says
     * @param string|null $word      whose word it rests on
     * @param string|null $source    where the maker says so; needed for "owed" and "not-owed"
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $sensor,
        public string $operation,
        public string $answer,
        public ?string $word = null,
        public ?string $source = null,
        public ?Route $route = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "owed $this->sensor $this->operation";
    }
}
