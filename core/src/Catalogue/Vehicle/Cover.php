<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

/** A bumper cover that sensors sit behind. */
enum Cover: string
{
    case Front = 'front';
    case Rear = 'rear';

    /** The cover that is in the way of a sensor; null where none is. */
    public static function before(string $behind): ?self
    {
        return match ($behind) {
            'front-cover', 'front-badge', 'grille' => self::Front,
            'rear-cover' => self::Rear,
            default => null,
        };
    }

    /** In the trade's words. */
    public function words(): string
    {
        return $this->value . ' bumper cover';
    }
}
