<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** Words of an estimate that stand for an operation. */
final readonly class Phrase
{
    /** @param list<string> $words all of which the line has, in any order and case */
    public function __construct(
        #[ListOf(new Text(60), none: 'rules.no-word')]
        public array $words,
        #[OperationText(80)]
        public string $operation,
    ) {}

    /** Whether a line of an estimate has all the words. */
    public function isIn(string $line): bool
    {
        $line = mb_strtolower($line);
        foreach ($this->words as $word) {
            if (! str_contains($line, mb_strtolower($word))) {
                return false;
            }
        }

        return true;
    }
}
