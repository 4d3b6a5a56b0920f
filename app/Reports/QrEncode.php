<?php

declare(strict_types=1);

namespace App\Reports;

/** QR codes by Debian's qrencode: error correction M, so that a smudge does not end it. */
final class QrEncode implements QrCode
{
    public function svg(string $text): string
    {
        $svg = Program::run(['qrencode', '--type=SVG', '--inline', '--level=M', '--margin=2', '--output=-'], $text);

        // Its size in centimetres goes: the report sets one. Its ids go: a report holds several.
        return trim((string) preg_replace(['/<!--.*?-->/s', '/(<svg[^>]*?) width="[^"]*" height="[^"]*"/', '/ id="\w+"/'], ['', '$1', ''], $svg));
    }
}
