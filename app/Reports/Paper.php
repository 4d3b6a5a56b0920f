<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Shop;
use Lumbro\Words\Words;

/** What a report says, in its shop's language, unit and time zone. */
final readonly class Paper
{
    private function __construct(public Words $words, public string $zone, public string $size) {}

    public static function of(Shop $shop): self
    {
        return new self(new Words($shop->reader()), $shop->zone, $shop->paper);
    }

    /** @param array<string, mixed> $with */
    public function say(string $code, array $with = []): string
    {
        return $this->words->of($code, $with);
    }

    /** A length, mm. */
    public function length(float $value, int $digits = 1): string
    {
        return $this->words->quantities->length($value, $digits);
    }

    public function degrees(float $value): string
    {
        return $this->words->quantities->degrees($value);
    }

    /** A size with its unit, "mm" or "degrees". */
    public function size(float $value, string $unit): string
    {
        return $unit === 'mm' ? $this->length($value) : $this->degrees($value);
    }

    /** How far something may be off: never more than what is meant. */
    public function limit(float $value, string $unit): string
    {
        return $unit === 'mm' ? $this->words->quantities->limit($value) : $this->degrees($value);
    }

    /** A size with the side it lies to; none where it shows as nothing. */
    public function off(float $value, string $unit, string $direction): string
    {
        $size = $this->size($value, $unit);

        return preg_match('/[1-9]/', $size) === 1 ? "$size $direction" : $size;
    }

    public function chance(?float $probability): string
    {
        return $probability === null ? '' : $this->words->chance($probability);
    }

    public function decimal(float $value): string
    {
        return $this->words->quantities->decimal($value, 1);
    }

    /** A moment on paper, which is read in other places too: with its zone. */
    public function moment(?string $iso): string
    {
        return $iso === null ? '' : $this->words->quantities->moment($iso) . ' ' . (new \DateTimeImmutable($iso))->setTimezone(new \DateTimeZone($this->zone))->format('T');
    }

    public function verdict(?string $verdict): string
    {
        return $this->words->of('verdict.' . ($verdict ?? 'not-measured'));
    }

    /** @param string|null $reason why a decision is unproven */
    public function reason(?string $reason): string
    {
        return $reason === null ? '' : $this->words->of("unproven.$reason");
    }
}
