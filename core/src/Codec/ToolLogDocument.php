<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Run\ToolReply;

/** Reads a scan tool's session log: JSON Lines, one command with its outcome each, in order (schemas, "tool-log"). */
final class ToolLogDocument
{
    /** A session longer than this is none. */
    private const MOST = 2_000;

    /**
     * @param string $text UTF-8; empty lines are passed over
     *
     * @return list<array{at: string, command: ToolCommand, reply: ToolReply}>
     *
     * @throws InvalidInput naming the line, and the field that is missing, unknown or wrong
     */
    public static function read(string $text): array
    {
        $read = [];
        foreach (preg_split('/\r?\n/', trim($text)) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            if (count($read) >= self::MOST) {
                throw InvalidInput::because('', 'tool-log.too-long', ['most' => self::MOST]);
            }
            try {
                $read[] = self::line(Node::parse($line));
            } catch (InvalidInput $wrong) {
                throw InvalidInput::because('/' . $i . ($wrong->path() ?? ''), 'tool-log.line', ['line' => $i + 1, 'why' => $wrong->said]);
            }
        }
        if ($read === []) {
            throw InvalidInput::because('', 'tool-log.empty');
        }

        return $read;
    }

    /** @return array{at: string, command: ToolCommand, reply: ToolReply} */
    private static function line(Node $node): array
    {
        $f = $node->fields(['at', 'command', 'outcome', 'message'], ['azimuth', 'elevation', 'values', 'codes', 'wiped']);
        $values = [];
        foreach (isset($f['values']) ? $f['values']->members() : [] as $name => $value) {
            $values[(string) $name] = is_string($value->raw()) ? $value->line(200) : $value->number();
        }

        return ['at' => $f['at']->line(40), 'command' => ToolCommand::from($f['command']->oneOf(array_column(ToolCommand::cases(), 'value'))), 'reply' => new ToolReply(
            $f['outcome']->oneOf(array_values(array_diff(ToolAnswered::OUTCOMES, ['lost']))),
            $f['message']->line(300),
            $values,
            isset($f['codes']) ? array_map(static fn(Node $code): string => $code->line(20), $f['codes']->fewItems(50)) : [],
            isset($f['wiped']) && $f['wiped']->flag(),
            isset($f['azimuth']) ? $f['azimuth']->number() : null,
            isset($f['elevation']) ? $f['elevation']->number() : null,
        )];
    }
}
