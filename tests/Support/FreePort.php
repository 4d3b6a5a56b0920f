<?php

declare(strict_types=1);

namespace Tests\Support;

/** A port of the loopback address that nothing listens on, and that no outgoing connection is given meanwhile. */
final class FreePort
{
    public static function find(): int
    {
        $below = (int) file_get_contents('/proc/sys/net/ipv4/ip_local_port_range');
        for ($tries = 0; $tries < 50; $tries++) {
            $port = random_int(10_000, ($below > 10_100 ? $below : 32_768) - 1);
            $socket = @stream_socket_server("tcp://127.0.0.1:$port");
            if ($socket !== false) {
                fclose($socket);

                return $port;
            }
        }
        throw new \RuntimeException('No port is free.');
    }
}
