<?php

declare(strict_types=1);

namespace App\People;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Message\Message;

/**
 * A phone in the hand as a further screen of one task. It is paired by a code that is good once and for a short time, works in
 * the name of whoever showed the code, and can do nothing but what that task's readings need.
 */
final class Pads
{
    /** Minutes in which a code is to be read. */
    public const MINUTES = 3;

    private const SESSION = 'pad';

    /** What a pad may ask for, of its own task. */
    private const MAY = ['api/csrf', 'api/ping', 'api/session', 'api/tasks/{task}', 'api/tasks/{task}/carried', 'api/tasks/{task}/held', 'api/tasks/{task}/meter/*', 'api/repair-orders/{order}/live'];

    /** @return string what its QR code says after the address of the shop */
    public static function code(User $user, string $task): string
    {
        $token = Str::random(40);
        DB::table('pads')->where('shop_id', $user->shop_id)->where('made_at', '<', self::ago(24 * 60))->delete();
        DB::table('pads')->insert(['shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'user_id' => $user->id, 'sensor_task_id' => $task, 'token' => hash('sha256', $token), 'made_at' => Moment::now()]);

        return $token;
    }

    /**
     * @return array{User, string} whose pad it is now, and of which task
     *
     * @throws Refusal where the code is not good, or not any more
     */
    public static function pair(string $token): array
    {
        // Whoever is first has it: the same code at the same moment pairs one phone.
        $pad = DB::selectOne('update pads set paired_at = ? where token = ? and paired_at is null and made_at > ? returning shop_id, user_id, sensor_task_id', [Moment::now(), hash('sha256', $token), self::ago(self::MINUTES)]);
        $user = $pad === null ? null : User::query()->where('shop_id', $pad->shop_id)->where('id', $pad->user_id)->first();
        if (! $user instanceof User || ! $user->active) {
            throw Refusal::field('/token', Message::of('pad.code-over', ['minutes' => self::MINUTES]));
        }

        return [$user, $pad->sensor_task_id];
    }

    /** Makes a session that of a pad. */
    public static function mark(Request $request, string $task): void
    {
        $order = DB::table('sensor_tasks')->where('id', $task)->value('repair_order_id');
        $request->session()->put(self::SESSION, ['task' => $task, 'order' => $order]);
    }

    /** The task a session is a pad of; null where it is a person's own. */
    public static function task(Request $request): ?string
    {
        return self::of($request)['task'] ?? null;
    }

    /** @throws Refusal where a pad asks for what is not its task's */
    public static function bound(Request $request): void
    {
        $pad = self::of($request);
        if ($pad === null) {
            return;
        }
        $may = array_map(static fn(string $path): string => strtr($path, ['{task}' => $pad['task'], '{order}' => $pad['order']]), self::MAY);
        // A line goes to its task alone; which lines somebody may write is their role's matter.
        $isLine = $request->is('api/lines') && $request->json('task') === $pad['task'];
        if (! $isLine && ! $request->is($may)) {
            throw Refusal::forbidden(Message::of('pad.one-task'));
        }
    }

    /** @return array{task: string, order: string}|null */
    private static function of(Request $request): ?array
    {
        $pad = $request->hasSession() ? $request->session()->get(self::SESSION) : null;

        return is_array($pad) ? $pad : null;
    }

    private static function ago(int $minutes): string
    {
        return Moment::iso((new \DateTimeImmutable('now'))->modify("-$minutes minutes"));
    }
}
