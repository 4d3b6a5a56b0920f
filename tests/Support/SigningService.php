<?php

declare(strict_types=1);

namespace Tests\Support;

/** The signing service as it is served for real, with keys that go with the test. */
final class SigningService
{
    public readonly string $socket;

    private readonly string $run;

    public function __construct()
    {
        $this->run = getenv('LUMBRO_SCRATCH') . '/signer-' . bin2hex(random_bytes(4));
        $this->socket = "$this->run/s/socket";
        mkdir($this->run, 0o755, true);
    }

    public function up(): void
    {
        $this->bash(<<<'BASH'
            signer_folder "$RUN/keys"
            signer_socket_folder "$RUN/s/socket" "$(id -gn)"
            printf 'SIGNER_HOME=%q\nSIGNER_SOCKET=%q\nSIGNER_USER=%q\n' "$RUN/keys" "$RUN/s/socket" "$(signer_runs_as)" >"$RUN/parts"
            setsid deploy/run signer "$RUN" </dev/null >>"$RUN/log" 2>&1 &
            for _ in $(seq 100); do [ -S "$RUN/s/socket" ] && exit 0; sleep 0.05; done
            exit 1
            BASH);
    }

    /** Ends it where it stands, as a power cut would: the one who watches first, who would put another worker in its place. */
    public function kill(): void
    {
        $pid = (int) file_get_contents("$this->run/signer.pid");
        exec("kill -KILL $pid \$(pgrep -P $pid) 2>/dev/null");
        @unlink($this->socket);
    }

    /** Ends the worker where it stands; another takes its place. */
    public function killWorker(): void
    {
        exec('pkill -KILL -P ' . (int) file_get_contents("$this->run/signer.pid"));
    }

    /** The keys and books are gone, as with a disk. */
    public function lose(): void
    {
        exec('rm -rf ' . escapeshellarg("$this->run/keys"));
    }

    /** Whether a user other than its own finds its keys. */
    public function isOpenTo(string $user): bool
    {
        exec(sprintf('setpriv --reuid=%1$s --regid=%1$s --clear-groups -- ls %2$s 2>/dev/null', escapeshellarg($user), escapeshellarg("$this->run/keys")), $out, $status);

        return $status === 0;
    }

    private function bash(string $script): void
    {
        $root = dirname(__DIR__, 2);
        $process = proc_open(['bash', '-ec', ". deploy/lib/signer.sh; $script"], [['file', '/dev/null', 'r'], ['file', "$this->run/out", 'a'], ['file', "$this->run/out", 'a']], $pipes, $root, [...getenv(), 'ROOT' => $root, 'RUN' => $this->run]);
        if ($process === false || proc_close($process) !== 0) {
            throw new \RuntimeException('The signing service did not start: ' . file_get_contents("$this->run/out"));
        }
    }
}
