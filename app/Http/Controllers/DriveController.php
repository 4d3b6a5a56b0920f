<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepDrive;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Uuid;
use App\Records\DrivePage;
use App\Records\OrderFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\SampleDrive;

/** Learning drives of a repair order. */
final class DriveController
{
    public function index(Request $request, string $order): JsonResponse
    {
        return Answer::json(DrivePage::of(OrderFile::open(Answer::user($request), $order)));
    }

    public function add(Request $request, string $order, KeepDrive $action): JsonResponse
    {
        $version = $request->query('version');
        if (! is_string($version) || preg_match('/^\d{1,7}$/', $version) !== 1) {
            throw Refusal::field('/version', Message::of('request.version'));
        }
        $driver = $request->query('driver');
        $name = $request->query('name');

        return Answer::json(DrivePage::of($action(
            Answer::user($request),
            $order,
            Uuid::of($request->query('id'), '/id'),
            (int) $version,
            is_string($driver) ? mb_substr($driver, 0, 80) : '',
            is_string($name) && $name !== '' ? $name : 'track',
            $request->getContent(),
        )));
    }

    /** A drive as a recorder would have written it, to try the page with. */
    public function sample(): Response
    {
        return new Response(SampleDrive::gpx((float) gmmktime(9, 40, 0, 6, 18, 2026)), 200, ['Content-Type' => 'application/gpx+xml', 'Content-Disposition' => 'attachment; filename="sample-drive.gpx"']);
    }
}
