<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;

/** Sorts trouble codes: of a unit, by a pattern in which * stands for anything. */
final readonly class CodeRule
{
    /** @param string $unit "*" for any */
    public function __construct(
        #[Text(60)]
        public string $unit,
        #[Text(60)]
        public string $code,
        #[Choice(CodeSort::class, ['blocking', 'related', 'expected-before', 'unrelated'])]
        public CodeSort $sort,
        #[Text]
        public string $why,
    ) {}

    /** Whether it speaks of this code. */
    public function covers(TroubleCode $code): bool
    {
        return self::fits($this->unit, $code->unit) && self::fits($this->code, $code->code);
    }

    private static function fits(string $pattern, string $text): bool
    {
        return preg_match('/^' . str_replace('\*', '.*', preg_quote($pattern, '/')) . '$/isu', $text) === 1;
    }
}
