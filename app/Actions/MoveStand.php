<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\MoveKind;

/** The stand was moved; what the move spoils is due again. */
final readonly class MoveStand
{
    public const FIELDS = [['kinds'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): StandMoved {
            $kinds = array_map(
                static fn(Node $kind): MoveKind => MoveKind::from($kind->oneOf(array_column(MoveKind::cases(), 'value'))),
                $body->node('kinds')->items(),
            );
            if ($kinds === []) {
                throw InvalidInput::because('/kinds', 'move.no-kind');
            }

            return new StandMoved($body->id, $user->name, $now, $kinds);
        });
    }
}
