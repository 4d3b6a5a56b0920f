<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** One run of the sensor's routine and what it answered: degrees as the tool reports them, level in dB. */
final readonly class RunMade extends Line
{
    public const KIND = 'run';

    /**
     * @param float         $azimuth   degrees, as the tool reports it
     * @param float         $elevation degrees, as the tool reports it
     * @param float         $echoLevel dB; null where the tool shows none
     * @param string        $message   the tool's own words; a message, no proof
     * @param string|null   $tool      id of the scan tool in the kit register whose screen it was typed from
     * @param array{azimuth: float, elevation: float}|null $shown the same with the tool's own signs, where they are others
     * @param string|null   $to        what the tool was asked; null where a person typed what it shows
     * @param Reliance|null $reliedOn  the verdicts the run was made on; null in records older than that
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Number('°')]
        public float $azimuth,
        #[Number('°')]
        public float $elevation,
        #[Number('dB')]
        public ?float $echoLevel,
        #[SaidText(null)]
        public string|Message $message,
        #[Part(Reliance::class)]
        public ?Reliance $reliedOn = null,
        #[Text(null)]
        public ?string $to = null,
        #[Text(60)]
        public ?string $tool = null,
        #[Row(['azimuth' => new Number('°'), 'elevation' => new Number('°')])]
        public ?array $shown = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
