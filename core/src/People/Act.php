<?php

declare(strict_types=1);

namespace Lumbro\Core\People;

use Lumbro\Core\Message\Message;

/** Something a person does in the shop that not everybody may. */
enum Act: string
{
    /** Opens orders, takes in estimates, and notes what was done, said, captured, scanned, driven. */
    case Order = 'order';

    /** Reads, moves, runs and corrects at a car. */
    case Work = 'work';

    /** Lets one run go ahead although it is barred. */
    case Release = 'release';

    /** Seals the record of a sensor that is proven or sent back. */
    case Seal = 'seal';

    /** Hands a car over with something unproven or open. */
    case HandOver = 'hand-over';

    /** Opens a sealed record again. */
    case Reopen = 'reopen';

    /** Checks a procedure card that somebody else entered. */
    case CheckCard = 'check-card';

    /** Enters procedure cards and vehicle sheets. */
    case EnterCard = 'enter-card';

    /** Keeps the kit, the bays and the shop's tables, and takes in registers from files. */
    case Register = 'register';

    /** Gives an outside reader a link to an order's report, and takes it back. */
    case Share = 'share';

    /** Takes in another installation's archive. */
    case Archive = 'archive';

    /** Makes practice cars, sets them to people and sees how they do. */
    case Train = 'train';

    /** Lets people in, gives them their role and shuts them out. */
    case People = 'people';

    /** Why somebody who may not is refused. */
    public function refusal(): Message
    {
        return Message::of("may-not.$this->value");
    }
}
