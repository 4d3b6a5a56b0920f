<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

/** A target stand, with where its drawing puts the target: mm in the stand's frame. */
final readonly class Stand
{
    /** Half the width is for the drawing. */
    public function __construct(
        public string $id,
        public string $name,
        public float $targetAhead,
        public float $targetLeft,
        public float $halfWidth,
        public Check $check,
        public string $note = '',
    ) {}
}
