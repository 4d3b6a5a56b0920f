<?php

declare(strict_types=1);

namespace App\Reports;

use Lumbro\Core\Message\Message;

/** For whom a report is made, and what it therefore holds. */
enum ReportKind: string
{
    case Customer = 'customer';
    case Insurer = 'insurer';
    case Shop = 'shop';

    public function title(): Message
    {
        return Message::of("report.title.$this->value");
    }

    /** Whether it shows what the verdicts rest on: card, set-up, drawing, readings before and after, scans, photos. */
    public function hasEvidence(): bool
    {
        return $this !== self::Customer;
    }

    /** Whether it shows every line of the record. */
    public function hasAll(): bool
    {
        return $this === self::Shop;
    }
}
