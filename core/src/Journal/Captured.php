<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** Something taken down while the cover is off, or the reason why it cannot be had. */
final readonly class Captured extends OrderLine
{
    /**
     * @param string      $value  as typed; empty where it cannot be had
     * @param string|null $word   who looked, where it was not the one who wrote it down
     * @param string|null $reason why it cannot be had
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $sensor,
        public string $item,
        public string $value,
        public ?string $word = null,
        public ?string $reason = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "capture $this->sensor $this->item";
    }
}
