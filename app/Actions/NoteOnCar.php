<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OrderLineDocument;

/** What is found at the car while one sensor is set up, and holds for all of them: its floor and its marks. */
final readonly class NoteOnCar
{
    public const FIELDS = [['kind', 'payload'], ['orderVersion', 'confirmed']];

    private const KINDS = ['mark', 'floor'];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->recordOnOrder($user, $task, $body, static fn(TaskFile $file, string $now): OrderLine => OrderLineDocument::entry(
            $body->node('kind')->oneOf(self::KINDS),
            $body->id,
            $user->name,
            $now,
            $body->node('payload'),
        ));
    }
}
