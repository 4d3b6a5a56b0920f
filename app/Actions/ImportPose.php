<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Support\Str;
use Lumbro\Core\Codec\PoseDocument;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\SetUp\ReadingExpectation;

/** A rig's file becomes the three readings of the reported pose, all or none; one far off is asked about. */
final readonly class ImportPose
{
    public const FIELDS = [['pose'], ['confirmed']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->recordAll($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): array {
            $pose = PoseDocument::read($body->node('pose'));
            $lines = [];
            foreach ($pose->readings() as $id => ['value' => $value, 's' => $s]) {
                $call = $file->plan()->call($id) ?? throw Refusal::field('/pose', 'This set-up is not measured by a reported pose: choose that way at the line first.');
                $read = $call->asRead($value);
                $turn = $call->reads === Reads::Turn;
                $typed = sprintf($turn ? '%.3f° by %s' : '%.1f mm by %s', $read, $pose->rig);
                $question = (new ReadingExpectation($file->context, $file->plan()))->question($call, $typed, $read, null);
                if ($question !== null && ! $body->flag('confirmed')) {
                    throw Refusal::asks('/pose', $question);
                }
                $before = $file->state()->setUp->readings[$id] ?? null;
                $lines[] = new ReadingTaken($lines === [] ? $body->id : (string) Str::uuid7(), $user->name, $now, $id, $typed, $read, $turn ? 'deg' : 'mm', null, $before?->id, $question !== null, $s);
            }

            return $lines;
        });
    }
}
