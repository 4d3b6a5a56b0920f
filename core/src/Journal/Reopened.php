<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Role;

/** A sealed record was opened again, in somebody's name and for a reason; its next seal is a revision on top of the one before. */
final readonly class Reopened extends Line implements Checked
{
    public const KIND = 'reopened';

    /** A reason to open a seal again is a sentence, characters. */
    private const SENTENCE = 10;

    /**
     * @param string $name who answers for it, and $reason why
     * @param string|null $as role it was done in; null in records older than that
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(80)]
        public string $name,
        #[Text(500)]
        public string $reason,
        #[Choice(Role::class, kept: 'text')]
        public ?string $as = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function check(Node $node): void
    {
        if (mb_strlen($this->reason) < self::SENTENCE) {
            throw InvalidInput::because($node->path() . '/reason', 'reopened.reason');
        }
    }

    public static function rule(): array
    {
        return ['properties' => ['reason' => ['minLength' => self::SENTENCE]]];
    }
}
