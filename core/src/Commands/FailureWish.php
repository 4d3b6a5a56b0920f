<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** What the tool shows of a routine that came to nothing. */
final readonly class FailureWish
{
    /**
     * As it is typed.
     *
     * @param list<string> $codes
     */
    public function __construct(
        #[Text(300)]
        public string $message,
        #[ListOf(new Text(20), 20)]
        public array $codes = [],
        #[Text(60)]
        public ?string $tool = null,
    ) {}
}
