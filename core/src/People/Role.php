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

    /** In a sentence, for whoever gives the role. */
    public function words(): string
    {
        return match ($this) {
            self::Technician => 'works on cars, checks cards, seals what is proven',
            self::Lead => 'all of that; enters cards, keeps kit and bays, hands over, reopens, keeps the people',
            self::Office => 'opens orders, notes what was done, shares reports; no work at the car',
            self::Reader => 'reads everything and writes nothing',
        };
    }

    /** Whether somebody in this role may do that. */
    public function may(Act $act): bool
    {
        return match ($this) {
            self::Lead => true,
            self::Technician => in_array($act, [Act::Order, Act::Work, Act::Release, Act::Seal, Act::CheckCard], true),
            self::Office => in_array($act, [Act::Order, Act::Share, Act::Archive], true),
            self::Reader => false,
        };
    }
}
