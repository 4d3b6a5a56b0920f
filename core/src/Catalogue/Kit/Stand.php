<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Tagged;
use Lumbro\Core\Fields\Text;

/** A target stand, with where its drawing puts the target: mm in the stand's frame. */
#[Tagged('sort', 'stand')]
final readonly class Stand
{
    /** Half the width is for the drawing. */
    public function __construct(
        #[Id]
        public string $id,
        #[Text(120)]
        public string $name,
        #[Number('mm', -5_000, 5_000)]
        public float $targetAhead,
        #[Number('mm', -5_000, 5_000)]
        public float $targetLeft,
        #[Number('mm', 1, 5_000)]
        public float $halfWidth,
        #[Inline(Check::class)]
        public Check $check,
        #[Text]
        public string $note = '',
    ) {}
}
