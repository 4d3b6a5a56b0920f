<?php

declare(strict_types=1);

namespace App\Reports;

/** PDFs by Debian's weasyprint. */
final class WeasyPrint implements PdfRenderer
{
    public function pdf(string $html): string
    {
        return Program::run(['weasyprint', '--quiet', '--encoding', 'utf-8', '-', '-'], $html);
    }
}
