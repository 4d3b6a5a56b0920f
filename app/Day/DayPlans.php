<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\User;
use App\Queue\Kind;
use App\Records\Moment;
use App\Records\ShopClock;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Cause;
use Lumbro\Core\Day\Causes;
use Lumbro\Core\Day\Chances;
use Lumbro\Core\Day\Changed;
use Lumbro\Core\Day\DayDocument;
use Lumbro\Core\Day\Planner;
use Lumbro\Core\Day\Slot;
use Lumbro\Core\Day\Timetable;
use Lumbro\Core\Measure\Node;

/**
 * The plan in force. It is made when the day is first looked at, kept as it was told, and mended when something came
 * otherwise; every version stays.
 */
final readonly class DayPlans
{
    /** Cars for which as many plans are tried as the core would. */
    private const CARS = 12;

    /** How many times as long a thorough search goes on. */
    private const THOROUGH = 6;

    /** The part of the time a worker has that a thorough search may take: on a slow machine it is less thorough, not too long. */
    private const PATIENCE = 0.25;

    /** So often a new plan is looked for, where the day changes while it is. */
    private const TURNS = 3;

    /**
     * @param Timetable|null       $plan    null while it is still looked for where cars fit
     * @param array<string, mixed> $changed causes, parts and chances, as they are kept
     */
    private function __construct(public DayBook $book, public ?Timetable $plan, public int $version, public ?string $madeAt, public array $changed) {}

    /** As it stands now; mended first, where something is otherwise than it was told. */
    public static function current(User $user): self
    {
        return self::alone($user, static function () use ($user): self {
            $date = ShopClock::of($user->shop_id)->date();
            $last = DB::table('day_plans')->where('shop_id', $user->shop_id)->where('date', $date)->orderByDesc('version')->first();
            $told = $last === null ? null : DayDocument::readPlan(Node::stored($last->plan));
            $book = new DayBook($user, $told);
            if ($book->unsearched > 0) {
                return new self($book, null, (int) ($last->version ?? 0), null, []);
            }
            if ($last === null || $told === null) {
                $plan = self::quick($book);

                return self::keep($user, $book, $plan, 1, [], []);
            }
            $causes = Causes::between(DayDocument::read(Node::stored($last->day)), $told, $book->day);
            if ($causes === []) {
                return new self($book, $told, (int) $last->version, Moment::read($last->made_at), (array) json_decode($last->changed, true, 16, JSON_THROW_ON_ERROR));
            }
            $plan = Planner::again($book->day, $told);

            return self::keep($user, $book, $plan, (int) $last->version + 1, $causes, Changed::between($book->day, $told, $plan)->parts);
        });
    }

    /**
     * A plan from nothing, whatever was told. It is looked for while others go on with the one in force.
     *
     * @param bool $isThorough whether whoever asked can wait for a better one: some ten seconds
     */
    public static function anew(User $user, bool $isThorough = false): void
    {
        for ($turn = 1; $turn <= self::TURNS; $turn++) {
            $now = self::current($user);
            if ($now->plan === null) {
                return;
            }
            // Where the day has changed meanwhile, the next is a short one.
            $plan = $isThorough && $turn === 1 ? self::thorough($now->book) : self::quick($now->book);
            if (self::replaced($user, $now, $plan)) {
                return;
            }
        }
    }

    private static function quick(DayBook $book, int $times = 1): Timetable
    {
        return Planner::plan($book->day, 1, $times * self::tries($book));
    }

    private static function thorough(DayBook $book): Timetable
    {
        $began = microtime(true);
        $plan = self::quick($book);
        $took = microtime(true) - $began;
        $times = min(self::THOROUGH, (int) (self::PATIENCE * Kind::Plan->seconds() / max(0.001, $took)));

        return $times > 1 ? self::quick($book, $times) : $plan;
    }

    /** Whether a plan took the place of the one that it was made from: not where that one was mended meanwhile. */
    private static function replaced(User $user, self $now, Timetable $plan): bool
    {
        return self::alone($user, static function () use ($user, $now, $plan): bool {
            $newest = (int) DB::table('day_plans')->where('shop_id', $user->shop_id)->where('date', $now->book->clock->date())->max('version');
            if ($newest !== $now->version) {
                return false;
            }
            self::keep($user, $now->book, $plan, $now->version + 1, [new Cause('asked', null, null, $user->name)], Changed::between($now->book->day, $now->plan ?? $plan, $plan)->parts);

            return true;
        });
    }

    /**
     * One change of a shop's plan at a time: whoever asks meanwhile gets its result.
     *
     * @template T
     *
     * @param \Closure(): T $change
     *
     * @return T
     */
    private static function alone(User $user, \Closure $change): mixed
    {
        return DB::transaction(static function () use ($user, $change): mixed {
            DB::select('select pg_advisory_xact_lock(hashtext(?))', ["day $user->shop_id"]);

            return $change();
        });
    }

    /** Fewer where there are many cars, each of which makes a try take longer: nobody waits long for a plan. */
    private static function tries(DayBook $book): int
    {
        return intdiv(Planner::TRIES * self::CARS, max(self::CARS, count($book->day->cars)));
    }

    /**
     * @param list<Cause>                                                           $causes
     * @param list<array{car: string, part: string, was: Slot|null, is: Slot|null}> $parts
     */
    private static function keep(User $user, DayBook $book, Timetable $plan, int $version, array $causes, array $parts): self
    {
        $slot = static fn(?Slot $one): ?array => $one === null ? null : ['stage' => $one->stage, 'from' => $one->from, 'person' => $one->person, 'place' => $one->place];
        $changed = [
            'causes' => array_map(static fn(Cause $one): array => ['kind' => $one->kind, 'car' => $one->car, 'stage' => $one->stage, 'who' => $one->who, 'minutes' => $one->minutes], $causes),
            'parts' => array_map(static fn(array $one): array => ['car' => $one['car'], 'was' => $slot($one['was']), 'is' => $slot($one['is'])], $parts),
            'chances' => Chances::of($book->day, $plan),
        ];
        $madeAt = Moment::iso($book->clock->now);
        DB::table('day_plans')->insert([
            'shop_id' => $user->shop_id, 'date' => $book->clock->date(), 'version' => $version, 'made_at' => $madeAt,
            'day' => json_encode(DayDocument::write($book->day), JSON_THROW_ON_ERROR),
            'plan' => json_encode(DayDocument::plan($plan), JSON_THROW_ON_ERROR),
            'changed' => json_encode([...$changed, 'chances' => (object) $changed['chances']], JSON_THROW_ON_ERROR),
        ]);

        return new self($book, $plan, $version, $madeAt, $changed);
    }
}
