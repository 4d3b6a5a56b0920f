<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** Sorts trouble codes: of a unit, by a pattern in which * stands for anything. */
final readonly class CodeRule
{
    /** @param string $unit "*" for any */
    public function __construct(public string $unit, public string $code, public CodeSort $sort, public string $why) {}

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
