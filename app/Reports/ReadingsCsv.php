<?php

declare(strict_types=1);

namespace App\Reports;

use App\Records\Moment;
use App\Records\OrderFile;
use Illuminate\Support\Facades\DB;

/** All readings of an order as a table for a spreadsheet. */
final class ReadingsCsv
{
    private const HEADING = ['order', 'sensor', 'reading', 'typed', 'millimetres', 'degrees', 'unit', 'from', 'to', 'instrument', 'strikes', 'person', 'time', 'id'];

    public static function of(OrderFile $file): string
    {
        $rows = [self::HEADING];
        foreach ($file->tasks as $task) {
            $readings = DB::table('readings')->where('shop_id', $file->row->shop_id)->where('sensor_task_id', $task->id)->orderBy('version')->get();
            foreach ($readings as $reading) {
                $rows[] = [
                    $file->row->number, $task->sensor, $reading->call, $reading->typed, $reading->millimetres, $reading->degrees, $reading->unit,
                    $reading->datum_from, $reading->datum_to, $reading->instrument, $reading->strikes_id, $reading->person, Moment::read($reading->recorded_at), $reading->id,
                ];
            }
        }

        return implode('', array_map(self::line(...), $rows));
    }

    /** @param list<mixed> $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(static fn(mixed $cell): string => self::cell($cell), $cells)) . "\r\n";
    }

    /** A text that a spreadsheet would take for a formula is told to be a text. */
    private static function cell(mixed $cell): string
    {
        if (is_float($cell) || is_int($cell)) {
            return (string) $cell;
        }
        $text = is_scalar($cell) ? (string) $cell : '';
        if (preg_match('/^[=+\-@\t\r\n|%]/', $text) === 1 && ! is_numeric($text)) {
            $text = "'" . $text;
        }

        return preg_match('/[",\r\n\']/', $text) === 1 ? '"' . str_replace('"', '""', $text) . '"' : $text;
    }
}
