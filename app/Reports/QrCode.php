<?php

declare(strict_types=1);

namespace App\Reports;

/** Draws a text as a QR code. */
interface QrCode
{
    /**
     * @return string an SVG element
     *
     * @throws RendererUnavailable where none can be drawn now
     */
    public function svg(string $text): string;
}
