<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\CodeRule;
use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Message\Message;

/** A trouble code, what it means, and the rule that says so. */
final readonly class SortedCode
{
    private function __construct(public TroubleCode $code, public CodeSort $sort, public string|Message $why) {}

    /** @param list<CodeRule> $rules the first that speaks of the code decides: cards' rules before the shop's */
    public static function by(TroubleCode $code, array $rules): self
    {
        foreach ($rules as $rule) {
            if ($rule->covers($code)) {
                return new self($code, $rule->sort, $rule->why);
            }
        }

        return new self($code, CodeSort::Unsorted, Message::of('code.no-rule'));
    }
}
