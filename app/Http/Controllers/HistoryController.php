<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Records\History;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Message\Message;

/** What was known of a car or a sensor before. */
final class HistoryController
{
    public function car(Request $request): JsonResponse
    {
        [$plate, $vin] = [self::text($request, 'plate'), self::text($request, 'vin')];
        if ($plate === null && $vin === null) {
            throw Refusal::field('/plate', Message::of('history.car'));
        }

        return Answer::json(History::ofCar(Answer::user($request)->shop_id, $plate, $vin));
    }

    public function sensor(Request $request): JsonResponse
    {
        $serial = self::text($request, 'serial') ?? throw Refusal::field('/serial', Message::of('history.sensor'));

        return Answer::json(History::ofSensor(Answer::user($request)->shop_id, $serial));
    }

    private static function text(Request $request, string $name): ?string
    {
        $text = $request->query($name);
        $text = is_string($text) ? mb_substr(trim($text), 0, 120) : '';

        return $text === '' ? null : $text;
    }
}
