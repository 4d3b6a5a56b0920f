<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Screws\Screw;

/** The sensor was turned by its screws, or set by its mirror spots. */
final readonly class CorrectAxis
{
    public const FIELDS = [['way'], ['turns']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): Corrected {
            RunGuard::open($file);
            RunGuard::unbarred($file);
            RunGuard::wasRead($file);
            $way = $body->node('way')->oneOf(['screws', 'mirror spots']);
            if (($file->context->card->adjustment->way ?? 'none') !== $way) {
                throw Refusal::field('/way', sprintf('The card adjusts this sensor by: %s.', $file->context->card->adjustment->way ?? 'none'));
            }
            if ($file->state()->run->isOnlyRead()) {
                throw Refusal::conflict('only-read', 'This sensor is owed nothing: it is only read.');
            }
            $turns = [];
            if ($way === 'screws') {
                if (! $body->has('turns')) {
                    throw Refusal::field('/turns', 'Say how far each screw was turned, clockwise positive.');
                }
                $screws = array_map(static fn(Screw $screw): string => $screw->id, $file->context->card->adjustment->screws ?? []);
                foreach ($body->node('turns')->fields([], $screws) as $screw => $turn) {
                    $turns[(string) $screw] = $turn->between(-50, 50);
                }
                if (array_filter($turns, static fn(float $turn): bool => $turn !== 0.0) === []) {
                    throw Refusal::field('/turns', 'No screw was turned: then nothing was corrected.');
                }
            }

            return new Corrected($body->id, $user->name, $now, $way, $turns);
        });
    }
}
