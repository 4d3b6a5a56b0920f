<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Kit\Instrument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** Rules that several lines share. */
final class Rules
{
    /** @throws InvalidInput where the car has no such sensor */
    public static function isOfCar(Situation $now, ?string $sensor, string $path): void
    {
        if ($sensor !== null && $now->order()->sheet->sensor($sensor) === null) {
            throw InvalidInput::because($path, 'order.unknown-sensor', ['sensor' => $sensor]);
        }
    }

    /** @throws NotAllowed where the task has ended, or the tool owes an answer: every way to the sensor passes here (need J25) */
    public static function isOpen(Situation $now): void
    {
        $log = $now->task()->run->log;
        if ($log->sentBack !== null || $log->accepted !== null) {
            throw NotAllowed::now('run-ended', Message::of('run.ended'));
        }
        if ($log->pending !== null) {
            throw NotAllowed::now('tool-pending', Message::of('tool.pending', ['command' => $log->pending->command->said()]));
        }
    }

    /** @throws NotAllowed while the interlock holds and nobody has released it */
    public static function isUnbarred(Situation $now): void
    {
        if (! $now->task()->mayRun()) {
            throw NotAllowed::barred(array_map(static fn(Bar $bar): Message => $bar->says, $now->task()->bars));
        }
    }

    /**
     * The scan tool that a figure was read off; null where nobody named one.
     *
     * @throws InvalidInput where the kit has no such scan tool
     */
    public static function isScanTool(Situation $now, ?string $id): ?Instrument
    {
        if ($id === null) {
            return null;
        }
        foreach ($now->order()->context->kit->instruments as $instrument) {
            if ($instrument->measures->id === $id && $instrument->kind === 'scan-tool') {
                return $instrument;
            }
        }

        throw InvalidInput::because('/payload/tool', 'run.no-tool', ['tool' => InvalidInput::short($id)]);
    }

    /** @throws NotAllowed where the axis was not read before it is corrected (need J26) */
    public static function wasRead(Situation $now): void
    {
        if ($now->task()->run->finding === null) {
            throw NotAllowed::now('not-read', Message::of('run.not-read'));
        }
    }

    /** @throws NotAllowed where the sensor is owed nothing */
    public static function isOwed(Situation $now): void
    {
        if ($now->task()->run->isOnlyRead()) {
            throw NotAllowed::now('only-read', Message::of('run.only-read'));
        }
    }

    /** @throws NotAllowed where somebody in the writer's role may not; of a record that does not say the role, nothing is known */
    public static function may(Situation $now, Act $act): void
    {
        if ($now->role !== null && ! $now->role->may($act)) {
            throw NotAllowed::forbidden($act->refusal());
        }
    }

    /** @throws InvalidInput where a text is shorter than so many characters */
    public static function hasAtLeast(string $text, int $least, string $path): void
    {
        if (mb_strlen($text) < $least) {
            throw InvalidInput::because($path, 'request.too-short', ['least' => $least]);
        }
    }
}
