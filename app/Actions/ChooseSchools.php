<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Schools;

/** The schools a sensor's set-up is measured by are chosen; one that cannot be used here is refused with the reason. */
final readonly class ChooseSchools
{
    public const FIELDS = [['schools'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): SchoolsChosen {
            $schools = array_values(array_unique(array_map(
                static fn(Node $school): string => $school->oneOf(ProcedureCard::SCHOOLS),
                $body->node('schools')->fewItems(count(ProcedureCard::SCHOOLS)),
            )));
            if ($schools === []) {
                throw Refusal::field('/schools', 'At least one school is needed: without any, nothing is measured.');
            }
            foreach ($schools as $school) {
                $hindrance = Schools::all()[$school]->hindrance($file->plan()->ground);
                if ($hindrance !== null) {
                    throw Refusal::field('/schools', Message::of('school.hindered', ['school' => Message::of("school.$school"), 'why' => $hindrance]));
                }
            }

            return new SchoolsChosen($body->id, $user->name, $now, $schools);
        });
    }
}
