<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Role;

/** Something that keeps the order open is handed over as it is, in somebody's name and for a reason (need J36). */
final readonly class LeftOpen extends OrderLine implements Checked
{
    public const KIND = 'left-open';

    /** A reason that a car is handed over for is a sentence, characters. */
    private const SENTENCE = 10;

    /**
     * @param string $item id of the open item
     * @param string|null $as role it was done in; null in records older than that
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(200)]
        public string $item,
        #[Text(500)]
        public string $reason,
        #[Choice(Role::class, kept: 'text')]
        public ?string $as = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "left-open $this->item";
    }

    public function check(Node $node): void
    {
        if (mb_strlen($this->reason) < self::SENTENCE) {
            throw InvalidInput::because($node->path() . '/reason', 'left-open.reason');
        }
    }

    public static function rule(): array
    {
        return ['properties' => ['reason' => ['minLength' => self::SENTENCE]]];
    }
}
