<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Live\LiveServer;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Lets whoever may see an order listen for what is new of it; the web server hands them on to the process that tells it. */
final class LiveController
{
    public function watch(Request $request, string $order): Response
    {
        if (! DB::table('repair_orders')->where('shop_id', Answer::user($request)->shop_id)->where('id', $order)->exists()) {
            throw Refusal::notFound('order');
        }

        return new Response('', 200, ['X-Accel-Redirect' => LiveServer::PREFIX . $order, 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store', 'Content-Type' => 'text/event-stream']);
    }
}
