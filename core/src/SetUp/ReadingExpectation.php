<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\SlipGuard;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;

/** What the card lets expect of a reading, and the question to ask about one far outside it. */
final readonly class ReadingExpectation
{
    /** A stand is not set up further askew than this, degrees. */
    private const TURN = 10.0;

    /** A target that is set up by eye is about this far off in height, mm. */
    private const PLACE = 15.0;

    /**
     * @param TaskContext   $context card and sheet of the task
     * @param MeasuringPlan $plan    how it is measured
     */
    public function __construct(private TaskContext $context, private MeasuringPlan $plan) {}

    /** A height that would be just right had it been read to another place of the target's drawing. */
    private function otherPlace(string $typed, float $value, float $expected, string $datum): ?Message
    {
        $heights = $this->context->card->target->heights;
        foreach ($this->context->rules->isInSpace() ? $heights : [] as $place => $height) {
            $apart = $height - $heights[$datum];
            if (abs($apart) > 2 * self::PLACE && abs($value - $expected - $apart) <= self::PLACE) {
                return Message::of('reading.other-place', ['typed' => InvalidInput::short($typed), 'datum' => $datum, 'place' => (string) $place, 'off' => Quantity::mm(abs($value - $expected))]);
            }
        }

        return null;
    }

    /**
     * @param float       $value the reading, mm or degrees; left of the line is positive
     * @param string|null $datum       heights only: what it was read to
     *
     * @return Message|null the question; null where there is nothing to ask
     */
    public function question(Call $call, string $typed, float $value, ?string $datum): ?Message
    {
        $expected = $this->plan->expected($call);
        if ($call->reads === Reads::Turn) {
            return abs($value - $expected) <= self::TURN ? null : Message::of('reading.turn-far-off', ['typed' => InvalidInput::short($typed), 'value' => Quantity::degrees($value, 1), 'expected' => Quantity::degrees($expected, 1)]);
        }
        if ($datum !== null) {
            $card = $this->context->card;
            $expected = $card->target->convert($expected, $this->context->spot->heightDatum, $datum);
        }

        return SlipGuard::question($typed, $value, $expected) ?? ($datum === null ? null : $this->otherPlace($typed, $value, $expected, $datum));
    }
}
