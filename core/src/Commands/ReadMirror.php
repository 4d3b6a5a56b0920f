<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\MirrorRead;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Message\Quantity;

/**
 * Where the spot of a laser comes back from a mirror on the sensor's face.
 *
 * @extends Command<MirrorRead>
 */
final readonly class ReadMirror extends Command
{
    public function line(): string
    {
        return MirrorRead::class;
    }

    public function wish(): string
    {
        return MirrorWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $read = Document::read(MirrorWish::class, $wish);
        $distance = self::read('/payload/distance', static fn(): float => Length::fromReading($read->distance)->millimetres);
        if ($distance < 100 || $distance > 50_000) {
            throw InvalidInput::because('/payload/distance', 'mirror.distance', ['least' => Quantity::mm(100), 'most' => Quantity::mm(50_000)]);
        }

        return [new MirrorRead(
            ...$stamp->named(),
            distance: $distance,
            left: self::read('/payload/left', static fn(): float => SidedLength::fromReading($read->left)->millimetres),
            // Above and below are read as left and right are.
            above: self::read('/payload/above', static fn(): float => SidedLength::fromReading(self::upright($read->above))->millimetres),
        )];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
    }

    private static function upright(string $typed): string
    {
        return (string) preg_replace(['/\b(up|above)\b/i', '/\b(down|below)\b/i'], ['left', 'right'], $typed);
    }

    /** @param \Closure(): float $read */
    private static function read(string $path, \Closure $read): float
    {
        try {
            return $read();
        } catch (UnreadableReading $unreadable) {
            throw $path === '/payload/above' ? InvalidInput::because($path, 'mirror.above', ['example' => Quantity::mm(3)]) : InvalidInput::at($path, $unreadable);
        }
    }
}
