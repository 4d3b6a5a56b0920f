<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A person's hands on a browser, counted: an action is one press or one filled field. */
final class Actions
{
    public int $presses = 0;

    public int $fields = 0;

    public float $waited = 0.0;

    public function __construct(public readonly Browser $browser) {}

    /** Presses the first button, link or option that begins with these words. */
    public function press(string $words): void
    {
        $button = $this->timed(fn() => $this->browser->button($words));
        // As a finger pushes a sheet along until the button is whole.
        $this->browser->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$button]);
        $button->click();
        $this->presses++;
    }

    /** Presses what a selector finds. */
    public function tap(string $css): void
    {
        $this->timed(fn() => $this->browser->find($css))->click();
        $this->presses++;
    }

    public function tick(string $words): void
    {
        $this->browser->tick($words);
        $this->presses++;
    }

    /** Fills a field. */
    public function fill(string $css, string $text): void
    {
        $this->timed(fn() => $this->browser->find($css));
        $this->browser->type($css, $text);
        $this->fields++;
    }

    /** Fills a field and sends it off with Enter: one action, as the hand does both. */
    public function send(string $css, string $text): void
    {
        $this->fill($css, $text . WebDriverKeys::ENTER);
    }

    /** Looks for something by a part of its words and takes it: a field and a press. */
    public function look(string $css, string $part, string $option): void
    {
        $this->fill($css, $part);
        $this->take($option);
        $this->presses++;
    }

    /** Chooses of a list by the beginning of an option's words. */
    public function choose(string $css, string $option): void
    {
        $this->browser->find($css)->click();
        $this->take($option);
        $this->fields++;
    }

    private function take(string $option): void
    {
        $this->timed(fn() => $this->browser->pick($option));
    }

    /** Taps a place of the maker's page, as parts of it. */
    public function tapPage(float $x, float $y): void
    {
        $page = $this->browser->find('[data-testid=page-1]');
        $size = $page->getSize();
        $this->browser->driver->executeScript(
            'const [page, x, y] = arguments; const box = page.getBoundingClientRect(); page.dispatchEvent(new MouseEvent("click", { bubbles: true, clientX: box.left + x * box.width, clientY: box.top + y * box.height }))',
            [$page, $x, $y],
        );
        $this->presses += $size->getWidth() > 0 ? 1 : 0;
    }

    public function key(string $key): void
    {
        $this->browser->keys($key);
        $this->presses++;
    }

    public function file(string $css, string $path): void
    {
        $this->browser->driver->findElement(WebDriverBy::cssSelector($css))->sendKeys($path);
        $this->fields++;
    }

    public function sum(): int
    {
        return $this->presses + $this->fields;
    }

    /** Begins to count again, and says what it came to. */
    public function lap(): int
    {
        $sum = $this->sum();
        $this->presses = $this->fields = 0;

        return $sum;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $look
     *
     * @return T
     */
    private function timed(\Closure $look): mixed
    {
        $begun = microtime(true);
        try {
            return $look();
        } finally {
            $this->waited += microtime(true) - $begun;
        }
    }
}
