<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** One row of a rule table: what an operation on the car means for a sensor. */
final readonly class OwedRule implements Checked
{
    /**
     * @param string           $operation code of the operation, without a sensor
     * @param string|null      $question  what to ask, where the operation alone does not tell
     * @param OwedOutcome|null $yes       what follows where it is answered with yes
     * @param OwedOutcome|null $no        and with no
     */
    public function __construct(
        #[OperationCode]
        public string $operation,
        #[Inline(OwedOutcome::class)]
        public OwedOutcome $outcome,
        #[Text]
        public string $source,
        #[Text]
        public ?string $question = null,
        #[Part(OwedOutcome::class)]
        public ?OwedOutcome $yes = null,
        #[Part(OwedOutcome::class)]
        public ?OwedOutcome $no = null,
        #[Inline(RuleScope::class)]
        public RuleScope $scope = new RuleScope(),
    ) {}

    public function check(Node $node): void
    {
        foreach (['question', 'yes', 'no'] as $name) {
            if ($this->outcome->state !== OwedState::Unknown && $this->{$name} !== null) {
                throw InvalidInput::because($node->path() . "/$name", 'rules.question-out-of-place');
            }
        }
        foreach (['yes', 'no'] as $name) {
            if ($this->{$name}?->state === OwedState::Unknown) {
                throw InvalidInput::because($node->path() . "/$name/state", 'rules.answer-unknown');
            }
        }
    }

    public static function rule(): array
    {
        $answered = ['properties' => ['state' => ['enum' => ['owed', 'not-owed']]]];

        return [
            'properties' => ['yes' => $answered, 'no' => $answered],
            'if' => ['properties' => ['state' => ['const' => 'unknown']]],
            'else' => ['properties' => ['question' => false, 'yes' => false, 'no' => false]],
        ];
    }
}
