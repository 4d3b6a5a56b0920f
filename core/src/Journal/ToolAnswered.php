<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** What the scan tool answered to something it was asked, or that it gave no answer. */
final readonly class ToolAnswered extends Line
{
    /** "done"; "failed" where it says so itself; "lost" where no answer came; "nonsense" where none could be made of it; "never-sent" where it had not got it. */
    public const OUTCOMES = ['done', 'failed', 'lost', 'nonsense', 'never-sent'];

    /**
     * @param string                      $to      id of what it was asked
     * @param string                      $outcome one of OUTCOMES
     * @param string                      $message the tool's own words
     * @param array<string, float|string> $values  what it told: volts, dB, degrees, or text
     * @param list<string>                $codes   trouble codes it told, or that came of a run
     * @param bool                        $wiped   the sensor's stored axis is not valid any more
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $to,
        public string $outcome,
        public string $message,
        public array $values = [],
        public array $codes = [],
        public bool $wiped = false,
    ) {
        parent::__construct($id, $person, $at);
    }
}
