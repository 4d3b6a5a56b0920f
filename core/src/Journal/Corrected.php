<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** The sensor's axis was corrected: by screws or mirror spots the sensor itself, by an electronic zero only what it reports. */
final readonly class Corrected extends Line
{
    public const KIND = 'correction';

    /**
     * @param string               $way       "screws", "mirror spots" or "electronic"
     * @param array<string, float> $turns     screw → clockwise turns made
     * @param float                $azimuth   of an electronic zero, degrees; 0 otherwise
     * @param float                $elevation of an electronic zero, degrees; 0 otherwise
     * @param string|null          $to        what the tool was asked, where it stored a zero
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(['screws', 'mirror spots', 'electronic'])]
        public string $way,
        #[Members(new Number('', -100, 100))]
        public array $turns = [],
        #[Number('°', -45, 45)]
        public float $azimuth = 0.0,
        #[Number('°', -45, 45)]
        public float $elevation = 0.0,
        #[Text(null)]
        public ?string $to = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    /** Whether only what the sensor reports was changed. */
    public function isElectronic(): bool
    {
        return $this->way === 'electronic';
    }
}
