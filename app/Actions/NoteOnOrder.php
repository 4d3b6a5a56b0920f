<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\Photo;
use App\Models\ProcedureCard;
use App\Models\SensorTask;
use App\Models\User;
use App\Records\OrderFile;
use App\Records\OrderRecorder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\BayChosen;
use Lumbro\Core\Journal\CardChosen;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OrderLineDocument;
use Lumbro\Core\Journal\PhotoAdded;
use Lumbro\Core\People\Act;

/** A line is added to an order's record: an operation, a cover's place, an answer, something captured, a scan, a figure. */
final readonly class NoteOnOrder
{
    public const FIELDS = [['kind', 'payload'], ['confirmed']];

    public function __construct(private OrderRecorder $recorder) {}

    public function __invoke(User $user, string $order, Body $body): OrderFile
    {
        $chosen = null;
        $file = $this->recorder->record(
            $user,
            $order,
            $body->id,
            $body->version,
            $body->flag('confirmed'),
            static function (OrderFile $file, string $now) use ($user, $body, &$chosen): OrderLine {
                $kind = $body->node('kind')->oneOf(OrderLineDocument::KINDS);
                if ($kind === 'estimate-line') {
                    throw InvalidInput::because('/kind', 'line.from-estimate');
                }
                if ($kind === 'drive') {
                    throw InvalidInput::because('/kind', 'line.with-track');
                }
                if ($kind === 'left-open' && ! $user->may(Act::HandOver)) {
                    throw Refusal::forbidden(Act::HandOver->refusal());
                }
                $entry = OrderLineDocument::entry($kind, $body->id, $user->name, $now, $body->node('payload'));
                if ($entry instanceof PhotoAdded) {
                    self::photo($user, $file, $entry);
                }
                if ($entry instanceof BayChosen) {
                    $entry = self::bay($user, $file, $entry);
                    $chosen = $entry;
                }
                if ($entry instanceof CardChosen) {
                    self::card($user, $file, $entry);
                    $chosen = $entry;
                }

                return $entry;
            },
        );

        return $chosen === null ? $file : OrderFile::open($user, $order);
    }

    private static function photo(User $user, OrderFile $file, PhotoAdded $entry): void
    {
        if (preg_match('/^[0-9a-f-]{36}$/', $entry->photo) !== 1 || ! Photo::query()->where('shop_id', $user->shop_id)->where('id', $entry->photo)->where('repair_order_id', $file->row->id)->exists()) {
            throw Refusal::field('/payload/photo', 'This order has no such photo.');
        }
    }

    /** The bay as the shop calls it, whatever the one who chose it called it. */
    private static function bay(User $user, OrderFile $file, BayChosen $entry): BayChosen
    {
        $name = Str::isUuid($entry->bay) ? DB::table('bays')->where('shop_id', $user->shop_id)->where('id', $entry->bay)->value('name') : null;
        if (! is_string($name)) {
            throw Refusal::field('/payload/bay', 'The shop has no such bay.');
        }
        DB::table('repair_orders')->where('shop_id', $user->shop_id)->where('id', $file->row->id)->update(['bay_id' => $entry->bay]);

        return new BayChosen($entry->id, $entry->person, $entry->at, $entry->bay, $name);
    }

    private static function card(User $user, OrderFile $file, CardChosen $entry): void
    {
        if (preg_match('/^[0-9a-f-]{36}$/', $entry->card) !== 1 || ! ProcedureCard::query()->where('shop_id', $user->shop_id)->where('id', $entry->card)->exists()) {
            throw Refusal::field('/payload/card', 'The shop has no such card.');
        }
        foreach ($file->tasks as $task) {
            if ($task->sensor === $entry->sensor && $task->hash !== null) {
                throw Refusal::sealed();
            }
        }
        SensorTask::query()
            ->where('shop_id', $user->shop_id)
            ->where('repair_order_id', $file->row->id)
            ->where('sensor', $entry->sensor)
            ->update(['procedure_card_id' => $entry->card]);
    }
}
