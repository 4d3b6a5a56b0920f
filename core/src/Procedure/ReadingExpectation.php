<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

use Lumbro\Core\Measure\SlipGuard;

/** What the card lets expect of a reading, and the question to ask about one far outside it. */
final readonly class ReadingExpectation
{
    /** @param TaskContext $context card, sheet and school of the task */
    public function __construct(private TaskContext $context) {}

    /**
     * @param float       $millimetres the reading; left of the line is positive
     * @param string|null $datum       heights only: what it was read to
     *
     * @return string|null the question; null where there is nothing to ask
     */
    public function question(Call $call, string $typed, float $millimetres, ?string $datum): ?string
    {
        $expected = $this->context->school->expected()[$call->id] ?? null;
        if ($expected === null) {
            return null;
        }
        if ($datum !== null) {
            $card = $this->context->card;
            $expected = $card->target->convert($expected, $this->context->spot->heightDatum, $datum);
        }

        return SlipGuard::question($typed, $millimetres, $expected);
    }
}
