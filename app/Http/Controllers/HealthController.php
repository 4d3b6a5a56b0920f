<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Watch\Checks;
use Illuminate\Http\JsonResponse;

/** Whether the server can do its work, for whatever watches it. It says what is wrong and nothing about the shop. */
final class HealthController
{
    /** A seal waits for its signature, and nothing else does; a disk that is low still takes lines; nothing waits for a worker that is not there. */
    private const WELL = ['ok', 'low', 'unreachable', 'none'];

    public function __invoke(): JsonResponse
    {
        $checks = ['disk' => Checks::disk()['state'], 'signing' => Checks::signing()];
        try {
            $checks += ['database' => 'ok', 'clock' => Checks::clock(), 'queue' => Checks::queue()];
        } catch (\Throwable) {
            $checks += ['database' => 'away', 'clock' => 'unknown', 'queue' => 'unknown'];
        }
        $isWell = array_diff($checks, self::WELL) === [];
        ksort($checks);

        return new JsonResponse(['status' => $isWell ? 'ok' : 'failing', 'checks' => $checks], $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
