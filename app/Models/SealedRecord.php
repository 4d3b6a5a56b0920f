<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A closed task's record in its canonical form, with its seal. Only ever added.
 *
 * @property string $record
 * @property string $hash
 * @property string $sealed_at
 * @property int    $revision
 */
final class SealedRecord extends Register
{
    protected $table = 'sealed_records';
}
