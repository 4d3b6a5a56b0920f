<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** What the scan tool answered to something it was asked, or that it gave no answer. */
final readonly class ToolAnswered extends Line
{
    public const KIND = 'answered';

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
        #[Text(null)]
        public string $to,
        #[Choice(self::OUTCOMES)]
        public string $outcome,
        #[SaidText(null)]
        public string|Message $message,
        #[Members(new Figure())]
        public array $values = [],
        #[ListOf(new Text(null))]
        public array $codes = [],
        #[Flag]
        public bool $wiped = false,
    ) {
        parent::__construct($id, $person, $at);
    }
}
