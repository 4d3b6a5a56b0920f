<?php

declare(strict_types=1);

namespace App\Failure;

use Illuminate\Database\QueryException;
use Monolog\LogRecord;
use Monolog\Processor\ProcessorInterface;

/** Keeps a line of the log short, whatever somebody sent: a failure's message holds what it failed on. */
final class ShortLines implements ProcessorInterface
{
    private const BYTES = 2_000;

    public function __invoke(LogRecord $record): LogRecord
    {
        [$context, $message] = [$record->context, $record->message];
        $failure = $context['exception'] ?? null;
        if ($failure instanceof QueryException) {
            // Neither what was bound to it nor the row it failed on: they hold what people typed, and keys of sessions.
            $message = strtok($failure->getPrevious()?->getMessage() ?? '', "\n") . ' in ' . $failure->getSql();
        }
        if ($failure instanceof \Throwable) {
            // Where it happened is enough to find it; arguments and bound values are not written down.
            $context['exception'] = ['class' => $failure::class, 'at' => "{$failure->getFile()}:{$failure->getLine()}", 'by' => array_slice(array_map(
                static fn(array $step): string => ($step['file'] ?? '') . ':' . ($step['line'] ?? ''),
                $failure->getTrace(),
            ), 0, 12)];
        }

        return $record->with(message: mb_strcut($message, 0, self::BYTES), context: $context);
    }
}
