<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Whoever reads inches is shown no millimetre on any screen of the demo, and the other way round, but where typed or source text is quoted. */
final class UnitsTest extends BrowserCase
{
    /** Fields that are typed into, what was typed, and what a source or a scan tool says in its own words; instruments are called as their makers call them. */
    private const QUOTED = 'input, textarea, [data-testid=ledger], [data-quoted]';

    public function testAnInchPersonSeesNoMillimetre(): void
    {
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $this->walk('in', '/\d\s*mm\b/');
    }

    public function testAMillimetrePersonSeesNoInch(): void
    {
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $this->walk('mm', '/\d(?:\s\d+)?\/\d+ in\b|\d in\b(?! 100)/');
    }

    /** Looks at every screen with derived figures, and at every part of each. */
    private function walk(string $unit, string $forbidden): void
    {
        $this->browser->driver->executeScript('localStorage.setItem("lumbro-length", arguments[0])', [$unit]);
        $seen = 0;
        $shown = 0;
        $look = function (string $where) use ($unit, $forbidden, &$seen, &$shown): void {
            $text = $this->browser->driver->executeScript('const page = document.body.cloneNode(true); page.querySelectorAll(arguments[0]).forEach((one) => one.remove()); document.body.append(page); const text = page.innerText; page.remove(); return text', [self::QUOTED]);
            self::assertIsString($text);
            self::assertDoesNotMatchRegularExpression($forbidden, (string) preg_replace(['/“[^”]*”/u', '/[A-Z][a-z]+(?: [a-z]+)?, \d+ m{1,2}\b(?: base)?/'], '', $text), $where);
            self::assertDoesNotMatchRegularExpression('/\[[a-z-]+\.[a-z.-]+\]|\bundefined\b|\[object /', $text, "$where: a code without words");
            $seen++;
            $shown += preg_match("/\d $unit\b/", $text) === 1 ? 1 : 0;
        };
        foreach (['/', '/practice'] as $path) {
            $this->open($path);
            $look($path);
        }
        foreach (['2471', '2470', '2468', '2466'] as $number) {
            $this->open('/orders/' . $this->api()->order($number));
            $this->parts('nav[aria-label="Parts of the order"]', static fn(string $part) => $look("order $number, $part"));
            $task = '/tasks/' . $this->api()->task($number);
            $this->open($task);
            $this->parts('nav[aria-label=Stages]', static fn(string $part) => $look("task $number, $part"));
            $this->open("$task/stake-out");
            $look("stake-out $number");
        }
        self::assertGreaterThan(60, $seen);
        self::assertGreaterThan(20, $shown, "figures in $unit are shown");
    }

    private function open(string $path): void
    {
        $this->browser->visit($path);
        $this->browser->find('main');
        $this->until('document.querySelector("main").innerText.length > 20 && document.querySelector(".MuiSkeleton-root") === null');
    }

    /** @param \Closure(string): void $look */
    private function parts(string $nav, \Closure $look): void
    {
        $look('as it opens');
        $count = $this->browser->driver->executeScript('return document.querySelectorAll(arguments[0] + " button").length', [$nav]);
        self::assertIsInt($count);
        self::assertGreaterThan(5, $count, $nav);
        for ($i = 0; $i < $count; $i++) {
            $name = $this->browser->driver->executeScript('const one = document.querySelectorAll(arguments[0] + " button")[arguments[1]]; one.click(); return one.innerText', [$nav, $i]);
            usleep(250_000);
            $look(is_string($name) ? (string) strtok($name, "\n") : (string) $i);
        }
    }
}
