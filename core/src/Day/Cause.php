<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** One thing that is otherwise than when the plan was told. */
final readonly class Cause
{
    public const KINDS = ['longer', 'behind', 'otherwise', 'again', 'dropped', 'came', 'left', 'promised', 'ready', 'hours', 'kit', 'pin', 'place', 'asked'];

    /**
     * @param string      $kind    one of KINDS
     * @param string|null $car     it is about
     * @param string|null $stage   it is about, by its id
     * @param string|null $who     person or unit of the kit it is about; of "asked" somebody's name
     * @param int|null    $minutes of delay, where there is one
     */
    public function __construct(public string $kind, public ?string $car = null, public ?string $stage = null, public ?string $who = null, public ?int $minutes = null) {}
}
