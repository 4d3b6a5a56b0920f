<?php

declare(strict_types=1);

namespace App\Signing;

use Lumbro\Core\Measure\Node;

/** The service that keeps the shops' keys: a port, so that nothing else knows where it is. */
interface Signer
{
    /**
     * Asks it to do something for a shop.
     *
     * @param string                                 $do    entries, earlier, record or archive
     * @param array{number: int, hash: string}|null  $known the last entry of the shop's book as it is known here
     * @param array<string, mixed>                   $with  after; seals; record; content
     *
     * @return Node what it answers
     *
     * @throws NotSigned where it cannot be reached, or will not
     */
    public function ask(string $do, string $shop, ?array $known, array $with): Node;
}
