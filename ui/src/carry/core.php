<?php

declare(strict_types=1);

// Runs in the browser, in one request that never ends: one document in, one answer out, by the core's own command line.
spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'Lumbro\\Core\\')) {
        require '/core/' . str_replace('\\', '/', substr($class, 12)) . '.php';
    }
});
ini_set('serialize_precision', '-1');
ini_set('memory_limit', '256M');
$answer = 'ready';
while (true) {
    [$command, $document] = explode("\n", post_message_to_js($answer), 2);
    $in = fopen('php://memory', 'r+');
    $out = fopen('php://memory', 'r+');
    fwrite($in, $document);
    rewind($in);
    Lumbro\Core\Cli\CommandLine::run([$command], $in, $out, $out, static fn(Lumbro\Core\Message\Message $said): string => $said->code);
    rewind($out);
    $answer = stream_get_contents($out);
    fclose($in);
    fclose($out);
}
