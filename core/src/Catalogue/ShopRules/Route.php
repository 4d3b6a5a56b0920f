<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** How a sensor is calibrated, and what each way proves (need J2). */
enum Route: string
{
    case Static = 'static';
    case Dynamic = 'dynamic';
    case StaticThenDynamic = 'static then dynamic';
    case Choice = 'static or dynamic';

    /** What comes of it, in a sentence. */
    public function proves(): string
    {
        return match ($this) {
            self::Static => 'A static calibration on a proven set-up proves the axis.',
            self::Dynamic => 'A drive lets the sensor learn; that it completes is not proof of the axis.',
            self::StaticThenDynamic => 'The static part proves the axis; the drive after it lets the sensor finish learning and proves nothing more about the axis.',
            self::Choice => 'Either may be chosen; only the static one proves the axis.',
        };
    }

    /**
     * The one route that does what each of these asks for.
     *
     * @param list<self> $asked
     */
    public static function together(array $asked, bool $needsStatic): ?self
    {
        if ($asked === []) {
            return null;
        }
        $static = $needsStatic || in_array(self::Static, $asked, true) || in_array(self::StaticThenDynamic, $asked, true);
        $dynamic = in_array(self::Dynamic, $asked, true) || in_array(self::StaticThenDynamic, $asked, true);

        return match (true) {
            $static && $dynamic => self::StaticThenDynamic,
            $static => self::Static,
            $dynamic => self::Dynamic,
            default => self::Choice,
        };
    }
}
