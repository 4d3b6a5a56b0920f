<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Str;

/** How a line for a task's record is sent, under an id of its own. */
final class Lines
{
    /** What is sent to the task itself: no lines, or such that come of a file or a device. */
    private const OWN_ADDRESS = ['seal', 'poses', 'tool-outcome'];

    /**
     * @param string               $kind of a line, or one of OWN_ADDRESS
     * @param array<string, mixed> $body what it carries; "id", "version", "confirmed", "orderVersion" and "waited" beside it
     *
     * @return array{string, array<string, mixed>} address and document
     */
    public static function request(string $task, string $kind, int $version, array $body): array
    {
        $head = ['id' => (string) Str::uuid7(), 'version' => $version];
        if (in_array($kind, self::OWN_ADDRESS, true)) {
            return ["/api/tasks/$task/$kind", [...$head, ...$body]];
        }
        $beside = array_flip(['id', 'version', 'confirmed', 'orderVersion', 'waited']);

        return ['/api/lines', [...$head, 'task' => $task, 'kind' => $kind, 'payload' => (object) array_diff_key($body, $beside), ...array_intersect_key($body, $beside)]];
    }
}
