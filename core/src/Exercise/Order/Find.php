<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Message\Message;

/** Something that is seen where somebody looks, and the line it comes to in the order. */
final readonly class Find
{
    /**
     * @param string|null          $kind    of the line; null where it is no matter for the order
     * @param array<string, mixed> $payload of the line
     * @param bool                 $isNoted whether the order has it
     */
    public function __construct(public Message $says, public ?string $kind = null, public array $payload = [], public bool $isNoted = false) {}
}
