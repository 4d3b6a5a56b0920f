<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\Photo;
use App\Models\ProcedureCard;
use App\Models\SensorTask;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Journal\BayChosen;
use Lumbro\Core\Journal\CardChosen;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\PhotoAdded;
use Lumbro\Core\Message\Message;

/** What a line about the car means for the shop's own tables: what it names must be there, and what lists show follows it. */
final class Consequences
{
    /**
     * The line as the shop's tables have it.
     *
     * @throws Refusal where it names something the shop has not
     */
    public static function grounded(User $user, OrderFile $file, OrderLine $line): OrderLine
    {
        return match (true) {
            $line instanceof PhotoAdded => self::photo($user, $file, $line),
            $line instanceof BayChosen => self::bay($user, $file, $line),
            $line instanceof CardChosen => self::card($user, $file, $line),
            $line instanceof DetailNoted => self::detail($file, $line),
            default => $line,
        };
    }

    private static function photo(User $user, OrderFile $file, PhotoAdded $line): PhotoAdded
    {
        $isHere = Str::isUuid($line->photo) && Photo::query()->where('shop_id', $user->shop_id)->where('id', $line->photo)->where('repair_order_id', $file->row->id)->exists();

        return $isHere ? $line : throw Refusal::field('/payload/photo', Message::of('photo.none'));
    }

    /** The bay as the shop calls it, whatever the one who chose it called it. */
    private static function bay(User $user, OrderFile $file, BayChosen $line): BayChosen
    {
        $name = Str::isUuid($line->bay) ? DB::table('bays')->where('shop_id', $user->shop_id)->where('id', $line->bay)->value('name') : null;
        if (! is_string($name)) {
            throw Refusal::field('/payload/bay', Message::of('bay.none'));
        }
        DB::table('repair_orders')->where('shop_id', $user->shop_id)->where('id', $file->row->id)->update(['bay_id' => $line->bay]);

        return Copy::of($line, ['name' => $name]);
    }

    private static function card(User $user, OrderFile $file, CardChosen $line): CardChosen
    {
        if (! Str::isUuid($line->card) || ! ProcedureCard::query()->where('shop_id', $user->shop_id)->where('id', $line->card)->exists()) {
            throw Refusal::field('/payload/card', Message::of('card.none'));
        }
        foreach ($file->tasks as $task) {
            if ($task->sensor === $line->sensor && $task->hash !== null) {
                throw Refusal::sealed();
            }
        }
        SensorTask::query()
            ->where('shop_id', $user->shop_id)
            ->where('repair_order_id', $file->row->id)
            ->where('sensor', $line->sensor)
            ->update(['procedure_card_id' => $line->card]);

        return $line;
    }

    private static function detail(OrderFile $file, DetailNoted $line): DetailNoted
    {
        if (in_array($line->field, ['vehicle', 'plate', 'vin'], true)) {
            DB::table('repair_orders')->where('shop_id', $file->row->shop_id)->where('id', $file->row->id)->update([$line->field => $line->value]);
            $file->row->{$line->field} = $line->value;
        }

        return $line;
    }
}
