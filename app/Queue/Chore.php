<?php

declare(strict_types=1);

namespace App\Queue;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Message\Message;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request that takes long: kept until a worker does it in the place of the server, and its answer until it was fetched.
 * Its row says how it stands; the bodies are files beside it.
 */
final readonly class Chore
{
    public const WAITING = 'waiting';
    public const RUNNING = 'running';
    public const DONE = 'done';
    public const CANCELLED = 'cancelled';

    /** More than this of one person wait for nobody. */
    private const MOST = 12;

    /** Seconds for which an answer stays to be fetched. */
    private const KEPT = 3600;

    /** So many of the last ones say how long one usually takes. */
    private const USUAL = 21;

    private function __construct(public \stdClass $row) {}

    /**
     * @param string $number of the request, by which the log has it
     *
     * @throws Refusal where this person has too much waiting already
     */
    public static function keep(User $user, Request $request, Kind $kind, string $number): self
    {
        $waiting = DB::table('chores')->where('shop_id', $user->shop_id)->where('user_id', $user->id)->whereIn('state', [self::WAITING, self::RUNNING])->count();
        if ($waiting >= self::MOST) {
            throw Refusal::conflict('chores-waiting', Message::of('chore.too-many', ['most' => self::MOST]));
        }
        self::prune();
        $id = (string) Str::uuid7();
        is_dir(self::folder()) || @mkdir(self::folder(), 0o770, true);
        $file = fopen(self::folder() . "/$id.body", 'wb');
        $bytes = $file === false ? false : stream_copy_to_stream($request->getContent(true), $file);
        if ($file === false || $bytes === false || ! fclose($file)) {
            throw new \RuntimeException('The body of a request could not be kept.');
        }
        DB::table('chores')->insert([
            'shop_id' => $user->shop_id, 'id' => $id, 'user_id' => $user->id, 'kind' => $kind->value, 'state' => self::WAITING,
            'method' => $request->method(), 'address' => $request->getRequestUri(), 'type' => (string) $request->headers->get('Content-Type'),
            'request' => $number, 'from' => $request->ip(), 'bytes' => $bytes, 'asked_at' => Moment::now(),
        ]);
        DoChore::dispatch($user->shop_id, $id);
        Woken::wake();

        return self::open($user, $id);
    }

    /** @throws Refusal where this person asked for no such thing */
    public static function open(User $user, string $id): self
    {
        $found = self::find($user->shop_id, $id);

        return $found !== null && $found->row->user_id === $user->id ? $found : throw Refusal::notFound('chore');
    }

    public static function find(string $shop, string $id): ?self
    {
        $row = DB::table('chores')->where('shop_id', $shop)->where('id', $id)->first();

        return $row === null ? null : new self($row);
    }

    public function kind(): Kind
    {
        return Kind::from($this->row->kind);
    }

    public function body(): string
    {
        return (string) file_get_contents($this->file('body'));
    }

    /** Whether a worker has it now: nobody else has, and it was not cancelled. */
    public function begin(string $worker): bool
    {
        return $this->rows()->where('state', self::WAITING)->update(['state' => self::RUNNING, 'worker' => $worker, 'began_at' => Moment::now(), 'attempts' => (int) $this->row->attempts + 1]) === 1;
    }

    /** Whether somebody still waits for it. */
    public function isWanted(): bool
    {
        return $this->rows()->where('state', self::RUNNING)->exists();
    }

    /** What came of it is kept. A crash in between leaves it to be done again. */
    public function end(Response $answer): void
    {
        file_put_contents($this->file('answer.part'), json_encode([$answer->getStatusCode(), $this->headers($answer)], JSON_THROW_ON_ERROR) . "\n" . $answer->getContent());
        rename($this->file('answer.part'), $this->file('answer'));
        @unlink($this->file('body'));
        $this->rows()->where('state', self::RUNNING)->update(['state' => self::DONE, 'ended_at' => Moment::now()]);
    }

    /** Back to those that wait: its worker is gone. */
    public function giveBack(): void
    {
        $this->rows()->where('state', self::RUNNING)->update(['state' => self::WAITING, 'worker' => null]);
    }

    /** Nobody wants it any more. What it has written by then stays, as an answer does that comes a moment too late. */
    public function cancel(): void
    {
        $this->rows()->whereIn('state', [self::WAITING, self::RUNNING])->update(['state' => self::CANCELLED, 'ended_at' => Moment::now()]);
        @unlink($this->file('body'));
    }

    /** @return array{id: string, kind: string, state: string, ahead: int, seconds: float, usually: float|null, mayBeDone: bool} how many come before it; how long it has been worked on, and usually takes; whether it may have changed something by now */
    public function progress(): array
    {
        $row = $this->row;
        $usual = DB::table('chores')->where('shop_id', $row->shop_id)->where('kind', $row->kind)->where('state', self::DONE)->orderByDesc('ended_at')->limit(self::USUAL)
            ->get(['began_at', 'ended_at'])->map(static fn(\stdClass $one): float => self::between($one->began_at, $one->ended_at))->sort()->values()->all();

        return [
            'id' => $row->id,
            'kind' => $row->kind,
            'state' => $row->state,
            'ahead' => $row->state === self::WAITING ? DB::table('chores')->whereIn('state', [self::WAITING, self::RUNNING])->where('asked_at', '<', $row->asked_at)->count() : 0,
            'seconds' => $row->began_at === null ? 0.0 : round(self::between($row->began_at, $row->ended_at ?? Moment::now()), 2),
            'mayBeDone' => $row->method !== 'GET' && $row->began_at !== null,
            'usually' => $usual === [] ? null : round($usual[intdiv(count($usual), 2)], 2),
        ];
    }

    /** @throws Refusal where there is none: not yet, or no more */
    public function answer(): Response
    {
        $kept = $this->row->state === self::DONE ? @file_get_contents($this->file('answer')) : false;
        if ($kept === false) {
            throw Refusal::conflict('chore-not-done', Message::of('chore.no-answer'));
        }
        $end = (int) strpos($kept, "\n");
        [$status, $headers] = json_decode(substr($kept, 0, $end), true, 8, JSON_THROW_ON_ERROR);

        return new Response(substr($kept, $end + 1), $status, $headers);
    }

    /** What was asked for long ago is gone, and its files. */
    private static function prune(): void
    {
        $long = gmdate('Y-m-d\TH:i:s\Z', time() - self::KEPT);
        foreach (DB::table('chores')->whereNotNull('ended_at')->where('ended_at', '<', $long)->orderBy('ended_at')->limit(50)->get(['shop_id', 'id', 'kind', 'state', 'ended_at']) as $row) {
            @unlink(self::folder() . "/$row->id.answer");
            @unlink(self::folder() . "/$row->id.answer.part");
            @unlink(self::folder() . "/$row->id.body");
            DB::table('chores')->where('shop_id', $row->shop_id)->where('id', $row->id)->delete();
        }
    }

    /** @return array<string, string> what a browser needs to know of an answer */
    private function headers(Response $answer): array
    {
        $headers = [];
        foreach (['Content-Type', 'Content-Disposition', 'Content-Security-Policy', 'X-Content-Type-Options', 'Cache-Control'] as $name) {
            $value = $answer->headers->get($name);
            if ($value !== null) {
                $headers[$name] = $value;
            }
        }

        return $headers;
    }

    private static function between(string $from, string $to): float
    {
        return max(0.0, (float) (new \DateTimeImmutable($to))->format('U.u') - (float) (new \DateTimeImmutable($from))->format('U.u'));
    }

    private function file(string $part): string
    {
        return self::folder() . "/{$this->row->id}.$part";
    }

    private function rows(): \Illuminate\Database\Query\Builder
    {
        return DB::table('chores')->where('shop_id', $this->row->shop_id)->where('id', $this->row->id);
    }

    private static function folder(): string
    {
        return storage_path('chores');
    }
}
