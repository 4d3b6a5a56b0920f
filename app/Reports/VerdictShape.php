<?php

declare(strict_types=1);

namespace App\Reports;

/** A verdict's shape for paper: solid square, crossed diamond, half-filled circle, dotted ring, an arrow back. */
final class VerdictShape
{
    public static function svg(Paper $paper, ?string $verdict): string
    {
        [$class, $shape] = match ($verdict) {
            'holds' => ['holds', '<rect x="2" y="2" width="16" height="16" fill="#0b6b63"/>'],
            'out' => ['out', '<path d="M10 0 20 10 10 20 0 10Z" fill="#b3381a"/><path d="M6.2 6.2 13.8 13.8M13.8 6.2 6.2 13.8" stroke="#fff" stroke-width="2.2"/>'],
            'unproven', 'handed-over' => ['unproven', '<circle cx="10" cy="10" r="8.5" fill="none" stroke="#8a5a00" stroke-width="2.5"/><path d="M10 1.5a8.5 8.5 0 0 0 0 17Z" fill="#8a5a00"/>'],
            'sent-back' => ['sent-back', '<path d="M18 10H4M10 3 3 10 10 17" fill="none" stroke="#20252b" stroke-width="3"/>'],
            default => ['unmeasured', '<circle cx="10" cy="10" r="8.5" fill="none" stroke="#63615b" stroke-width="2.2" stroke-dasharray="2.6 2.75"/>'],
        };

        return sprintf('<span class="verdict %s"><svg viewBox="0 0 20 20" width="14" height="14">%s</svg> %s</span>', $class, $shape, htmlspecialchars($paper->verdict($verdict), ENT_QUOTES));
    }
}
