<?php

declare(strict_types=1);

/*
 * Writes lines to an order, one after the other, until it is told to end; what was acknowledged stands in a file. A line that
 * was not acknowledged is sent again under its own id, as the interface does.
 *
 * usage: php write-on.php ADDRESS ORDER FILE
 */

use Illuminate\Support\Str;
use Tests\Support\ApiClient;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

[, $address, $order, $file] = $argv;
$ends = false;
pcntl_async_signals(true);
pcntl_signal(SIGTERM, static function () use (&$ends): void {
    $ends = true;
});
$client = null;
$status = 0;
for ($number = 1; ! $ends; $number++) {
    $id = (string) Str::uuid7();
    while (true) {
        try {
            $client ??= (new ApiClient($address))->signIn('oda@copperlane.example', 'chalk-and-brass');
            [$status, $page] = $client->get("/api/repair-orders/$order");
            if ($status === 200) {
                [$status, $said] = $client->post('/api/lines', ['order' => $order, 'id' => $id, 'version' => $page['version'], 'kind' => 'detail', 'payload' => ['field' => 'note', 'value' => "line $number"], 'confirmed' => true]);
                if ($status === 200) {
                    break;
                }
                if ($status >= 400 && $status < 500 && ! in_array($status, [401, 409, 419, 429], true)) {
                    file_put_contents($file, "refused $status " . json_encode($said) . "\n", FILE_APPEND);
                    exit(1);
                }
            }
        } catch (RuntimeException) {
        }
        $client = $status === 401 || $status === 419 ? null : $client;
        usleep(50_000);
    }
    file_put_contents($file, "$number $id\n", FILE_APPEND);
}
