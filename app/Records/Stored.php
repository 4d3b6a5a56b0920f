<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Measure\Node;

/** What the database keeps as JSON, put together for the core without being decoded twice. */
final class Stored
{
    /**
     * @param array<\stdClass> $rows id, person, recorded_at, kind and payload of each line, oldest first
     *
     * @return list<Node> the lines as records have them
     */
    public static function lines(array $rows): array
    {
        $lines = array_map(static fn(\stdClass $row): string => '{"id":' . self::text($row->id) . ',"person":' . self::text($row->person)
            . ',"at":' . self::text(Moment::read($row->recorded_at)) . ',"kind":' . self::text($row->kind) . ",\"payload\":$row->payload}", $rows);

        return Node::stored('[' . implode(',', $lines) . ']')->items();
    }

    public static function text(string $text): string
    {
        return json_encode($text, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
