<?php

declare(strict_types=1);

namespace App\Signing;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;

/** The signing service at its socket on this machine. */
final readonly class SocketSigner implements Signer
{
    /** How long it may take to compute an archive again, seconds. */
    private const PATIENCE = 30;

    public function __construct(private string $socket) {}

    public function ask(string $do, string $shop, ?array $known, array $with): Node
    {
        $service = $this->socket === '' ? false : @stream_socket_client("unix://{$this->socket}", $code, $said, 2);
        if ($service === false) {
            throw NotSigned::away();
        }
        stream_set_timeout($service, self::PATIENCE);
        $asked = json_encode(['do' => $do, 'shop' => $shop, 'known' => $known, ...$with], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        for ($sent = 0; $sent < strlen($asked); $sent += $wrote) {
            $wrote = @fwrite($service, substr($asked, $sent, 1 << 20));
            if ($wrote === false || $wrote === 0) {
                throw NotSigned::away();
            }
        }
        stream_socket_shutdown($service, STREAM_SHUT_WR);
        $text = (string) stream_get_contents($service);
        fclose($service);
        try {
            $answer = Node::stored($text);
            $refused = $answer->member('refused');
        } catch (\JsonException|CoreFailure) {
            // It died in the middle: nothing is known of what it did, and asking again tells.
            throw NotSigned::away();
        }

        return $refused === null ? $answer : throw NotSigned::because($refused->raw());
    }
}
