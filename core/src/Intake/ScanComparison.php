<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Journal\ScanTaken;

/** The scan before the work against the one after it: what was cleared, what remains, and what came since (need J34). */
final readonly class ScanComparison
{
    /**
     * @param list<TroubleCode> $cleared there before and not any more
     * @param list<TroubleCode> $remain  there before and after
     * @param list<TroubleCode> $came    there only after: of the run, or of the work
     */
    private function __construct(public array $cleared, public array $remain, public array $came) {}

    /** Null while there is no scan of both phases. */
    public static function of(OrderRecord $record): ?self
    {
        $pre = $record->lastScan('pre');
        $post = $record->lastScan('post');
        if ($pre === null || $post === null) {
            return null;
        }
        // A code is the same one where its unit is, whatever the tool says of its state now.
        $named = static fn(ScanTaken $taken): array => array_combine(
            array_map(static fn(TroubleCode $code): string => mb_strtolower("$code->unit|$code->code"), $taken->scan->codes),
            $taken->scan->codes,
        );
        [$before, $after] = [$named($pre), $named($post)];

        return new self(
            array_values(array_diff_key($before, $after)),
            array_values(array_intersect_key($after, $before)),
            array_values(array_diff_key($after, $before)),
        );
    }
}
