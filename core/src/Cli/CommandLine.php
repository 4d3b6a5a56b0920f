<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Survey\LeastSquares;

/** The command line of the core: one JSON document in, one out; or a document a line with `--lines`. */
final class CommandLine
{
    private const USAGE = "usage: lumbro-core COMMAND [--lines] < document.json\ncommands: network, placement, decide, axis, floor, elevation, shift, swing, screws, echo, walk, plan, learn, state, carry\n";

    /**
     * @param list<string>              $arguments without the program's name
     * @param resource                  $in
     * @param resource                  $out
     * @param resource                  $problems  where the usage is printed
     * @param \Closure(Message): string $say       puts a refusal's message in words
     *
     * @return int exit status: 0 done, 2 refused
     */
    public static function run(array $arguments, $in, $out, $problems, \Closure $say): int
    {
        $lines = in_array('--lines', $arguments, true);
        $words = array_values(array_diff($arguments, ['--lines']));
        $command = count($words) === 1 ? self::command($words[0]) : null;
        if ($command === null) {
            fwrite($problems, self::USAGE);

            return 2;
        }
        if (! $lines) {
            [$answer, $failed] = self::answer($command, (string) stream_get_contents($in), $say);
            fwrite($out, $answer . "\n");

            return $failed ? 2 : 0;
        }
        while (($line = fgets($in)) !== false) {
            if (trim($line) !== '') {
                fwrite($out, self::answer($command, $line, $say)[0] . "\n");
            }
        }

        return 0;
    }

    /** @return (\Closure(Node): array<string, mixed>)|null */
    private static function command(string $name): ?\Closure
    {
        return match ($name) {
            'network' => static fn(Node $node): array => NetworkDocument::write(LeastSquares::solve(NetworkDocument::read($node)[0])),
            'placement' => static fn(Node $node): array => PlacementDocument::write(Placement::of(PlacementDocument::read($node))),
            'decide' => static fn(Node $node): array => DecisionDocument::decide($node)->facts(),
            'state' => StateDocument::state(...),
            'carry' => CarryDocument::carry(...),
            'axis' => AxisDocument::axis(...),
            'floor' => FloorDocument::floor(...),
            'elevation' => ElevationDocument::elevation(...),
            'shift' => ShiftDocument::shift(...),
            'swing' => SwingDocument::swing(...),
            'screws' => ScrewsDocument::screws(...),
            'echo' => EchoDocument::echo(...),
            'walk' => WalkDocument::walk(...),
            'learn' => LearnDocument::learn(...),
            'plan' => PlanDocument::plan(...),
            default => null,
        };
    }

    /**
     * @param \Closure(Node): array<string, mixed> $command
     * @param \Closure(Message): string            $say
     *
     * @return array{string, bool} the answer, and whether it is a refusal
     */
    private static function answer(\Closure $command, string $document, \Closure $say): array
    {
        try {
            return [self::encode($command(Node::parse($document))), false];
        } catch (CoreFailure $failure) {
            return [self::encode(['error' => [
                'code' => $failure->errorCode(),
                'message' => $say($failure->said),
                'path' => $failure->path(),
                ...$failure->details(),
            ]]), true];
        }
    }

    /** @param array<string, mixed> $document */
    private static function encode(array $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
