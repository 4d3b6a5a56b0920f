<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** Something taken down while the cover is off, or the reason why it cannot be had. */
final readonly class Captured extends OrderLine implements Checked
{
    public const KIND = 'capture';

    /**
     * @param string      $value  as typed; empty where it cannot be had
     * @param string|null $word   who looked, where it was not the one who wrote it down
     * @param string|null $reason why it cannot be had
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Id]
        public string $sensor,
        #[Id]
        public string $item,
        #[Text(120)]
        public string $value = '',
        #[Text(80)]
        public ?string $word = null,
        #[Text(300)]
        public ?string $reason = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "capture $this->sensor $this->item";
    }

    public function check(Node $node): void
    {
        if (($this->value === '') === ($this->reason === null)) {
            throw InvalidInput::because($node->path() . '/value', 'capture.value-or-reason');
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
