<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

/** A repair order that somebody can say where it stands of: its journal, or what holds one. */
interface OrderStanding
{
    /** Where the order stands. */
    public function state(): OrderState;
}
