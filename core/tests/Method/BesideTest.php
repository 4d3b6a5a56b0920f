<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Method;

use Lumbro\Core\Method\Beside;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Method\Trace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two people at two ends of a car are given readings that do not disturb each other. */
final class BesideTest extends TestCase
{
    /** @return iterable<string, array{Call, Call, bool, bool}> one, the other, whether an instrument is to spare, whether both can be read */
    public static function pairs(): iterable
    {
        $front = self::call('front', 'rule-1', Trace::rule('frontMark', 'FL'));
        $rear = self::call('rear', 'rule-2', Trace::rule('frontMark', 'RL'));
        $tape = self::call('hub-left', 'tape', Trace::tape('FL', 'target'));
        $other = self::call('hub-right', 'tape', Trace::tape('FR', 'target'));
        $far = self::call('base-right', 'tape', Trace::tape('RR', 'rearMark'));
        yield 'two rules at two hubs' => [$front, $rear, false, true];
        yield 'a rule and a tape that starts where it is held' => [$front, $tape, false, false];
        yield 'a rule and a tape elsewhere' => [$rear, $tape, false, true];
        yield 'two tapes to one target, with two tapes' => [$tape, $other, true, false];
        yield 'one tape for two readings' => [$tape, $far, false, false];
        yield 'two tapes for two readings' => [$tape, $far, true, true];
        yield 'a reading and itself' => [$front, $front, true, false];
        yield 'a reading and the same once more' => [$rear, $rear->again('rear-2', 2), true, false];
        yield 'once more and a third time' => [$rear->again('rear-2', 2), $rear->again('rear-2', 2)->again('rear-3', 3), true, false];
        yield 'a height, at no point of the plan' => [self::call('height', 'staff', null), $tape, false, true];
    }

    #[DataProvider('pairs')]
    public function testTheyCanBeReadAtOnceOrNot(Call $one, Call $other, bool $isSpare, bool $can): void
    {
        self::assertSame($can, Beside::can($one, $other, $isSpare));
        self::assertSame($can, Beside::can($other, $one, $isSpare), 'whoever comes first');
    }

    private static function call(string $id, string $instrument, ?Trace $trace): Call
    {
        return new Call($id, $instrument, Reads::Length, 1.0, null, $trace);
    }
}
