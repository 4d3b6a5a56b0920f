<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

/** What is at hand to hold a seal against. */
final readonly class Witnesses
{
    /**
     * @param string|null                         $key  the shop's public key, as {@see Signature} writes keys
     * @param SealBook|null                       $book the shop's seal book
     * @param array{number: int, hash: string}|null $head one that was printed: the number of an entry, and its hash
     */
    public function __construct(public ?string $key = null, public ?SealBook $book = null, public ?array $head = null) {}
}
