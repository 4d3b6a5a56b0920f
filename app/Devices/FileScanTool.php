<?php

declare(strict_types=1);

namespace App\Devices;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Codec\ToolLogDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Run\ToolReply;

/**
 * Any tool that can write what it did to a file (schemas, "tool-log"): the commands are given at the tool by hand, and
 * each one asked for here is answered by the next line of its kind.
 */
final readonly class FileScanTool implements ScanTool
{
    /** @var array<string, list<ToolReply>> command → answers in order */
    private array $answers;

    /** @var array<string, int> command → how often it was asked */
    private array $asked;

    /**
     * @param string      $log     JSON Lines
     * @param list<Line> $entries the task's record
     *
     * @throws InvalidInput where the log cannot be read
     */
    public function __construct(string $log, array $entries)
    {
        $answers = [];
        foreach (ToolLogDocument::read($log) as ['command' => $command, 'reply' => $reply]) {
            $answers[$command->value][] = $reply;
        }
        $this->answers = $answers;
        $asked = [];
        foreach ($entries as $entry) {
            if ($entry instanceof ToolAsked) {
                $asked[$entry->command->value] = ($asked[$entry->command->value] ?? 0) + 1;
            }
        }
        $this->asked = $asked;
    }

    public function name(): string
    {
        return 'Scan tool\'s session log';
    }

    public function ready(ToolCommand $command): void
    {
        if (! isset($this->answers[$command->value][$this->asked[$command->value] ?? 0])) {
            throw DeviceUnavailable::logEnded($command);
        }
    }

    public function ask(ToolAsked $asked): ToolReply
    {
        return $this->answers[$asked->command->value][($this->asked[$asked->command->value] ?? 1) - 1] ?? throw ConnectionLost::to($this->name());
    }

    public function outcome(ToolAsked $asked): ToolReply
    {
        return $this->ask($asked);
    }
}
