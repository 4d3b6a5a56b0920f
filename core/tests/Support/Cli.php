<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Cli\CommandLine;
use Lumbro\Core\Message\Message;

/** Runs the core's command line in this process. */
final class Cli
{
    /**
     * @param string $input what stands on standard input
     *
     * @return array{int, string} exit status and standard output
     */
    public static function run(string $input, string ...$arguments): array
    {
        return self::worded(Told::words(...), $input, array_values($arguments));
    }

    /**
     * @param \Closure(Message): string $say       what a refusal says
     * @param list<string>              $arguments
     *
     * @return array{int, string}
     */
    private static function worded(\Closure $say, string $input, array $arguments): array
    {
        $in = fopen('php://memory', 'w+') ?: throw new \RuntimeException();
        fwrite($in, $input);
        rewind($in);
        $out = fopen('php://memory', 'w+') ?: throw new \RuntimeException();
        $problems = fopen('php://memory', 'w+') ?: throw new \RuntimeException();
        $status = CommandLine::run($arguments, $in, $out, $problems, $say);
        rewind($out);

        return [$status, (string) stream_get_contents($out)];
    }

    /** @return array<array-key, mixed> the answer to one document */
    public static function answer(string $command, mixed $document): array
    {
        return self::decoded($command, (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * @param (\Closure(Message): string)|null $say what a refusal says; null for English words
     *
     * @return array<array-key, mixed> the answer to one document's text
     */
    public static function decoded(string $command, string $document, ?\Closure $say = null): array
    {
        $answer = json_decode(self::worded($say ?? Told::words(...), $document, [$command])[1], true);

        return is_array($answer) ? $answer : [];
    }

    /**
     * The worked cases of a command.
     *
     * @return list<\stdClass&object{input: mixed, expected: mixed}>
     */
    public static function cases(string $command): array
    {
        /** @var list<\stdClass&object{input: mixed, expected: mixed}> */
        return json_decode((string) file_get_contents(__DIR__ . "/../vectors/$command.json"), false, 64, JSON_THROW_ON_ERROR);
    }
}
