<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Any other line of a record: an answer, a move, a release, a run. Only ever added.
 *
 * @property int    $version
 * @property string $kind
 * @property string $payload JSON
 * @property string $person
 * @property string $recorded_at
 */
final class RecordEvent extends Register
{
    protected $table = 'record_events';
}
