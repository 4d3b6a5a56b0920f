<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\KitItem as KitRow;
use App\Models\User;
use App\Records\Moment;
use App\Records\ShopFloor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Kit\Instrument;
use Lumbro\Core\Catalogue\Kit\KitItem;
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

    /** @return array<string, mixed> */
    private function page(User $user): array
    {
        $rule = ShopFloor::of($user->shop_id)->rules->overdue;
        $today = Moment::today();
        $rows = KitRow::query()->toBase()->where('shop_id', $user->shop_id)->orderBy('retired')->orderBy('sort')->orderBy('item')->get();

        return [
            'items' => $rows->map(static function (\stdClass $row) use ($today): array {
                $item = KitItem::read(Node::parse($row->document));

                return [
                    'id' => $row->id, 'version' => (int) $row->version, 'retired' => (bool) $row->retired,
                    'document' => json_decode($row->document), 'overdue' => $item->check->isOverdue($today),
                ];
            })->all(),
            'overdueRule' => ['bars' => $rule->bars, 'widening' => $rule->widening],
            'mayEdit' => $user->may(Act::Register),
        ];
    }
}
