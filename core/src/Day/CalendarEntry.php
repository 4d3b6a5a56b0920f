<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** One entry of somebody's calendar or list, before it is known what it is about. Hours are on the wall of the shop, such as "2026-11-30T08:00". */
final readonly class CalendarEntry
{
    /**
     * @param string      $title  what it is called, or whom or which order it names
     * @param string      $from   hour
     * @param string      $to     hour, after from
     * @param string|null $source by which it is known again when the file comes again
     * @param string      $why    a note
     */
    public function __construct(public string $title, public string $from, public string $to, public ?string $source = null, public string $why = '') {}
}
