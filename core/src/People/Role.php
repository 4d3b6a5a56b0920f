<?php

declare(strict_types=1);

namespace Lumbro\Core\People;

/** What somebody is in the shop, and what they may therefore do. Everybody may read all of the shop's records. */
enum Role: string
{
    case Technician = 'technician';
    case Lead = 'lead';
    case Office = 'office';
    case Reader = 'reader';

    /** Whether somebody in this role may do that. */
    public function may(Act $act): bool
    {
        return match ($this) {
            self::Lead => true,
            self::Technician => in_array($act, [Act::Order, Act::Work, Act::Release, Act::Seal, Act::EnterCard, Act::CheckCard], true),
            self::Office => in_array($act, [Act::Order, Act::Share, Act::Archive], true),
            self::Reader => false,
        };
    }
}
