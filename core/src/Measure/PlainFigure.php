<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

/** A figure as people and reports write it, grouped and with either decimal mark, as plain digits with a point. */
final class PlainFigure
{
    /**
     * @param string $written digits, spaces, points and commas
     * @param string $unit    "mm", "cm", "m", "in" or "ft": it decides what one comma before three digits is, since nobody
     *                        tapes thousandths of a millimetre, nor thousands of metres, inches or feet
     *
     * @return string|null null where it is no figure, or could be two
     */
    public static function of(string $written, string $unit): ?string
    {
        $grouped = self::grouped($written);
        if ($grouped !== null) {
            return $grouped;
        }
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $written) === 1) {
            return match ($unit) {
                'mm' => str_replace(',', '', $written),
                'cm' => null,
                default => str_replace(',', '.', $written),
            };
        }

        return preg_match('/^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/', $written) === 1 ? str_replace(',', '.', $written) : null;
    }

    /** Where groups of three show which mark is which. */
    private static function grouped(string $written): ?string
    {
        foreach ([' ' => '[.,]', ',' => '\.', '.' => ','] as $group => $decimal) {
            $times = $group === ' ' ? '+' : '{2,}';
            $between = preg_quote($group, '/');
            if (preg_match("/^[1-9]\d{0,2}(?:$between\d{3}){$times}(?:$decimal\d+)?$/", $written) === 1
                || preg_match("/^[1-9]\d{0,2}(?:$between\d{3})+$decimal\d+$/", $written) === 1) {
                return str_replace(',', '.', str_replace($group, '', $written));
            }
        }

        return null;
    }
}
