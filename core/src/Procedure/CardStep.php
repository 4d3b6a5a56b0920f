<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** One step of a card's procedure. */
final readonly class CardStep
{
    /**
     * @param list<string> $after   ids of the steps that come before it
     * @param float|null   $seconds how long it waits; null where it does not
     */
    public function __construct(public string $id, public string $text, public array $after, public ?float $seconds) {}
}
