<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A detail of the order: what the car is, and what the estimate said. */
final readonly class DetailNoted extends OrderLine implements Checked
{
    public const KIND = 'detail';

    /** Only a note may be longer, characters. */
    private const SHORT = 120;

    public const FIELDS = ['vehicle', 'plate', 'vin', 'note'];

    /** @param string $field one of FIELDS; $value as typed */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(self::FIELDS)]
        public string $field,
        #[Text(2_000)]
        public string $value,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "detail $this->field";
    }

    public function check(Node $node): void
    {
        if ($this->field !== 'note' && mb_strlen($this->value) > self::SHORT) {
            throw InvalidInput::because($node->path() . '/value', 'input.too-long', ['most' => self::SHORT, 'count' => mb_strlen($this->value)]);
        }
        if ($this->field === 'vin') {
            Vin::fromText($this->value, $node->path() . '/value');
        }
    }

    public static function rule(): array
    {
        return ['if' => ['properties' => ['field' => ['const' => 'note']]], 'else' => ['properties' => ['value' => ['maxLength' => self::SHORT]]]];
    }
}
