<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** What the set-up is measured with, and the stand whose drawing places the target on it (mm in the stand's frame). */
final readonly class Kit
{
    /** How far a rule reads of which nobody said, mm. */
    private const SHORT = 300.0;

    /**
     * @param float $targetAhead of the stand's origin, mm
     * @param float $targetLeft  of the stand's axis, mm
     * @param list<MeasuringInstrument> $rules all that are in order, the first among them
     * @param array<string, Lesson>     $lessons instrument → what its own readings taught
     * @param array<string, list<MeasuringInstrument>> $all "tape", "rule" and "staff" → every one there is
     */
    public function __construct(
        public MeasuringInstrument $tape,
        public MeasuringInstrument $rule,
        public MeasuringInstrument $staff,
        public string $stand,
        public float $targetAhead,
        public float $targetLeft,
        /** half the stand's width, for the drawing */
        public float $halfWidth,
        public array $rules = [],
        public array $lessons = [],
        public array $all = [],
    ) {}

    /** What an instrument is: "tape", "rule" or "staff"; null where the kit has none of this id. */
    public function kindOf(string $instrument): ?string
    {
        foreach ($this->all as $kind => $known) {
            if (in_array($instrument, array_column($known, 'id'), true)) {
                return $kind;
            }
        }

        return null;
    }

    /** Whether an instrument reads so far, mm; a rule of which nobody said is a short one. */
    public function reaches(MeasuringInstrument $instrument, float $length): bool
    {
        return ($instrument->reach ?? ($this->kindOf($instrument->id) === 'rule' ? self::SHORT : INF)) >= $length;
    }

    /** One of the kit; null where it has none of this id. */
    public function instrument(string $id): ?MeasuringInstrument
    {
        foreach (array_merge(...array_values($this->all)) as $known) {
            if ($known->id === $id) {
                return $known;
            }
        }

        return null;
    }

    /** How many times the stated uncertainty an instrument's own readings scatter; 1 where they taught nothing. */
    public function factor(MeasuringInstrument $instrument): float
    {
        return ($this->lessons[$instrument->id] ?? null)->factor ?? 1.0;
    }

    /** The same with the target on an arm, mm left of the stand's axis in the stand's own sense. */
    public function withTargetLeft(float $left): self
    {
        return new self($this->tape, $this->rule, $this->staff, $this->stand, $this->targetAhead, $left, halfWidth: $this->halfWidth, rules: $this->rules, lessons: $this->lessons, all: $this->all);
    }

    /** The longest rule beside the usual one; null where there is none. */
    public function longRule(): ?MeasuringInstrument
    {
        $longest = null;
        foreach ($this->rules as $rule) {
            if ($rule->id !== $this->rule->id && ($rule->reach ?? self::SHORT) > ($longest->reach ?? 0.0)) {
                $longest = $rule;
            }
        }

        return $longest;
    }

    /** Whichever of both reads so far, mm, the shorter one first; null where none does. One whose reach nobody said is taken for a short one. */
    public function ruleReaching(float $length): ?MeasuringInstrument
    {
        $found = null;
        foreach (array_filter([$this->rule, $this->longRule()]) as $rule) {
            $reach = $rule->reach ?? self::SHORT;
            if ($reach >= $length && ($found === null || $reach < ($found->reach ?? self::SHORT))) {
                $found = $rule;
            }
        }

        return $found;
    }
}
