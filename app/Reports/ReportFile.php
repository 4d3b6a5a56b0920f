<?php

declare(strict_types=1);

namespace App\Reports;

use App\Records\Kept;
use App\Records\Moment;
use App\Records\OrderFile;

/** A report as a PDF, made once for all that it shows: seals, language, unit, time zone and paper among it. */
final readonly class ReportFile
{
    public function __construct(private OrderReport $report, private PdfRenderer $renderer) {}

    /** @throws RendererUnavailable where none can be made now */
    public function of(OrderFile $file, ReportKind $kind): string
    {
        // All of the page but the moment at which it was made, which is that of the one kept.
        return Kept::of('report ' . $this->report->html($file, $kind, null), fn(): string => $this->renderer->pdf($this->report->html($file, $kind, Moment::now())));
    }
}
