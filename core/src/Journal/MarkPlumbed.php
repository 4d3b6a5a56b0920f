<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** What is plumbed as the car's middle at one of its ends. */
final readonly class MarkPlumbed extends OrderLine implements Checked
{
    public const KIND = 'mark';

    /**
     * @param string $end  "front" or "rear"
     * @param string $note what it is, where it is none of the usual; may be empty
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(['front', 'rear'])]
        public string $end,
        #[Choice(Mark::class)]
        public Mark $mark,
        #[Text(120)]
        public string $note = '',
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'mark ' . $this->end;
    }

    public function check(Node $node): void
    {
        if ($this->mark === Mark::Other && $this->note === '') {
            throw InvalidInput::because($node->path() . '/note', 'mark.what');
        }
    }

    public static function rule(): array
    {
        return ['if' => ['properties' => ['mark' => ['const' => 'other']]], 'then' => ['required' => ['note']]];
    }
}
