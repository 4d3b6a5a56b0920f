<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Measure\SlipGuard;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;

/** What the card lets expect of a reading, and the question to ask about one far outside it. */
final readonly class ReadingExpectation
{
    /** A stand is not set up further askew than this, degrees. */
    private const TURN = 10.0;

    /**
     * @param TaskContext   $context card and sheet of the task
     * @param MeasuringPlan $plan    how it is measured
     */
    public function __construct(private TaskContext $context, private MeasuringPlan $plan) {}

    /**
     * @param float       $value the reading, mm or degrees; left of the line is positive
     * @param string|null $datum       heights only: what it was read to
     *
     * @return string|null the question; null where there is nothing to ask
     */
    public function question(Call $call, string $typed, float $value, ?string $datum): ?string
    {
        $expected = $this->plan->expected($call);
        if ($call->reads === Reads::Turn) {
            return abs($value - $expected) <= self::TURN ? null : sprintf('“%s” is %.1f°, and about %.1f° is expected here. Look at it once more.', mb_strimwidth(trim($typed), 0, 60, '…'), abs($value), abs($expected));
        }
        if ($datum !== null) {
            $card = $this->context->card;
            $expected = $card->target->convert($expected, $this->context->spot->heightDatum, $datum);
        }

        return SlipGuard::question($typed, $value, $expected);
    }
}
