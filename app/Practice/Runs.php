<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** The exercises of a shop: who works, or worked, at which simulated car, with how much help. */
final class Runs
{
    /** So many of one's own are listed. */
    private const MOST = 60;

    /** An exercise by its id; null where there is none. */
    public static function row(string $shop, string $id): ?\stdClass
    {
        $row = DB::table('practice_runs')->where('shop_id', $shop)->where('id', $id)->first();

        return $row instanceof \stdClass ? $row : null;
    }

    /**
     * @throws Refusal where there is no such exercise, or it is somebody else's and one is no trainer
     */
    public static function of(User $user, string $id): \stdClass
    {
        $row = self::row($user->shop_id, $id) ?? throw Refusal::notFound('exercise');
        if ($row->user_id !== $user->id && ! $user->may(Act::Train)) {
            throw Refusal::forbidden(Message::of('practice.not-open'));
        }

        return $row;
    }

    /** The exercise that a task belongs to; null where it is a real one. */
    public static function ofTask(string $shop, string $task): ?\stdClass
    {
        $row = DB::table('practice_runs')->where('shop_id', $shop)->where('sensor_task_id', $task)->first();

        return $row instanceof \stdClass ? $row : null;
    }

    /** Its car, with its truth. */
    public static function car(\stdClass $run): PracticeCar
    {
        return Document::read(PracticeCar::class, Node::stored($run->car));
    }

    /** Whether what Lumbro makes of it is kept back. */
    public static function isHidden(\stdClass $run): bool
    {
        return $run->ended_at === null && Help::from($run->help)->isHidden();
    }

    /** @return array<string, mixed> (openapi.yaml, "Exercise") */
    public static function document(\stdClass $run): array
    {
        $car = self::car($run);
        $lesson = $run->source === 'lesson' ? Cars::lesson($run->source_id) : null;

        return [
            'id' => $run->id,
            'number' => "P-$run->number",
            'title' => $run->title,
            'person' => $run->person,
            'help' => $run->help,
            'helpSays' => Help::from($run->help)->said(),
            'hidden' => self::isHidden($run),
            'begins' => $car->begins,
            'lesson' => $lesson === null ? null : ['id' => $lesson->id, 'place' => $lesson->place, 'aim' => $lesson->aim, 'trains' => $lesson->trains, 'minutes' => $lesson->minutes],
            ...Cars::told($car),
            'order' => $run->repair_order_id,
            'task' => $run->sensor_task_id,
            'asked' => $run->asked,
            'beganAt' => Moment::read($run->began_at),
            'endedAt' => $run->ended_at === null ? null : Moment::read($run->ended_at),
            'minutes' => self::minutes($run),
            'method' => $run->method,
            'result' => $run->result,
        ];
    }

    /** @return list<array<string, mixed>> what a learner may name as wrong */
    public static function nameable(): array
    {
        return array_map(static fn(FaultKind $kind): array => ['id' => $kind->value, 'says' => $kind->said()], FaultKind::cases());
    }

    /** @return list<array<string, mixed>> what a car may go back for */
    public static function causes(): array
    {
        return array_map(static fn(Cause $cause): array => ['id' => $cause->value, 'says' => $cause->title()], array_values(array_filter(Cause::cases(), static fn(Cause $cause): bool => $cause->sendsBackTo() !== null)));
    }

    /** @return list<array<string, mixed>> one's own, newest first */
    public static function own(User $user): array
    {
        $rows = DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('user_id', $user->id)->orderByDesc('began_at')->limit(self::MOST)->get();

        return array_values(array_map(self::document(...), $rows->all()));
    }

    /** From its beginning to its end, or until now. */
    private static function minutes(\stdClass $run): int
    {
        $end = $run->ended_at === null ? new \DateTimeImmutable() : new \DateTimeImmutable($run->ended_at);

        return (int) round(($end->getTimestamp() - (new \DateTimeImmutable($run->began_at))->getTimestamp()) / 60);
    }
}
