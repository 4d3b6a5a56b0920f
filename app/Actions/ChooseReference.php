<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Journal\ReferenceChosen;

/** The line that the card's values are taken from is chosen, with the reason, where the card does not say it. */
final readonly class ChooseReference
{
    public const FIELDS = [['reference', 'reason'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): ReferenceChosen {
            $reference = $body->node('reference')->oneOf(ProcedureCard::REFERENCES);
            if ($file->context->card->reference !== null) {
                throw Refusal::field('/reference', 'The procedure card says which line its values are taken from; only a silent card leaves the choice.');
            }

            return new ReferenceChosen($body->id, $user->name, $now, $reference, $body->text('reason', 300, 8));
        });
    }
}
