<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** The echo level with the plate in one of the card's positions. */
final readonly class LevelRead extends Line
{
    public const KIND = 'level';

    /** @param string $position of the card; $level dB */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $position,
        #[Number('dB', -300, 300)]
        public float $level,
    ) {
        parent::__construct($id, $person, $at);
    }
}
