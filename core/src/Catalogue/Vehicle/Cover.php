<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Message\Message;

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

    /** What it is called. */
    public function said(): Message
    {
        return Message::of('cover.' . $this->value);
    }
}
