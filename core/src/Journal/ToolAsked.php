<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Text;

/** The scan tool was asked something: recorded before it is sent, so that a lost answer leaves a trace. */
final readonly class ToolAsked extends Line
{
    public const KIND = 'asked';

    /**
     * @param string|null                $step   of the card's procedure that it belongs to
     * @param array<string, float|string> $values what was sent along: degrees, or text
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(ToolCommand::class)]
        public ToolCommand $command,
        #[Text(null)]
        public ?string $step = null,
        #[Members(new Figure())]
        public array $values = [],
    ) {
        parent::__construct($id, $person, $at);
    }
}
