<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Scan;

/** A scan of trouble codes as a CSV table (formats, "Scan"). */
final class ScanTable
{
    /**
     * The rows of a CSV file, its heading first.
     *
     * @param list<array<int, string>> $rows
     *
     * @throws InvalidInput naming the row and the column
     */
    public static function read(array $rows, string $tool, string $readAt): Scan
    {
        $table = new CsvTable($rows, ['unit', 'code'], ['text', 'status'], Scan::MOST);
        $codes = [];
        foreach ($table->rows() as $row) {
            $codes[] = new TroubleCode($row->text('unit', 60), $row->text('code', 60), $row->optional('text', 300), $row->optional('status', 60));
        }

        return new Scan($tool, $readAt, $codes);
    }
}
