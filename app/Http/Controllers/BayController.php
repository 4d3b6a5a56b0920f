<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Records\BayPage;
use App\Records\OrderFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Codec\Dxf;
use Lumbro\Core\Codec\FloorPlanFile;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** The bays: outline, what stands in them, their floor; and where a car stands in one. */
final class BayController
{
    public function index(Request $request): JsonResponse
    {
        return Answer::json(BayPage::list(Answer::user($request)));
    }

    /** A new bay, or one with another outline. */
    public function save(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['document']);
        $bay = Document::read(Bay::class, $body->node('document'));
        DB::transaction(static function () use ($user, $body, $bay): void {
            $rows = DB::table('bays')->where('shop_id', $user->shop_id);
            $row = (clone $rows)->where('id', $body->id)->lockForUpdate()->first();
            if (($row === null ? 0 : (int) $row->version) !== $body->version) {
                throw Refusal::bayMovedOn(BayPage::list($user));
            }
            if ((clone $rows)->where('practice', false)->where('name', $bay->name)->where('id', '<>', $body->id)->exists()) {
                throw Refusal::field('/document/name', Message::of('bay.name-used', ['name' => $bay->name]));
            }
            DB::table('bays')->upsert([[
                'shop_id' => $user->shop_id, 'id' => $body->id, 'name' => $bay->name, 'version' => $body->version + 1,
                'document' => json_encode(Document::write($bay), JSON_THROW_ON_ERROR),
            ]], ['shop_id', 'id'], ['name', 'version', 'document']);
        });

        return Answer::json(BayPage::list($user));
    }

    /** An outline out of a drawing file, to be looked at before it is taken. */
    public function outline(Request $request): JsonResponse
    {
        Answer::user($request);

        return Answer::json(['outlines' => Dxf::outlines($request->getContent())]);
    }

    /** A bay as a file: its own JSON, a picture, or a drawing. */
    public function export(Request $request, string $bay, string $form): Response
    {
        $row = DB::table('bays')->where('shop_id', Answer::user($request)->shop_id)->where('id', $bay)->first() ?? throw Refusal::notFound('bay');
        $read = Document::read(Bay::class, Node::parse($row->document));
        [$text, $type] = match ($form) {
            'svg' => [FloorPlanFile::svg($read), 'image/svg+xml'],
            'dxf' => [FloorPlanFile::dxf($read), 'image/vnd.dxf'],
            default => [(string) json_encode(Document::write($read), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), 'application/json'],
        };
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($read->name)), '-') ?: 'bay';

        return new Response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name.$form\""]);
    }

    /** Where the car of an order stands, and where it had better stand. */
    public function stance(Request $request, string $order): JsonResponse
    {
        return Answer::json(BayPage::stance(OrderFile::open(Answer::user($request), $order), $request->query('search') === '1'));
    }
}
