<?php

declare(strict_types=1);

namespace Tests\Support;

/** A whole installation in a folder of its own, with its own database, keys and ports: as on another machine. */
final class Installation
{
    private const ROOT = __DIR__ . '/../..';

    public readonly string $folder;

    /** Where its server is to be: two that begin at the same moment would find the same one free. */
    private readonly string $port;

    public function __construct(string $name)
    {
        $this->port = (string) FreePort::find();
        $this->folder = getenv('LUMBRO_SCRATCH') . "/$name-" . bin2hex(random_bytes(3));
        mkdir($this->folder, 0o755);
        // What is installed and built already is not built again.
        self::shell(sprintf('cd %s && git ls-files -z --cached --others --exclude-standard | grep -zv ^tests/ | xargs -0 cp --parents -t %2$s 2>/dev/null; cp -al vendor %2$s/ && mkdir -p %2$s/ui/node_modules %2$s/var/node && cp -al public/build %2$s/public/ && cp -a var/stamps %2$s/var/ && rm -f %2$s/var/stamps/served', escapeshellarg((string) realpath(self::ROOT)), escapeshellarg($this->folder)));
    }

    /**
     * Runs ./lumbro there, with nothing of this process's settings.
     *
     * @return array{int, string} status, and what was said
     */
    public function lumbro(string $arguments, string $typed = ''): array
    {
        return $this->bash("./lumbro $arguments", $typed);
    }

    /** @return array{int, string} status, and what was said */
    public function bash(string $script, string $typed = ''): array
    {
        $log = "$this->folder/var/said";
        $input = "$this->folder/var/typed";
        file_put_contents($log, '');
        file_put_contents($input, $typed);
        // A file, not a pipe: what is started stays on and would hold it.
        $process = proc_open(['bash', '-c', $script], [['file', $input, 'r'], ['file', $log, 'a'], ['file', $log, 'a']], $pipes, $this->folder, ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), 'LUMBRO_PORT' => $this->port]);
        $status = $process === false ? -1 : proc_close($process);

        return [$status, (string) file_get_contents($log)];
    }

    public function secret(string $name): string
    {
        return preg_match("/^$name=\"?([^\"\n]*)/m", (string) file_get_contents("$this->folder/.secrets") . (string) file_get_contents("$this->folder/.env"), $match) === 1 ? $match[1] : '';
    }

    public function owner(string $database = 'lumbro'): \PDO
    {
        return new \PDO(sprintf('pgsql:host=127.0.0.1;port=%s;dbname=%s', $this->secret('DB_PORT'), $database), 'lumbro_owner', $this->secret('DB_OWNER_PASSWORD'), [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->secret('LUMBRO_PORT')}";
    }

    /** Stops it and leaves nothing. */
    public function gone(): void
    {
        $this->lumbro('stop');
        $this->bash('ROOT=$PWD; . deploy/lib/signer.sh; . deploy/lib/database.sh; rm -rf "$(signer_home)" "$(cluster_home pg)"');
        self::shell('rm -rf ' . escapeshellarg($this->folder));
    }

    private static function shell(string $script): void
    {
        exec($script, $said, $status);
        if ($status !== 0) {
            throw new \RuntimeException(implode("\n", $said));
        }
    }
}
