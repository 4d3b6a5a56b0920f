<?php

declare(strict_types=1);

namespace App\Records;

use Lumbro\Core\Measure\Node;

/** What the database keeps, as the core reads it. */
final class Stored
{
    /**
     * @param \stdClass $row id, person, recorded_at, kind and payload of a line
     *
     * @return array{kind: string, id: string, person: string, at: string, payload: Node}
     */
    public static function line(\stdClass $row): array
    {
        return ['kind' => $row->kind, 'id' => $row->id, 'person' => $row->person, 'at' => Moment::read($row->recorded_at), 'payload' => Node::stored($row->payload)];
    }

    /** What JSON says, objects as stdClass. */
    public static function decoded(string $json): mixed
    {
        return json_decode($json, false, 64, JSON_THROW_ON_ERROR);
    }
}
