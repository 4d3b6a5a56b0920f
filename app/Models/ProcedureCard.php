<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A procedure for one sensor, as a document.
 *
 * @property string $name
 */
final class ProcedureCard extends Register
{
    protected $table = 'procedure_cards';
}
