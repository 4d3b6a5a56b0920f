<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** What a browser fetches before it can show anything. */
final class FirstLoadTest extends TestCase
{
    private const PUBLIC_FOLDER = __DIR__ . '/../../public';

    public function testTheFirstLoadStaysUnder170KilobytesOfCompressedScript(): void
    {
        // As it is sent to a browser that reads Brotli, which all of them do over TLS and on this machine.
        self::assertLessThanOrEqual(170_000, $this->bytes('~(?:src|href)="(/build/[^"]+\.js)"~', 'br'));
        self::assertLessThanOrEqual(195_000, $this->bytes('~(?:src|href)="(/build/[^"]+\.js)"~', 'gz'));
    }

    public function testWhatDrawsTheFirstScreenIsSmall(): void
    {
        // The application itself is named for later: it is neither run nor compiled before the orders are there to be read.
        self::assertLessThanOrEqual(25_000, $this->bytes('~<(?:script|link rel="modulepreload")[^>]* (?:src|href)="(/build/[^"]+\.js)"~', 'br'));
        self::assertGreaterThan(80_000, $this->bytes('~<link data-soon=""[^>]* href="(/build/[^"]+\.js)"~', 'br'));
    }

    public function testWhatIsSaidComesBesideTheScriptAndTheFontsWithIt(): void
    {
        self::assertLessThanOrEqual(70_000, $this->bytes('~<link rel="preload" (?=[^>]*as="fetch")[^>]*href="(/build/[^"]+\.json)"~', 'br'));
        preg_match_all('~<link rel="preload" (?=[^>]*as="font")[^>]*href="(/build/[^"]+\.woff2)"~', $this->page(), $fonts);
        self::assertCount(2, $fonts[1]);
        self::assertDoesNotMatchRegularExpression('~(?:src|href)="(?:https?:)?//~', $this->page(), 'The page asks another host.');
    }

    private function page(): string
    {
        return (string) file_get_contents(self::PUBLIC_FOLDER . '/build/index.html');
    }

    /** Bytes of all that a page names so, as they were compressed when they were built. */
    private function bytes(string $pattern, string $ending): int
    {
        self::assertGreaterThan(0, preg_match_all($pattern, $this->page(), $files));
        $size = 0;
        foreach (array_unique($files[1]) as $file) {
            $plain = self::PUBLIC_FOLDER . $file;
            // What is very small is sent as it is.
            $size += (int) filesize(is_file("$plain.$ending") ? "$plain.$ending" : $plain);
        }

        return $size;
    }
}
