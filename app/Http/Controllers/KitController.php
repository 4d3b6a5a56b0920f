<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\KitItem as KitRow;
use App\Models\User;
use App\Records\Lessons;
use App\Records\Moment;
use App\Records\ShopFloor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Kit\Instrument;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\Lesson;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** The kit register: what the shop measures with, how well, and when it was checked. */
final class KitController
{
    public function index(Request $request): JsonResponse
    {
        return Answer::json($this->page(Answer::user($request)));
    }

    /** A new item, or one with other figures. */
    public function save(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['document'], ['retired']);
        $item = KitItem::read($body->node('document'));
        $name = $item instanceof Instrument ? $item->measures->id : $item->id;
        DB::transaction(function () use ($user, $body, $name): void {
            $row = KitRow::query()->where('shop_id', $user->shop_id)->where('id', $body->id)->lockForUpdate()->first();
            $document = (string) json_encode($body->node('document')->raw());
            if (($row === null ? 0 : $row->version) !== $body->version) {
                throw Refusal::itemMovedOn($this->page($user));
            }
            if (KitRow::query()->where('shop_id', $user->shop_id)->where('item', $name)->where('id', '<>', $body->id)->exists()) {
                throw Refusal::field('/document/id', Message::of('kit.id-used', ['id' => $name]));
            }
            KitRow::query()->upsert([[
                'shop_id' => $user->shop_id, 'id' => $body->id, 'item' => $name, 'sort' => json_decode($document)->sort, 'document' => $document,
                'version' => $body->version + 1, 'retired' => $body->flag('retired'),
            ]], ['shop_id', 'id'], ['item', 'sort', 'document', 'version', 'retired']);
        });

        return Answer::json($this->page($user));
    }

    /** What a scan tool shows for an axis that points left, and up: whoever stands before it says so, once. */
    public function signs(Request $request, string $item): Response
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['left', 'up']);
        DB::transaction(static function () use ($user, $item, $body): void {
            $row = KitRow::query()->where('shop_id', $user->shop_id)->where('item', $item)->where('retired', false)->lockForUpdate()->first() ?? throw Refusal::notFound('kit-item');
            $document = (object) json_decode((string) $row->document, false, 32, JSON_THROW_ON_ERROR);
            $document->signs = ['left' => $body->node('left')->oneOf(Instrument::SIGNS), 'up' => $body->node('up')->oneOf(Instrument::SIGNS)];
            $written = json_encode($document, JSON_THROW_ON_ERROR);
            $read = KitItem::read(Node::parse($written));
            if (! $read instanceof Instrument || $read->kind !== 'scan-tool') {
                throw Refusal::field('/item', Message::of('run.no-tool', ['tool' => $item]));
            }
            KitRow::query()->where('shop_id', $user->shop_id)->where('id', $row->id)->update(['document' => $written, 'version' => $row->version + 1]);
        });

        return new Response('', 204);
    }

    /** How an instrument's own readings did. */
    public function lessons(Request $request, string $item): JsonResponse
    {
        $user = Answer::user($request);
        $row = KitRow::query()->where('shop_id', $user->shop_id)->where('id', $item)->first() ?? throw Refusal::notFound('kit-item');

        return Answer::json(Lessons::history($user->shop_id, $row->item, ! $this->lessonsOf($user->shop_id)['real']));
    }

    /** @return array{real: bool, of: array<string, Lesson>} of real cars where there are any, else of simulated ones */
    private function lessonsOf(string $shop): array
    {
        $rows = DB::table('lessons')->where('shop_id', $shop)->orderBy('simulated')->get();
        $real = $rows->contains('simulated', false);
        $of = [];
        foreach ($rows as $row) {
            if ((bool) $row->simulated !== $real) {
                $of[$row->instrument] = Document::read(Lesson::class, Node::stored($row->document));
            }
        }

        return ['real' => $real, 'of' => $of];
    }

    /** @return array<string, mixed> */
    private function page(User $user): array
    {
        $rule = ShopFloor::of($user->shop_id)->rules->overdue;
        $today = Moment::today();
        $lessons = $this->lessonsOf($user->shop_id);
        $rows = KitRow::query()->toBase()->where('shop_id', $user->shop_id)->orderBy('retired')->orderBy('sort')->orderBy('item')->get();

        return [
            'items' => $rows->map(static function (\stdClass $row) use ($today, $lessons): array {
                $lesson = $lessons['of'][$row->item] ?? null;
                $item = KitItem::read(Node::parse($row->document));

                return [
                    'id' => $row->id, 'version' => (int) $row->version, 'retired' => (bool) $row->retired,
                    'document' => json_decode($row->document), 'overdue' => $item->check->isOverdue($today),
                    'lesson' => $lesson === null ? null : ['factor' => $lesson->factor, 'readings' => $lesson->readings, 'redundancy' => $lesson->redundancy],
                ];
            })->all(),
            'overdueRule' => ['bars' => $rule->bars, 'widening' => $rule->widening],
            'taughtByReal' => $lessons['real'],
            'mayEdit' => $user->may(Act::Register),
        ];
    }
}
