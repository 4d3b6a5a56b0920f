<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A file that is being taken in, step by step; nothing of it counts before the last one.
 *
 * @property string      $user_id
 * @property string      $kind    "estimates" or "cards"
 * @property string      $name
 * @property string      $state   "reading", "ready", "refused" or "done"
 * @property int         $size
 * @property int         $place
 * @property int         $rows
 * @property int         $refused
 * @property string|null $heading JSON
 * @property string      $errors  JSON
 */
final class Import extends Register
{
    protected $table = 'imports';
}
