<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Message\Message;

/** Where a bumper cover is: off the car, or on it. */
final readonly class CoverNoted extends OrderLine
{
    public const KIND = 'cover';

    /** @param list<string|Message> $missed what had not been captured when it went back on, and was let go knowingly */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(Cover::class)]
        public Cover $cover,
        #[Flag]
        public bool $off,
        #[ListOf(new SaidText(200), 100)]
        public array $missed = [],
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'cover ' . $this->cover->value;
    }
}
