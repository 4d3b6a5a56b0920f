<?php

declare(strict_types=1);

namespace App\Queue;

/** What takes long enough to be queued, and how much of the machine one of it may have. */
enum Kind: string
{
    case Report = 'report';
    case Photo = 'photo';
    case Drawing = 'drawing';
    case Track = 'track';
    case Archive = 'archive';
    case Stance = 'stance';
    case Page = 'page';
    case Table = 'table';
    case Plan = 'plan';

    /** @return float seconds after which a worker gives it up */
    public function seconds(): float
    {
        return (float) config('lumbro.chore-seconds');
    }

    /** @return int megabytes of memory */
    public function megabytes(): int
    {
        return match ($this) {
            self::Archive, self::Track => 768,
            self::Photo, self::Drawing => 512,
            default => 256,
        };
    }
}
