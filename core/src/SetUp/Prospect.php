<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

/** What a way of measuring would come to, known before anything is read. */
final readonly class Prospect
{
    /**
     * @param string|null                                                           $school   null for the cheapest of all ways
     * @param non-empty-list<string>                                                $schools  to choose for it
     * @param list<string>                                                          $alone    the readings that the school itself asks for
     * @param array<string, array{uncertainty: float|null, bearable: float|null}>    $respects respect → standard uncertainty by these, and what would hold: mm or degrees
     * @param array<string, array{hidden: float|null, limit: float}>                 $axes     axis → what one slip could do to it unseen by these, degrees
     * @param list<string>|null                                                     $whole    the cheapest set of them and others that proves it, in the order of work; null where none does
     * @param float                                                                 $minutes  of that set, or of the school's own where none proves it
     */
    public function __construct(
        public ?string $school,
        public array $schools,
        public array $alone,
        public array $respects,
        public array $axes,
        public ?array $whole,
        public float $minutes,
    ) {}

    /** Whether the school's own readings would prove the set-up. */
    public function provesAlone(): bool
    {
        return $this->school !== null && $this->lacking() === [] && $this->hiding() === [];
    }

    /** @return list<string> respects that it does not know well enough */
    public function lacking(): array
    {
        return array_keys(array_filter($this->respects, static fn(array $reach): bool => $reach['uncertainty'] === null || ($reach['bearable'] !== null && $reach['uncertainty'] > $reach['bearable'])));
    }

    /** @return list<string> axes that a slip could bend unseen */
    public function hiding(): array
    {
        return array_keys(array_filter($this->axes, static fn(array $reach): bool => $reach['hidden'] === null || $reach['hidden'] > $reach['limit']));
    }
}
