<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\People\Pads;
use App\People\Sessions;
use App\People\ShopLog;
use App\Records\HeldCalls;
use App\Records\TaskFile;
use App\Reports\QrCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** A phone as a further screen of a task, and who is at which of its readings. */
final class PadController
{
    /** A code for a phone's camera; good once. */
    public function code(Request $request, QrCode $qr, string $task): JsonResponse
    {
        $user = Answer::user($request);
        Body::of($request, []);
        $file = TaskFile::open($user, $task);
        $address = rtrim((string) (config('lumbro.address') ?: $request->getSchemeAndHttpHost()), '/') . '/pad/' . Pads::code($user, $task);
        ShopLog::note(ShopLog::PAD, $user, "{$file->row->number}, {$file->row->sensor}");

        return Answer::json([
            'address' => $address,
            'qr' => $qr->svg($address),
            'minutes' => Pads::MINUTES,
            // A phone cannot reach what this machine alone can.
            'isReached' => ! in_array(parse_url($address, PHP_URL_HOST), ['127.0.0.1', 'localhost', '[::1]'], true),
        ]);
    }

    public function held(Request $request, string $task): JsonResponse
    {
        self::order($request, $task);

        return self::answer($request, $task);
    }

    public function hold(Request $request, string $task): JsonResponse
    {
        $user = Answer::user($request);
        $call = Body::of($request, [], ['call'])->optionalText('call', 80);
        HeldCalls::take($user, self::order($request, $task), $task, self::device($request), $call);

        return self::answer($request, $task);
    }

    private static function answer(Request $request, string $task): JsonResponse
    {
        $user = Answer::user($request);

        return Answer::json(['held' => HeldCalls::of($user, $task, self::device($request))]);
    }

    /** @throws Refusal where it is no task of the shop's */
    private static function order(Request $request, string $task): string
    {
        $order = DB::table('sensor_tasks')->where('shop_id', Answer::user($request)->shop_id)->where('id', $task)->value('repair_order_id');

        return is_string($order) ? $order : throw Refusal::notFound('task');
    }

    private static function device(Request $request): string
    {
        return Sessions::name($request->session()->getId());
    }
}
