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

    /** Its name in codes: without blanks. */
    public function code(): string
    {
        return str_replace(' ', '-', $this->value);
    }
}
