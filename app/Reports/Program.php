<?php

declare(strict_types=1);

namespace App\Reports;

use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** One of Debian's programs, fed on its standard input and heard on its standard output. */
final class Program
{
    private const PATIENCE = 60;

    /**
     * @param non-empty-list<string> $command
     *
     * @throws RendererUnavailable where it is missing, fails or takes too long
     */
    public static function run(array $command, string $input): string
    {
        // Nothing of the shop's settings is handed to it.
        $process = new Process($command, sys_get_temp_dir(), [...array_fill_keys(array_keys(getenv()), false), 'PATH' => '/usr/bin:/bin', 'HOME' => sys_get_temp_dir(), 'LANG' => 'C.UTF-8'], $input, self::PATIENCE);
        try {
            $process->run();
        } catch (ExceptionInterface $failure) {
            throw RendererUnavailable::because($command[0], $failure->getMessage());
        }
        if (! $process->isSuccessful()) {
            throw RendererUnavailable::because($command[0], $process->getErrorOutput());
        }

        return $process->getOutput();
    }
}
