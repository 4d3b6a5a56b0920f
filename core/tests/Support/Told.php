<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Facts\NotProven;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Work\TaskState;
use Lumbro\Words\Words;
use PHPUnit\Framework\Assert;

/** What the core says, as somebody would read it: in English, millimetres and UTC. */
final class Told
{
    /** @param Message|string|array<array-key, mixed>|null $said a message, its document, or somebody's own words */
    public static function words(Message|string|array|null $said): string
    {
        return (new Words())->say($said);
    }

    /**
     * @param iterable<mixed> $said
     *
     * @return list<string>
     */
    public static function all(iterable $said): array
    {
        $told = [];
        foreach ($said as $one) {
            Assert::assertTrue($one instanceof Message || is_string($one) || is_array($one) || $one === null);
            $told[] = self::words($one);
        }

        return $told;
    }

    /** @return list<string> what a record of this task cannot prove */
    public static function notProven(TaskState $state): array
    {
        return self::all(NotProven::of($state->context, $state->plan, $state->answers, $state->run, $state->lastRun(), $state->setUp->aside));
    }

    /**
     * What a refusal says.
     *
     * @param class-string<CoreFailure> $kind
     */
    public static function refusal(string $kind, callable $act): string
    {
        try {
            $act();
        } catch (CoreFailure $refused) {
            Assert::assertInstanceOf($kind, $refused);

            return self::words($refused->said);
        }
        Assert::fail('It was taken.');
    }
}
