<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedOutcome;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Message\Message;

/** Why a sensor is owed a calibration, or not, or why nobody knows yet: one operation and the rule that spoke of it. */
final readonly class OwedReason
{
    /**
     * @param string|Message $source   whose rule it is
     * @param string|Message|null $question still to be asked
     * @param bool              $canAnswer whether the question takes a plain yes or no
     * @param OwedAnswered|null $answer   what somebody said to it
     */
    public function __construct(
        public Operation $operation,
        public OwedOutcome $outcome,
        public string|Message $source,
        public string|Message|null $question = null,
        public bool $canAnswer = false,
        public ?OwedAnswered $answer = null,
    ) {}
}
