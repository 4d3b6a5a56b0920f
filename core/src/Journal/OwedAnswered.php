<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\ShopRules\OperationText;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** What somebody found out about an operation that leaves it open whether a sensor is owed a calibration. */
final readonly class OwedAnswered extends OrderLine implements Checked
{
    public const KIND = 'owed-answer';

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
        #[Id]
        public string $sensor,
        #[OperationText]
        public string $operation,
        #[Choice(self::ANSWERS)]
        public string $answer,
        #[Text(80)]
        public ?string $word = null,
        #[Text(300)]
        public ?string $source = null,
        #[Choice(Route::class)]
        public ?Route $route = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "owed $this->sensor $this->operation";
    }

    public function check(Node $node): void
    {
        if ($this->source === null && in_array($this->answer, ['owed', 'not-owed'], true)) {
            throw InvalidInput::because($node->path() . '/source', 'owed.source-missing');
        }
        if ($this->route !== null && $this->answer !== 'owed') {
            throw InvalidInput::because($node->path() . '/route', 'owed.route-out-of-place');
        }
    }

    public static function rule(): array
    {
        return ['if' => ['properties' => ['answer' => ['enum' => ['owed', 'not-owed']]]], 'then' => ['required' => ['source']], 'allOf' => [['if' => ['properties' => ['answer' => ['const' => 'owed']]], 'else' => ['properties' => ['route' => false]]]]];
    }
}
