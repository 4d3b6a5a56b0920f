<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Journal\MirrorRead;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Message\Quantity;

/** Where the spot of a laser comes back from a mirror on the sensor's face. */
final readonly class ReadMirror
{
    public const FIELDS = [['distance', 'left', 'above'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): MirrorRead {
            RunGuard::open($file);

            return new MirrorRead(
                $body->id,
                $user->name,
                $now,
                self::read('/distance', static fn(): float => Length::fromReading($body->text('distance', 60))->millimetres),
                self::read('/left', static fn(): float => SidedLength::fromReading($body->text('left', 60))->millimetres),
                // Above and below are read as left and right are.
                self::read('/above', static fn(): float => SidedLength::fromReading(self::upright($body->text('above', 60)))->millimetres),
            );
        });
    }

    private static function upright(string $typed): string
    {
        return (string) preg_replace(['/\b(up|above)\b/i', '/\b(down|below)\b/i'], ['left', 'right'], $typed);
    }

    /** @param \Closure(): float $read */
    private static function read(string $path, \Closure $read): float
    {
        try {
            $value = $read();
        } catch (UnreadableReading $unreadable) {
            throw $path === '/above' ? InvalidInput::because($path, 'mirror.above', ['example' => Quantity::mm(3)]) : InvalidInput::at($path, $unreadable);
        }
        if ($path === '/distance' && ($value < 100 || $value > 50_000)) {
            throw InvalidInput::because($path, 'mirror.distance', ['least' => Quantity::mm(100), 'most' => Quantity::mm(50_000)]);
        }

        return $value;
    }
}
