<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Consequences;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\OrderSummary;
use App\Records\Recorder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\Order\OrderAnswer;
use Lumbro\Core\Exercise\Order\OrderCar;
use Lumbro\Core\Exercise\Order\OrderRubric;
use Lumbro\Core\Exercise\Order\Place;
use Lumbro\Core\Facts\OrderBenchDocument;
use Lumbro\Core\Facts\OrderReckoningDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** An order that somebody practises on: they look at the car, note what they see, and say what is owed or whether it can be closed. */
final class OrderBench
{
    /**
     * @return array<string, mixed> (openapi.yaml, "OrderBench")
     *
     * @throws Refusal where the exercise is over, or is at a target
     */
    public static function show(User $user, string $id): array
    {
        $run = self::open($user, $id);

        return OrderBenchDocument::write(self::order($user, $run), Runs::car($run), self::looked($run), $run->help === Help::Guided->value);
    }

    /** Looks somewhere. */
    public static function look(User $user, string $id, Place $place): void
    {
        $run = self::open($user, $id);
        $order = self::order($user, $run);
        if (! in_array($place, $order->places(), true) || $order->isCovered($place)) {
            throw Refusal::conflict('covered', Message::of('practice.covered'));
        }
        DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->update(['looked' => json_encode(array_values(array_unique([...self::looked($run), $place], SORT_REGULAR)))]);
    }

    /**
     * Notes something that was seen.
     *
     * @param string $line id of the line
     * @param int    $find which of the things seen there, from 0
     */
    public static function note(User $user, string $id, string $line, Place $place, int $find): void
    {
        $run = self::open($user, $id);
        $order = self::order($user, $run);
        $seen = in_array($place, self::looked($run), true) && ! $order->isCovered($place) ? $order->find($place)[$find] ?? null : null;
        if ($seen?->kind === null) {
            throw Refusal::field('/find', Message::of('practice.not-seen'));
        }
        self::write($user, $run, $line, $seen->kind, $seen->payload);
    }

    /** A cover is put back on, or taken off. */
    public static function cover(User $user, string $id, string $line, Cover $cover, bool $off): void
    {
        self::write($user, self::open($user, $id), $line, 'cover', ['cover' => $cover->value, 'off' => $off]);
    }

    /** Takes a learner's answer; what was true may be said from then on. */
    public static function answer(User $user, string $id, OrderAnswer $answer): void
    {
        DB::transaction(static function () use ($user, $id, $answer): void {
            DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->lockForUpdate()->first();
            $run = self::open($user, $id);
            $car = Runs::car($run);
            $order = self::order($user, $run);
            $score = OrderRubric::score($order, $car->begins === 'intake', $answer, self::looked($run), $run->asked);
            DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->update([
                'ended_at' => Moment::now(),
                'answer' => json_encode(Document::write($answer)),
                'reckoning' => json_encode(OrderReckoningDocument::write($order, $car, $answer, self::looked($run), $score), JSON_THROW_ON_ERROR),
                'method' => $score->method(),
                'result' => $score->result(),
            ]);
        });
    }

    /**
     * The one thing to do now, by what is written in the order.
     *
     * @return array{says: Message|string, why: null}
     */
    public static function asked(User $user, \stdClass $run): array
    {
        return OrderBenchDocument::asked(self::order($user, $run), Runs::car($run));
    }

    /** Its order as it stands. */
    private static function order(User $user, \stdClass $run): OrderCar
    {
        $journal = OrderFile::open($user, $run->repair_order_id)->journal;

        return new OrderCar($journal->context, Runs::car($run), $journal->lines());
    }

    /** @param array<string, mixed> $payload */
    private static function write(User $user, \stdClass $run, string $line, string $kind, array $payload): void
    {
        DB::transaction(static function () use ($user, $run, $line, $kind, $payload): void {
            $file = OrderFile::open($user, $run->repair_order_id, true);
            if (! $file->has($line)) {
                Recorder::insert($user, $file, [Consequences::grounded($user, $file, Kinds::orderLine($kind, $line, $user->name, Moment::now(), Node::parse((string) json_encode((object) $payload))))]);
                OrderSummary::refresh($file);
            }
        });
    }

    /** @return list<Place> */
    private static function looked(\stdClass $run): array
    {
        return array_map(static fn(string $place): Place => Place::from($place), json_decode($run->looked, true, 4, JSON_THROW_ON_ERROR));
    }

    private static function open(User $user, string $id): \stdClass
    {
        $run = Runs::of($user, $id);
        if ($run->ended_at !== null) {
            throw Refusal::conflict('practice-ended', Message::of('practice.ended'));
        }

        return Runs::car($run)->isOrder() ? $run : throw Refusal::conflict('not-an-order', Message::of('practice.not-an-order'));
    }
}
