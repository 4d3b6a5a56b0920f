<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A detail of the order: what the car is, what the estimate said, for when it is promised and from when it is free. */
final readonly class DetailNoted extends OrderLine implements Checked
{
    public const KIND = 'detail';

    /** Only a note may be longer, characters. */
    private const SHORT = 120;

    public const FIELDS = ['vehicle', 'plate', 'vin', 'note', 'promised', 'ready'];

    /** Those that are a day and an hour on the wall of the shop. */
    public const HOURS = ['promised', 'ready'];

    /** Takes a day and an hour back. */
    public const NONE = 'none';

    private const HOUR = '/^(\d{4})-(\d\d)-(\d\d)T([01]\d|2[0-3]):[0-5]\d$/D';

    /** @param string $field one of FIELDS; $value as typed; of HOURS such as "2026-11-28T16:00", or NONE */
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
        if (in_array($this->field, self::HOURS, true) && $this->value !== self::NONE
            && (preg_match(self::HOUR, $this->value, $found) !== 1 || ! checkdate((int) $found[2], (int) $found[3], (int) $found[1]))) {
            throw InvalidInput::because($node->path() . '/value', 'detail.no-hour');
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
