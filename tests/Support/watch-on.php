<?php

declare(strict_types=1);

/*
 * watch-on.php ADDRESS ORDERS TASKS COUNT READY: so many watchers of repair orders, divided among them, each doing what an open
 * screen does: it listens, and asks for the task whenever it hears of a line. ORDERS and TASKS are lists with commas; the file
 * READY is made once all of them listen. Goes on until it is ended.
 */

use Tests\Support\ApiClient;

require __DIR__ . '/../../vendor/autoload.php';

[, $address, $orders, $tasks, $count, $ready] = $argv;
$orders = explode(',', $orders);
$tasks = explode(',', $tasks);
$cookies = (new ApiClient($address))->signIn('bram@copperlane.example', 'plumb-and-line')->cookies();
$multi = curl_multi_init();
$open = 0;
$begin = static function (string $path, ?\Closure $heard) use ($address, $cookies, $multi): void {
    $curl = curl_init($address . $path);
    curl_setopt_array($curl, [
        CURLOPT_HTTPHEADER => ["Cookie: $cookies", 'Accept: application/json'],
        CURLOPT_WRITEFUNCTION => static function ($curl, string $data) use ($heard): int {
            $heard === null || $heard($data);

            return strlen($data);
        },
    ]);
    curl_multi_add_handle($multi, $curl);
};
for ($i = 0; $i < (int) $count; $i++) {
    $task = $tasks[$i % count($tasks)];
    $begin("/api/repair-orders/{$orders[$i % count($orders)]}/live", static function (string $data) use ($begin, $task, &$open): void {
        $open += substr_count($data, 'event: open');
        if (str_contains($data, 'event: lines')) {
            $begin("/api/tasks/$task", null);
        }
    });
}
for (;;) {
    curl_multi_exec($multi, $running);
    while (($done = curl_multi_info_read($multi)) !== false) {
        curl_multi_remove_handle($multi, $done['handle']);
    }
    if ($open >= (int) $count && ! is_file($ready)) {
        touch($ready);
    }
    curl_multi_select($multi, 0.05);
}
