<?php

declare(strict_types=1);

namespace App\Http;

use App\Devices\DeviceUnavailable;
use App\Failure\Refusal;
use App\Reports\RendererUnavailable;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Message\Message;
use Lumbro\Words\Words;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Every failure as a problem document (RFC 9457) whose `code` and `path` are the core's. */
final class Problem
{
    /** @param string $request its number, by which the log has it */
    public static function from(\Throwable $failure, string $request): JsonResponse
    {
        return match (true) {
            $failure instanceof Refusal => self::answer($failure->status, $failure->problem, $failure->said, $failure->path, $failure->details),
            $failure instanceof NotAllowed => self::answer($failure->isOfRole() ? 403 : 409, $failure->errorCode(), $failure->said, $failure->path(), $failure->details()),
            $failure instanceof CoreFailure => self::answer(422, $failure->errorCode(), $failure->said, $failure->path(), $failure->details()),
            $failure instanceof DeviceUnavailable => self::answer(409, 'device-away', $failure->said),
            $failure instanceof TokenMismatchException => self::answer(419, 'session-expired', Message::of('session.ended')),
            $failure instanceof RendererUnavailable => self::answer(503, 'renderer-away', Message::of('report.no-pdf', ['why' => $failure->getMessage()])),
            $failure instanceof QueryException, $failure instanceof \PDOException => self::database($failure, $request),
            $failure instanceof HttpExceptionInterface => self::http($failure),
            default => self::internal($request),
        };
    }

    /** A database that is away is said as such; any other trouble with it is ours. */
    private static function database(\Throwable $failure, string $request): JsonResponse
    {
        $state = substr((string) $failure->getCode(), 0, 2);
        $away = in_array($state, ['08', '57', '7', ''], true) || str_contains($failure->getMessage(), 'connection');

        if ((string) $failure->getCode() === '23505') {
            return self::answer(409, 'id-used', Message::of('request.used-id'), '/id');
        }
        if ($state === '22') {
            return self::answer(422, 'invalid-input', Message::of('request.unstorable'), '');
        }

        // PostgreSQL's own disk_full; and what it says on a full disk to whoever connects first after its catalogue has changed.
        if ((string) $failure->getCode() === '53100' || str_contains($failure->getMessage(), 'could not write init file')) {
            return self::answer(507, 'disk-full', Message::of('problem.disk-full'));
        }

        return $away
            ? self::answer(503, 'database-away', Message::of('problem.database-away'))
            : self::internal($request);
    }

    private static function internal(string $request): JsonResponse
    {
        return self::answer(500, 'internal', Message::of('problem.internal', ['request' => $request]));
    }

    private static function http(HttpExceptionInterface $failure): JsonResponse
    {
        $status = $failure->getStatusCode();

        return match ($status) {
            404 => self::answer(404, 'not-found', Message::of('problem.no-address')),
            405 => self::answer(405, 'not-allowed', Message::of('problem.no-method')),
            419 => self::answer(419, 'session-expired', Message::of('session.ended')),
            default => self::answer($status, 'refused', Message::of('problem.refused')),
        };
    }

    /** @param array<string, mixed> $details */
    private static function answer(int $status, string $code, Message|string $said, ?string $path = null, array $details = []): JsonResponse
    {
        return new JsonResponse(
            ['type' => 'about:blank', 'title' => (new Words())->say($said), 'says' => $said, 'status' => $status, 'code' => $code, 'path' => $path, ...$details],
            $status,
            ['Content-Type' => 'application/problem+json'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
