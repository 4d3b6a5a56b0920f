<?php

declare(strict_types=1);

namespace App\Reports;

/** What draws a page or a code is missing or failed: the report itself is whole, and can be printed from the browser. */
final class RendererUnavailable extends \RuntimeException
{
    public static function because(string $program, string $said): self
    {
        return new self(sprintf('%s did not do its work: %s', $program, trim($said) === '' ? 'it said nothing.' : trim($said)));
    }
}
