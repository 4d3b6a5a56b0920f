<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Str;

/** A person's browser as far as the web API sees it: cookies, the token, JSON. */
final class ApiClient
{
    /** @var array<string, string> */
    public array $cookies = [];

    private \CurlHandle $curl;

    /** @var array<string, string> headers of the last answer, in lower case */
    public array $headers = [];

    /** The last answer as it came. */
    public string $body = '';

    private bool $isJson = false;

    /** @param string $trusts file of a certificate's authority; empty where there is no TLS */
    public function __construct(private readonly string $address, string $trusts = '')
    {
        $this->curl = curl_init();
        $trusts === '' || curl_setopt($this->curl, CURLOPT_CAINFO, $trusts);
    }

    public function signIn(string $email = 'ilse@copperlane.example', string $password = 'plumb-and-line'): self
    {
        $this->get('/api/csrf');
        [$status] = $this->post('/api/session', ['email' => $email, 'password' => $password]);
        if ($status !== 200) {
            throw new \RuntimeException("Signing in as {$email} was answered with {$status}.");
        }

        return $this;
    }

    /** What it sends to be known, as a header has it. */
    public function cookies(): string
    {
        return implode('; ', array_map(static fn(string $name, string $value): string => "$name=$value", array_keys($this->cookies), $this->cookies));
    }

    /** @return array{int, array<string, mixed>} status and document */
    public function get(string $path): array
    {
        return $this->send('GET', $path, null);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array{int, array<string, mixed>}
     */
    public function post(string $path, array $body): array
    {
        return $this->send('POST', $path, (string) json_encode($body));
    }

    /**
     * A line for a task's record, with an id of its own.
     *
     * @param array<string, mixed> $body
     *
     * @return array{int, array<string, mixed>}
     */
    public function write(string $task, string $what, int $version, array $body): array
    {
        return $this->post(...Lines::request($task, $what, $version, $body));
    }

    /** What an order asks for before its sensors are set up, put in order as a shop would: covers on, nothing left to capture, the car where the targets have room. */
    public function ready(string $order): void
    {
        [, $page] = $this->get("/api/repair-orders/$order");
        $note = function (string $kind, array $payload) use ($order, &$page): void {
            [$status, $page] = $this->post('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $page['version'], 'kind' => $kind, 'payload' => $payload, 'confirmed' => true]);
            $status === 200 || throw new \RuntimeException("$kind: " . json_encode($page));
        };
        foreach (array_filter($page['covers'], static fn(array $cover): bool => $cover['off'] === null) as $cover) {
            $note('cover', ['cover' => $cover['id'], 'off' => false]);
        }
        foreach (array_filter($page['captures'], static fn(array $capture): bool => in_array($capture['state'], ['now', 'missed'], true)) as $capture) {
            $note('capture', ['sensor' => $capture['sensor'], 'item' => $capture['item'], 'reason' => 'not on this car']);
        }
        [$status, $stance] = $this->get("/api/repair-orders/$order/stance?search=1");
        $places = $status === 200 ? array_map(static fn(array $one): array => array_intersect_key($one, ['x' => 0, 'y' => 0, 'heading' => 0]), $stance['suggested']) : [];
        foreach ([...$places, ['x' => 1800, 'y' => 0, 'heading' => 0]] as $place) {
            if ($this->get("/api/repair-orders/$order")[1]['noRoom'] === []) {
                return;
            }
            $note('stance', $place);
        }
    }

    /** The task of a repair order. */
    public function task(string $number, string $sensor = 'front'): string
    {
        [, $orders] = $this->get('/api/repair-orders?all=1');
        foreach (is_array($orders['orders'] ?? null) ? $orders['orders'] : [] as $order) {
            if ($order['number'] === $number) {
                foreach ($order['tasks'] as $task) {
                    if ($task['sensor'] === $sensor) {
                        return $task['task'];
                    }
                }
            }
        }

        throw new \RuntimeException("There is no repair order {$number}.");
    }

    public function order(string $number): string
    {
        [, $orders] = $this->get('/api/repair-orders?all=1');
        foreach (is_array($orders['orders'] ?? null) ? $orders['orders'] : [] as $order) {
            if ($order['number'] === $number) {
                return $order['id'];
            }
        }

        throw new \RuntimeException("There is no repair order {$number}.");
    }

    public function forgetCookies(): void
    {
        $this->cookies = [];
    }

    /** @return array{int, array<string, mixed>, bool} status, document, and whether the answer came whole */
    public function raw(string $method, string $path, ?string $body, string $type): array
    {
        [$status, $document] = $this->send($method, $path, $body, $type);

        return [$status, $document, curl_errno($this->curl) === 0 && ($this->isJson || ! str_contains($this->headers['content-type'] ?? '', 'json'))];
    }

    /**
     * Asks for what takes long, and does not wait for it.
     *
     * @return array{int, array<string, mixed>} status and document: of the work that is underway, or the answer itself
     */
    public function later(string $method, string $path, ?string $body = null): array
    {
        return $this->send($method, $path, $body, 'application/octet-stream', ['Prefer: respond-async']);
    }

    /** How the work that is underway stands once it neither waits nor runs. */
    public function ended(string $chore): string
    {
        for ($i = 0; $i < 10 * Browser::PATIENCE; $i++) {
            [, $found] = $this->get("/api/chores/$chore");
            if (! in_array($found['state'] ?? 'waiting', ['waiting', 'running'], true)) {
                return $found['state'];
            }
            usleep(100_000);
        }

        throw new \RuntimeException("It came to no end: $chore");
    }

    /**
     * @param list<string> $headers
     *
     * @return array{int, array<string, mixed>}
     */
    private function send(string $method, string $path, ?string $body, string $type = 'application/json', array $headers = []): array
    {
        $this->headers = [];
        $cookies = $this->cookies();
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->address . $path,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => (int) Browser::PATIENCE,
            CURLOPT_POSTFIELDS => $body ?? '',
            CURLOPT_HTTPHEADER => [
                ...$headers,
                "Content-Type: $type",
                'X-XSRF-TOKEN: ' . urldecode($this->cookies['XSRF-TOKEN'] ?? ''),
                "Cookie: $cookies",
            ],
            CURLOPT_HEADERFUNCTION => function (\CurlHandle $curl, string $line): int {
                if (preg_match('/^set-cookie:\s*([^=]+)=([^;]*)/i', $line, $match) === 1) {
                    $this->cookies[$match[1]] = $match[2];
                } elseif (preg_match('/^([^:]+):\s*(.*?)\s*$/', $line, $match) === 1) {
                    $this->headers[strtolower($match[1])] = $match[2];
                }

                return strlen($line);
            },
        ]);
        $answer = curl_exec($this->curl);
        $this->body = is_string($answer) ? $answer : '';
        $document = json_decode($this->body, true);
        $this->isJson = json_last_error() === JSON_ERROR_NONE;

        return [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), is_array($document) ? $document : []];
    }
}
