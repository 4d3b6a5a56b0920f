<?php

declare(strict_types=1);

namespace App\Records;

/** Moments as the API and the database have them. */
final class Moment
{
    /** The present moment, ISO 8601 in UTC, to the millisecond. */
    public static function now(): string
    {
        return self::iso(new \DateTimeImmutable('now'));
    }

    /** Today's date at the shop, YYYY-MM-DD. */
    public static function today(): string
    {
        return (new \DateTimeImmutable('now'))->format('Y-m-d');
    }

    /** PostgreSQL's own form of a moment as ISO 8601 in UTC, to the millisecond. */
    public static function read(string $moment): string
    {
        return self::iso(new \DateTimeImmutable($moment));
    }

    /** ISO 8601 in UTC, to the millisecond. */
    public static function iso(\DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    }
}
