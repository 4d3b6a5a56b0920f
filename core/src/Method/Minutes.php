<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** How long readings take one person, minutes: what an ordinary shop takes, until its own records say otherwise. */
final class Minutes
{
    /** Call, or the first word of its name → minutes with walking, holding and typing. */
    private const EACH = [
        'spot-offset' => 1.0, 'spot-along' => 1.5, 'split' => 0.7, 'split-far' => 1.2, 'aim' => 0.7, 'reach' => 1.2,
        'hub' => 1.8, 'bar' => 1.5, 'cross' => 1.8, 'check' => 1.5, 'diagonal' => 2.2,
        'scale' => 0.6, 'return' => 0.8, 'toe' => 0.3, 'pose' => 0.5,
        'sensor-offset' => 1.5, 'sensor-along' => 1.5, 'sensor-height' => 1.0, 'hub-offset' => 1.5, 'range' => 1.8,
        'height' => 0.7, 'staff' => 1.0, 'rule-check' => 0.5,
    ];

    /** Set-up → minutes until the first of its readings can be taken. */
    public const SET_UPS = ['line' => 6.0, 'stand-laser' => 4.0, 'hub-plumbs' => 2.0, 'squares' => 3.0, 'wheel-lasers' => 8.0, 'rig' => 10.0, 'level' => 4.0];

    /** First words of a reading's name → what has to be put up for it. */
    private const NEEDS = [
        'spot-' => 'line', 'sensor-offset' => 'line', 'sensor-along' => 'line', 'hub-offset' => 'line',
        'split' => 'stand-laser', 'aim' => 'stand-laser',
        'cross-' => 'hub-plumbs', 'bar-' => 'hub-plumbs', 'hub-left' => 'hub-plumbs', 'hub-right' => 'hub-plumbs',
        'check-' => 'squares', 'diagonal-' => 'squares',
        'scale-' => 'wheel-lasers', 'return-' => 'wheel-lasers',
        'pose-' => 'rig',
        'staff-' => 'level',
    ];

    /** The same once more, its tools being at hand. */
    private const AGAIN = 0.6;

    /**
     * Set-up → minutes in this shop.
     *
     * @param array<string, float> $own where they are not the usual ones
     *
     * @return array<string, float>
     */
    public static function setUps(array $own): array
    {
        return [...self::SET_UPS, ...$own];
    }

    /** What has to be put up before a reading of this name; null where its instrument is taken out of the pocket. */
    public static function setUp(string $id): ?string
    {
        foreach (self::NEEDS as $first => $setUp) {
            if (str_starts_with($id, $first)) {
                return $setUp;
            }
        }

        return null;
    }

    /** Of a call, or of a staff with its place. */
    public static function of(string $id): float
    {
        $once = Times::once($id);
        $found = 1.5;
        $longest = 0;
        foreach (self::EACH as $name => $minutes) {
            if (($once === $name || str_starts_with($once, "$name-")) && strlen($name) > $longest) {
                [$found, $longest] = [$minutes, strlen($name)];
            }
        }

        return $once === $id ? $found : $found * self::AGAIN;
    }
}
