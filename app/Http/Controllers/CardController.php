<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Input\Cursor;
use App\Models\ProcedureCard as CardRow;
use App\Models\Shop;
use App\Models\User;
use App\Records\CardRegister;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\VehicleRegister;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Card\CardAdjustment;
use Lumbro\Core\Catalogue\Card\CardCheck;
use Lumbro\Core\Catalogue\Card\CardDifference;
use Lumbro\Core\Catalogue\Card\CardEntry;
use Lumbro\Core\Catalogue\Card\CardForm;
use Lumbro\Core\Catalogue\Card\CardStart;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;
use Lumbro\Words\Words;

/** Procedure cards: read, entered as new versions, checked by a second person. */
final class CardController
{
    private const PAGE = 60;

    public function index(Request $request): JsonResponse
    {
        $query = CardRow::query()->toBase()->where('shop_id', Answer::user($request)->shop_id)->where('newest', true)->where('practice', false);
        foreach (array_slice(array_filter(explode(' ', mb_strtolower(trim((string) $request->query('search', ''))))), 0, 6) as $word) {
            $query->where('search', 'like', '%' . addcslashes($word, '%_\\') . '%');
        }
        $counted = (clone $query)->count();
        Cursor::apply($query, $request, [['name', 'asc', 'text'], ['id', 'asc', 'uuid']]);
        $rows = $query->limit(self::PAGE + 1)->get(['id', 'name', 'document', 'version', 'checked_at']);
        $page = $rows->take(self::PAGE);

        return Answer::json([
            'cards' => $page->map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'version' => (int) $row->version, ...CardForm::line(Node::parse($row->document)), 'checked' => $row->checked_at !== null,
            ])->values()->all(),
            'count' => $counted,
            'next' => $rows->count() > self::PAGE && $page->last() !== null ? Cursor::of($page->last(), ['name', 'id']) : null,
        ]);
    }

    public function show(Request $request, string $card): JsonResponse
    {
        return Answer::json($this->page(Answer::user($request), $this->find($request, $card)));
    }

    public function differences(Request $request, string $card, string $other): JsonResponse
    {
        return Answer::json(['differences' => CardDifference::between(
            Node::parse($this->find($request, $card)->document),
            Node::parse($this->find($request, $other)->document),
        )]);
    }

    /** A new card, or a new version of one. */
    public function enter(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['document'], ['follows', 'copies', 'task']);
        Document::read(ProcedureCard::class, $body->node('document'));
        $row = DB::transaction(function () use ($request, $user, $body): CardRow {
            $known = CardRow::query()->where('shop_id', $user->shop_id)->where('id', $body->id)->first();
            if ($known !== null) {
                return $known;
            }
            $after = $body->has('follows') ? $this->find($request, $body->text('follows', 40), true) : null;
            if ($after !== null && ! $after->newest) {
                $newest = CardRow::query()->where('shop_id', $user->shop_id)->where('family', $after->family)->where('newest', true)->firstOrFail();

                throw Refusal::cardMovedOn($this->page($user, $newest));
            }
            $document = json_decode((string) json_encode($body->node('document')->raw()), false, 64, JSON_THROW_ON_ERROR);
            if (! $document instanceof \stdClass) {
                throw Refusal::field('/document', Message::of('card.document-missing'));
            }
            $copied = $body->has('copies') ? $this->find($request, $body->text('copies', 40)) : null;
            $before = ($after ?? $copied)?->document;
            $document = CardEntry::of($document, $before === null ? null : json_decode($before, false, 64, JSON_THROW_ON_ERROR), $user->name);
            $this->noSecondOfItsId($user, $document, $after);
            CardRegister::insert($user, $body->id, $after, (string) json_encode($document), null);
            if ($body->has('task')) {
                self::forTask($user, $body->uuid('task'), $body->id, Document::read(ProcedureCard::class, $body->node('document'))->fit->sensors ?? []);
            }

            return CardRow::query()->where('shop_id', $user->shop_id)->where('id', $body->id)->firstOrFail();
        });

        return Answer::json($this->page($user, $row));
    }

    /** A second person stands for the card's values. */
    public function check(Request $request, string $card): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, [], ['values']);
        $seen = $body->has('values') ? array_map(static fn(Node $pointer): string => $pointer->text(), $body->node('values')->fewItems(400)) : [];
        $row = DB::transaction(function () use ($request, $user, $card, $seen): CardRow {
            $row = $this->find($request, $card, true);
            if ($row->checked_by !== null || Document::read(ProcedureCard::class, Node::parse($row->document))->isChecked()) {
                return $row;
            }
            if (! $row->newest) {
                throw Refusal::conflict('superseded', Message::of('card.superseded'));
            }
            $document = json_decode($row->document, false, 64, JSON_THROW_ON_ERROR);
            if ($row->entered_by === $user->id || ! $document instanceof \stdClass || $document->enteredBy === $user->name) {
                throw Refusal::forbidden(Message::of('card.own'));
            }
            $document = CardCheck::of($document, $user->name, $seen);
            CardRow::query()->where('shop_id', $user->shop_id)->where('id', $row->id)->update([
                'document' => json_encode($document), 'checked_by' => $user->id, 'checked_at' => Moment::now(),
            ]);

            return $this->find($request, $card);
        });

        return Answer::json($this->page($user, $row));
    }

    /** What a card for a task begins with: the car and the sensor it is for, and nothing of a procedure. */
    public function start(Request $request, string $task): JsonResponse
    {
        $user = Answer::user($request);
        $row = DB::table('sensor_tasks')->where('shop_id', $user->shop_id)->where('id', $task)->first() ?? throw Refusal::notFound('task');
        $file = OrderFile::open($user, $row->repair_order_id);
        $sheet = $file->state()->sheet;
        $sensor = $sheet->sensor($row->sensor) ?? throw Refusal::notFound('task');

        return Answer::json([...self::begun($user, $sheet, $sensor), 'order' => $file->row->id]);
    }

    /** The same for a sensor of a car in the register, without any order. */
    public function startOfCar(Request $request, string $family, string $sensor): JsonResponse
    {
        $user = Answer::user($request);
        $row = VehicleRegister::query($user)->where('family', $family)->where('newest', true)->first() ?? throw Refusal::notFound('sheet');
        $sheet = Document::read(VehicleSheet::class, Node::parse((string) $row->document));

        return Answer::json([...self::begun($user, $sheet, $sheet->sensor($sensor) ?? throw Refusal::notFound('sheet')), 'order' => null]);
    }

    /** @return array<string, mixed> */
    private static function begun(User $user, VehicleSheet $sheet, CarSensor $sensor): array
    {
        $words = new Words(Shop::query()->findOrFail($user->shop_id)->reader());
        $cautions = json_decode((string) file_get_contents(base_path('core/defaults/cautions.json')), true, 8, JSON_THROW_ON_ERROR);

        return [
            'document' => CardStart::of($sheet, $sensor, is_array($cautions) ? array_values(array_filter($cautions, is_string(...))) : []), 'looksBack' => $sensor->looksBack(),
            'ways' => CardAdjustment::WAYS, 'sources' => ['car' => $words->of('card.start.car'), 'usual' => $words->of('card.start.usual')],
        ];
    }

    /**
     * The task for which a card was entered works by it where it has none, and so does that of the other sensor of a pair.
     *
     * @param list<string> $sensors that the card is for
     */
    private static function forTask(User $user, string $task, string $card, array $sensors): void
    {
        $tasks = DB::table('sensor_tasks')->where('shop_id', $user->shop_id);
        $order = (clone $tasks)->where('id', $task)->value('repair_order_id') ?? throw Refusal::notFound('task');
        (clone $tasks)->where('repair_order_id', $order)->whereIn('sensor', $sensors)->whereNull('procedure_card_id')->update(['procedure_card_id' => $card]);
    }

    public function export(Request $request, string $card): Response
    {
        $row = $this->find($request, $card);
        $pretty = json_encode(json_decode($row->document, false, 64, JSON_THROW_ON_ERROR), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return new Response($pretty . "\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="' . Document::read(ProcedureCard::class, Node::parse($row->document))->id . "-v{$row->version}.json\"",
        ]);
    }

    private function noSecondOfItsId(User $user, \stdClass $document, ?CardRow $after): void
    {
        $other = CardRow::query()->where('shop_id', $user->shop_id)->where('newest', true)->where('practice', false)->where('document->id', $document->id ?? '')->first();
        if ($other !== null && ($after === null || $other->family !== $after->family)) {
            throw Refusal::field('/document/id', Message::of('card.id-used'));
        }
    }

    /** @return array<string, mixed> */
    private function page(User $user, CardRow $row): array
    {
        $versions = CardRow::query()->toBase()->where('shop_id', $user->shop_id)->where('family', $row->family)->orderByDesc('version')->get(['id', 'version', 'document', 'checked_at', 'newest']);
        $node = Node::parse($row->document);

        return [
            'id' => $row->id,
            'version' => (int) $row->version,
            'newest' => (bool) $row->newest,
            'document' => $node->raw(),
            ...CardForm::page($node),
            'mayEdit' => $user->may(Act::EnterCard) && $row->newest,
            'mayCheck' => $row->newest && $row->entered_by !== $user->id && ! Document::read(ProcedureCard::class, $node)->isChecked(),
            'versions' => $versions->map(static fn(\stdClass $version): array => [
                'id' => $version->id, 'version' => (int) $version->version, ...CardForm::line(Node::parse($version->document)), 'checked' => $version->checked_at !== null,
            ])->all(),
        ];
    }

    private function find(Request $request, string $card, bool $forWriting = false): CardRow
    {
        return CardRow::query()
            ->where('shop_id', Answer::user($request)->shop_id)
            ->where('id', preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/', $card) === 1 ? $card : throw Refusal::notFound('card'))
            ->when($forWriting, static fn($query) => $query->lockForUpdate())
            ->first() ?? throw Refusal::notFound('card');
    }
}
