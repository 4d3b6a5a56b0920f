<?php

declare(strict_types=1);

// sheet.php KEY BOOK: the recovery sheet as HTML; BOOK is what "lumbro key" says.

[, $key, $book] = [...$argv, '', ''];
$said = static fn(string $text): string => htmlspecialchars($text, ENT_QUOTES);
$qr = (string) shell_exec('qrencode -t SVG -m 2 -o - ' . escapeshellarg($key));
$groups = implode('', array_map(static fn(string $group): string => '<span>' . $said($group) . '</span>', explode('-', $key)));
$lines = nl2br($said(trim($book)), false);
$qr = 'data:image/svg+xml;base64,' . base64_encode($qr);
$day = gmdate('j M Y');

echo <<<HTML
    <!doctype html>
    <html lang="en"><head><meta charset="utf-8"><title>Lumbro: recovery sheet</title><style>
    @page { size: A4; margin: 22mm } body { font: 11.5pt/1.5 'DejaVu Sans', sans-serif; color: #111 }
    h1 { font-size: 22pt; margin: 0 0 2mm } .key { border: 1.2pt solid #111; padding: 5mm; margin: 6mm 0; font: 17pt/1.9 'DejaVu Sans Mono', monospace }
    .key span { display: inline-block; width: 30mm } .qr { float: right; width: 38mm; margin: 0 0 4mm 6mm } ol { padding-left: 6mm } li { margin-bottom: 2mm }
    code { font: 10.5pt 'DejaVu Sans Mono', monospace } .book { font: 8.5pt/1.5 'DejaVu Sans Mono', monospace; overflow-wrap: anywhere }
    </style></head><body>
    <h1>Recovery sheet</h1>
    <p>This key opens the shop's backups. Whoever has it and a backup has everything in it. Keep it under lock, away from the
    machine and from the backups. Without it no backup can be read, by nobody.</p>
    <div class="key">$groups</div>
    <img class="qr" src="$qr" alt="the key as a code">
    <p><b>On another machine</b></p>
    <ol>
    <li>Install Lumbro and begin it: <code>./lumbro start</code></li>
    <li>Put the backup back: <code>./lumbro restore FILE</code></li>
    <li>It asks for this key. O and 0, I, L and 1 are taken for one another; capitals do not matter.</li>
    <li>Look at an order that you know. Then serve the shop's network again: <code>./lumbro serve NAME</code></li>
    </ol>
    <p>The shop's signing key is in the backup too, so that records are signed on as before.</p>
    <p class="book">$lines</p>
    <p>Printed $day. A new sheet is due when the key is changed.</p>
    </body></html>
    HTML;
