<?php

declare(strict_types=1);

/*
 * The answers to what never reaches the application, as problem documents in the words of words/en.json:
 * a request over the size that is taken (client_max_body_size), one that is no request, and one that nobody answered.
 *
 * usage: php deploy/refusals.php FOLDER
 */

use Lumbro\Core\Message\Message;
use Lumbro\Words\Words;

require dirname(__DIR__) . '/vendor/autoload.php';

preg_match_all('/client_max_body_size (\d+)m;/', (string) file_get_contents(__DIR__ . '/nginx.conf.in'), $sizes);
$answers = ['not-understood' => [400, Message::of('problem.not-understood')], 'server-away' => [502, Message::of('problem.server-away')]];
foreach ($sizes[1] as $most) {
    $answers["too-large-{$most}m"] = [413, Message::of('problem.too-large', ['most' => (int) $most])];
}
foreach ($answers as $name => [$status, $said]) {
    $code = $status === 413 ? 'too-large' : $name;
    $document = ['type' => 'about:blank', 'title' => (new Words())->say($said), 'says' => $said, 'status' => $status, 'code' => $code, 'path' => null];
    file_put_contents("{$argv[1]}/$name.json", json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
}
