<?php

declare(strict_types=1);

namespace App\Reports;

/** Makes a PDF of a page of HTML that needs nothing from anywhere else. */
interface PdfRenderer
{
    /**
     * @return string the PDF's bytes
     *
     * @throws RendererUnavailable where none can be made now
     */
    public function pdf(string $html): string;
}
