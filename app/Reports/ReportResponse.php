<?php

declare(strict_types=1);

namespace App\Reports;

use Illuminate\Http\Response;

/** Reports as answers: a page that may load nothing and run nothing, or a file to keep. */
final class ReportResponse
{
    public static function html(string $html): Response
    {
        // Its own styles and no others: what somebody's words might bring in is not applied.
        preg_match_all('~<style>(.*?)</style>~s', $html, $styles);
        $own = implode(' ', array_map(static fn(string $style): string => "'sha256-" . base64_encode(hash('sha256', $style, true)) . "'", array_unique($styles[1])));

        return new Response($html, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src $own; img-src data:; font-src data:; base-uri 'none'; form-action 'none'; frame-ancestors 'self'",
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'no-referrer',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    public static function pdf(string $pdf, string $name): Response
    {
        return self::download($pdf, 'application/pdf', $name);
    }

    public static function download(string $bytes, string $type, string $name): Response
    {
        return new Response($bytes, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="' . $name . '"',
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
