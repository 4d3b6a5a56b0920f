<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Message\Message;

/** Where somebody can look who does not take an order's word for it. */
enum Place: string
{
    case FrontPaint = 'front-paint';
    case RearPaint = 'rear-paint';
    case BehindFront = 'behind-front';
    case BehindRear = 'behind-rear';
    case Around = 'around';
    case Underneath = 'underneath';
    case Papers = 'papers';
    case Scan = 'scan';

    /** What is done there. */
    public function said(): Message
    {
        return Message::of("place.$this->value");
    }

    /** The cover that must be off for it; null where none must. */
    public function behind(): ?Cover
    {
        return match ($this) {
            self::BehindFront => Cover::Front,
            self::BehindRear => Cover::Rear,
            default => null,
        };
    }

    /** The cover whose paint is measured there; null where none is. */
    public function paint(): ?Cover
    {
        return match ($this) {
            self::FrontPaint => Cover::Front,
            self::RearPaint => Cover::Rear,
            default => null,
        };
    }

    /** Where an operation shows that was done to a car. */
    public static function of(Operation $operation, VehicleSheet $sheet): self
    {
        $cover = $operation->sensor === null ? null : $sheet->sensor($operation->sensor)?->cover();

        return match (true) {
            in_array($operation->code, ['trouble-code', 'complaint', 'wheel-alignment', 'windscreen-replaced', 'battery-disconnected'], true) => self::Papers,
            $operation->code === 'front-cover-painted' => self::FrontPaint,
            $operation->code === 'rear-cover-painted' => self::RearPaint,
            in_array($operation->code, ['suspension-work', 'ride-height-changed', 'tow-bar-fitted'], true) => self::Underneath,
            $cover === Cover::Front => self::BehindFront,
            $cover === Cover::Rear => self::BehindRear,
            default => self::Around,
        };
    }
}
