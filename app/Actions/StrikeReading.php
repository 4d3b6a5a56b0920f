<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\ReadingStruck;

/** A reading is taken back. It stays in the record, struck. */
final readonly class StrikeReading
{
    public const FIELDS = [['reading'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): ReadingStruck {
            $id = $body->text('reading');
            $record = $file->state()->record;
            foreach ($record->readings as $reading) {
                if ($reading->id !== $id) {
                    continue;
                }
                if ($record->fate($reading) === 'struck') {
                    throw Refusal::conflict('already-struck', 'This reading is struck already.', '/reading');
                }

                return new ReadingStruck($body->id, $user->name, $now, $id);
            }

            throw Refusal::field('/reading', 'There is no such reading in this task.');
        });
    }
}
