<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Imports\CardImport;
use App\Imports\EstimateImport;
use App\Imports\ImportFile;
use App\Imports\ImportKind;
use App\Input\Uuid;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** Files taken in step by step: each request reads on for a moment and says how far it has come. */
final class ImportController
{
    /** How long one step works, s: short enough that a person who cancels need not wait. */
    private const STEP = 0.4;

    public function begin(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $kind = (string) $request->query('kind');
        self::kind($kind, $user);

        return Answer::json(ImportFile::begin($user, Uuid::of($request->query('id'), '/id'), $kind, (string) $request->query('name', 'file'), $request->getContent())->progress());
    }

    public function show(Request $request, string $import): JsonResponse
    {
        return Answer::json(ImportFile::open(Answer::user($request), $import)->progress());
    }

    public function step(Request $request, string $import): JsonResponse
    {
        $user = Answer::user($request);
        $file = DB::transaction(static function () use ($user, $import): ImportFile {
            $file = ImportFile::open($user, $import, true);
            if ($file->row->state === 'reading') {
                try {
                    self::kind($file->row->kind, $user)->step($file, microtime(true) + self::STEP);
                } catch (CoreFailure $failure) {
                    $file->complain($failure->said, $failure->path());
                    $file->row->state = 'refused';
                }
                $file->save();
            }

            return $file;
        });

        return Answer::json($file->progress());
    }

    public function take(Request $request, string $import): JsonResponse
    {
        $user = Answer::user($request);
        $count = DB::transaction(static function () use ($user, $import): int {
            $file = ImportFile::open($user, $import, true);
            if ($file->row->state === 'done') {
                return $file->row->rows;
            }
            if ($file->row->state !== 'ready') {
                throw Refusal::conflict('import-not-ready', $file->row->refused > 0 ? Message::of('import.refused-rows') : Message::of('import.unread'));
            }
            $count = self::kind($file->row->kind, $user)->take($file);
            $file->staged()->delete();
            $file->row->state = 'done';
            $file->row->rows = $count;
            $file->save();

            return $count;
        });

        return Answer::json(['taken' => $count]);
    }

    public function cancel(Request $request, string $import): Response
    {
        $file = ImportFile::open(Answer::user($request), $import);
        if ($file->row->state === 'done') {
            throw Refusal::conflict('import-done', Message::of('import.done'));
        }
        $file->cancel();

        return new Response('', 204);
    }

    private static function kind(string $kind, User $user): ImportKind
    {
        if ($kind === 'cards' && ! $user->may(Act::Register)) {
            throw Refusal::forbidden(Message::of('import.cards-by-lead'));
        }

        return match ($kind) {
            'estimates' => new EstimateImport($user),
            'cards' => new CardImport($user),
            default => throw Refusal::field('/kind', Message::of('import.which')),
        };
    }
}
