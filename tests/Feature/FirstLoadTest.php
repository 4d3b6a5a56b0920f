<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** What a browser fetches before it can show anything. */
final class FirstLoadTest extends TestCase
{
    public function testTheFirstLoadStaysUnder350KilobytesOfCompressedScript(): void
    {
        $public = dirname(__DIR__, 2) . '/public';
        $page = (string) file_get_contents("$public/build/index.html");
        self::assertGreaterThan(0, preg_match_all('~(?:src|href)="(/build/[^"]+\.js)"~', $page, $scripts));
        $size = 0;
        foreach (array_unique($scripts[1]) as $script) {
            $size += strlen((string) gzencode((string) file_get_contents($public . $script)));
        }
        self::assertLessThanOrEqual(350_000, $size);
        self::assertDoesNotMatchRegularExpression('~(?:src|href)="(?:https?:)?//~', $page, 'The page asks another host.');
    }
}
