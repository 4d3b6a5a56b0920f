<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

/** The echo's level against what the card expects, and against this sensor type's earlier accepted tasks (maths, section 8). */
final readonly class EchoTrend
{
    /** Earlier tasks fewer than this say nothing. */
    private const FEWEST = 3;

    /** Far from expectation, where the card does not say how far, dB. */
    private const FAR = 6.0;

    /**
     * @param float|null $level    mean of the readings in this place, dB
     * @param float|null $expected dB, and what it rests on: "card", "earlier" or "nothing"
     * @param string     $verdict  "as-expected", "low", "high" or "nothing-expected"
     */
    private function __construct(public ?float $level, public ?float $expected, public string $from, public float $within, public string $verdict, public int $earlier, public ?float $earlierMean, public ?float $earlierSpread) {}

    /**
     * @param list<float>      $levels  of this place, dB
     * @param float|null       $card    what the card expects, dB; $within its half-width
     * @param list<float>      $earlier levels of earlier accepted tasks with the same card, dB
     */
    public static function of(array $levels, ?float $card, ?float $within, array $earlier): self
    {
        $level = $levels === [] ? null : array_sum($levels) / count($levels);
        $count = count($earlier);
        $mean = $count < self::FEWEST ? null : array_sum($earlier) / $count;
        $spread = $mean === null ? null : sqrt(array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $earlier)) / ($count - 1));
        [$expected, $from] = match (true) {
            $card !== null => [$card, 'card'],
            $mean !== null => [$mean, 'earlier'],
            default => [null, 'nothing'],
        };
        $far = $within ?? ($from === 'earlier' ? max(self::FAR / 2, 3 * (float) $spread) : self::FAR);
        $excess = $level === null || $expected === null ? null : $level - $expected;

        return new self(level: $level, expected: $expected, from: $from, within: $far, verdict: match (true) {
            $excess === null => 'nothing-expected',
            $excess < -$far => 'low',
            $excess > $far => 'high',
            default => 'as-expected',
        }, earlier: $count, earlierMean: $mean, earlierSpread: $spread);
    }

    /** By how much the level lies over what is expected, dB; null where nothing is known. */
    public function excess(): ?float
    {
        return $this->level === null || $this->expected === null ? null : $this->level - $this->expected;
    }
}
