<?php

declare(strict_types=1);

namespace Tests\Support;

/** Runs services as their units say, where no systemd runs: each by its ExecStart, as its User, begun again where it fails. */
final class Supervisor
{
    /** @var array<string, resource> */
    private array $running = [];

    /** @var array<string, string> what each file said when it was begun */
    private array $said = [];

    /** @param list<string> $units files, each of a service that stays */
    public function __construct(private readonly array $units) {}

    public function up(): void
    {
        foreach ($this->units as $unit) {
            $this->begin($unit);
        }
    }

    /** Begins again what failed, as "Restart=on-failure" has it. */
    public function watch(): void
    {
        foreach ($this->running as $unit => $process) {
            $status = proc_get_status($process);
            if (! $status['running'] && ($status['signaled'] ? ! in_array($status['termsig'], [SIGHUP, SIGINT, SIGTERM, SIGPIPE], true) : $status['exitcode'] !== 0)) {
                $this->setting($unit, 'Restart') === 'on-failure' || throw new \RuntimeException("$unit does not come back.");
                $this->begin($unit);
            }
        }
    }

    public function pid(string $unit): int
    {
        return proc_get_status($this->running[$unit])['pid'];
    }

    /** Ends each as systemd would, the last one first. */
    public function down(): void
    {
        foreach (array_reverse($this->running) as $unit => $process) {
            $signal = constant($this->setting($unit, 'KillSignal') ?: 'SIGTERM');
            assert(is_int($signal));
            posix_kill(proc_get_status($process)['pid'], $signal);
            for ($i = 0; $i < 100 && proc_get_status($process)['running']; $i++) {
                usleep(100_000);
            }
            posix_kill(-proc_get_status($process)['pid'], SIGKILL);
            proc_close($process);
        }
        $this->running = [];
    }

    private function begin(string $unit): void
    {
        $user = $this->setting($unit, 'User');
        $log = "$unit.log";
        // A session of its own, and the number it is known by stays that of the service itself.
        $command = 'exec setsid ' . ($user === '' ? '' : "setpriv --reuid=$user --regid=$user --clear-groups -- ") . $this->setting($unit, 'ExecStart');
        $process = proc_open(['bash', '-c', $command], [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']], $pipes, $this->setting($unit, 'WorkingDirectory'), ['PATH' => '/usr/local/sbin:/usr/local/bin:/usr/sbin:/usr/bin:/sbin:/bin']);
        $this->running[$unit] = $process ?: throw new \RuntimeException("$unit did not begin.");
    }

    private function setting(string $unit, string $name): string
    {
        return preg_match("/^$name=(.*)$/m", $this->said[$unit] ??= (string) file_get_contents($unit), $match) === 1 ? $match[1] : '';
    }
}
