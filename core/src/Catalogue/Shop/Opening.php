<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Hour;
use Lumbro\Core\Fields\Whole;
use Lumbro\Core\Measure\Node;

/** A stretch of one weekday in which work is done; a pause lies between two of them. */
final readonly class Opening implements Checked
{
    /** @param int $day 1 for Monday to 7 for Sunday; $from and $to on the wall of the shop */
    public function __construct(
        #[Whole(1, 7)]
        public int $day,
        #[Hour]
        public string $from,
        #[Hour]
        public string $to,
    ) {}

    /** @return array{int, int} minutes of the day */
    public function minutes(): array
    {
        return [self::minute($this->from), self::minute($this->to)];
    }

    public function check(Node $node): void
    {
        if ($this->to <= $this->from) {
            throw InvalidInput::because($node->path() . '/to', 'day.ends-first', ['from' => $this->from]);
        }
    }

    public static function rule(): array
    {
        return [];
    }

    private static function minute(string $hour): int
    {
        return 60 * (int) substr($hour, 0, 2) + (int) substr($hour, 3);
    }
}
