<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\Condition;
use Lumbro\Core\Catalogue\ShopRules\ConditionValue;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Floor\BodyPitch;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** How it stands with a precondition: what was answered, what the values say, and what an unmet one does to the result. */
final readonly class ConditionState
{
    /**
     * @param list<Message> $findings what is wrong with the values
     * @param Message|null $effect what it does to the axis at this car
     */
    private function __construct(
        public Condition $condition,
        public ?string $sensor,
        public ?ConditionAnswered $answer,
        public array $findings,
        public ?Message $effect,
    ) {}

    /** @param string|null $sensor the sensor it is asked for; null for the car */
    public static function of(Condition $condition, ?string $sensor, ?ConditionAnswered $answer, VehicleSheet $sheet): self
    {
        $findings = [];
        $raised = ['front' => 0.0, 'rear' => 0.0];
        $counted = ['front' => 0, 'rear' => 0];
        foreach ($condition->values as $value) {
            $typed = $answer->values[$value->id] ?? null;
            if ($typed === null) {
                continue;
            }
            $number = TypedNumber::read($typed);
            [$least, $most, $nominal] = self::limits($value, $sheet);
            $complaint = self::complaint($value, $number, $least, $most);
            if ($complaint !== null) {
                $findings[] = $complaint;
            }
            if ($value->axle !== null && isset($raised[$value->axle]) && $nominal !== null) {
                $raised[$value->axle] += ($number - $nominal) * $value->mmPerUnit;
                $counted[$value->axle]++;
            }
        }
        $front = $counted['front'] > 0 ? $raised['front'] / $counted['front'] : 0.0;
        $rear = $counted['rear'] > 0 ? $raised['rear'] / $counted['rear'] : 0.0;
        $unmet = $answer !== null && ! $answer->answer->isMet();
        if ($counted['front'] + $counted['rear'] === 0 && $unmet && $condition->sag !== null) {
            [$front, $rear] = [-$condition->sag['front'], -$condition->sag['rear']];
        }

        return new self($condition, $sensor, $answer, $findings, self::effect($front, $rear, $sheet));
    }

    /** Whether it is met: answered so, and no value against it. */
    public function isMet(): ?bool
    {
        return $this->answer === null ? null : $this->answer->answer->isMet() && $this->findings === [];
    }

    /**
     * What a value may be on this car.
     *
     * @return array{float|null, float|null, float|null} least, most, and what it should be
     */
    public static function limits(ConditionValue $value, VehicleSheet $sheet): array
    {
        $nominal = match ($value->against) {
            'placard-front' => $sheet->placard['front'] ?? null,
            'placard-rear' => $sheet->placard['rear'] ?? null,
            'ride-height-front' => $sheet->rideHeight['front'] ?? null,
            'ride-height-rear' => $sheet->rideHeight['rear'] ?? null,
            default => null,
        };
        if ($nominal === null || $value->within === null) {
            return [$value->least, $value->most, $nominal];
        }

        return [$nominal - $value->within, $nominal + $value->within, $nominal];
    }

    private static function complaint(ConditionValue $value, float $number, ?float $least, ?float $most): ?Message
    {
        // What a person types is no finer than this; a sum of binary fractions may be.
        $fine = 1e-9;
        $said = ['label' => $value->label, 'unit' => $value->unit, 'value' => Quantity::number($number)];

        return match (true) {
            $least !== null && $number < $least - $fine => Message::of('condition.too-low', [...$said, 'least' => Quantity::number($least)]),
            $most !== null && $number > $most + $fine => Message::of('condition.too-high', [...$said, 'most' => Quantity::number($most)]),
            default => null,
        };
    }

    private static function effect(float $front, float $rear, VehicleSheet $sheet): ?Message
    {
        $pitch = BodyPitch::degrees($front, 0.0, $rear, 0.0, $sheet->wheelbase);

        return abs($pitch) < 0.005 ? null : Message::of('condition.effect', ['pitch' => Quantity::degrees($pitch), 'nose' => $pitch > 0 ? 'up' : 'down', 'wheelbase' => Quantity::mm($sheet->wheelbase)]);
    }
}
