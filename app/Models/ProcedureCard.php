<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One version of a procedure card, as a document.
 *
 * @property string      $name
 * @property string      $document JSON
 * @property string      $family   shared by all versions of one card
 * @property int         $version
 * @property bool        $newest
 * @property string|null $entered_by
 * @property string|null $checked_by
 */
final class ProcedureCard extends Register
{
    protected $table = 'procedure_cards';

    /** @var array<string, string> */
    protected $casts = ['newest' => 'boolean'];
}
