<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of a scan of trouble codes (formats, "Scan"). */
final class ScanDocument
{
    public const MOST = 2000;


    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "scan") */
    public static function read(Node $node): Scan
    {
        $f = $node->fields(['tool', 'readAt', 'codes'], ['voltage']);

        return new Scan(
            $f['tool']->line(120),
            $f['readAt']->line(60),
            array_map(self::code(...), $f['codes']->fewItems(self::MOST)),
            isset($f['voltage']) ? $f['voltage']->between(0, 60) : null,
        );
    }

    /** @return array<string, mixed> */
    public static function write(Scan $scan): array
    {
        return [
            'tool' => $scan->tool,
            'readAt' => $scan->readAt,
            'codes' => array_map(static fn(TroubleCode $code): array => [
                'unit' => $code->unit,
                'code' => $code->code,
                ...($code->text === '' ? [] : ['text' => $code->text]),
                ...($code->status === '' ? [] : ['status' => $code->status]),
            ], $scan->codes),
            ...($scan->voltage === null ? [] : ['voltage' => $scan->voltage]),
        ];
    }

    private static function code(Node $node): TroubleCode
    {
        $f = $node->fields(['unit', 'code'], ['text', 'status']);

        return new TroubleCode(
            $f['unit']->line(60),
            $f['code']->line(60),
            isset($f['text']) ? $f['text']->line(300) : '',
            isset($f['status']) ? $f['status']->line(60) : '',
        );
    }
}
