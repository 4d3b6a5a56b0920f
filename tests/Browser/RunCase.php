<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A run worked through on the screen: what the one card says is done by its key. */
abstract class RunCase extends BrowserCase
{
    private const CARDS = ['pending', 'cause', 'step', 'repeat', 'adjust', 'zero', 'shift', 'send-back', 'sent-back', 'read', 'close'];

    /**
     * Does what the one card says, by its key, until the record may be closed or a card of this name comes.
     *
     * @param \Closure(string): void|null $look at each card that is seen for the first time
     *
     * @return list<string> the cards that came
     */
    protected function follow(?\Closure $look = null, string $until = 'close'): array
    {
        $seen = [];
        for ($i = 0; $i < 70; $i++) {
            $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
            $card = $this->card();
            if (! in_array($card, $seen, true)) {
                $seen[] = $card;
                if ($look !== null) {
                    $look($card);
                }
            }
            if ($card === $until || $card === 'close' || $card === 'sent-back') {
                return $seen;
            }
            $before = $this->browser->text('main');
            $this->act($card);
            $this->until('document.querySelector("main").innerText !== ' . json_encode($before));
        }
        self::fail('It never ends: ' . implode(', ', $seen));
    }

    private function card(): string
    {
        $this->browser->find(implode(', ', array_map(static fn(string $id): string => "[data-testid=$id]", self::CARDS)));
        if ($this->browser->has('#lot-code')) {
            return 'lot-code';
        }
        foreach (self::CARDS as $card) {
            if ($this->browser->has("[data-testid=$card]")) {
                return $card;
            }
        }
        self::fail('No card.');
    }

    private function act(string $card): void
    {
        $browser = $this->browser;
        if ($card === 'cause') {
            $cause = $browser->text('[data-testid=cause] h1');
            $browser->press('Look at the simulated car');
            $found = str_contains($browser->waitForText('[data-testid=cause] [role=status]', 'You find'), 'You find it');
            if ($found) {
                $browser->type('#cause-note', 'seen on the simulated car');
                $browser->press('Found it');
            } else {
                $browser->keys('n');
                // That nothing was seen changes the page too: what is waited for is the next card.
                $this->until('document.querySelector("[data-testid=cause] h1")?.innerText !== ' . json_encode($cause));
            }
        } elseif ($card === 'lot-code') {
            $browser->clear('#lot-code');
            $browser->type('#lot-code', 'L12K5');
            $browser->press('Send the lot code');
            $this->until('document.getElementById("lot-code") === null');
        } elseif ($card === 'read') {
            // The set-up is not sure enough for what the axis reads: one reading more.
            $browser->keys('m');
            $this->until('document.getElementById("typed")?.value !== ""');
            $browser->keys(WebDriverKeys::ENTER);
        } elseif ($card === 'send-back') {
            $this->tabTo('Send it back');
            $browser->keys(WebDriverKeys::ENTER);
        } elseif ($card === 'step' && $browser->has('[data-testid=clock]')) {
            $browser->waitForText('[data-testid=clock]', 'the wait is over');
            $browser->keys('d');
        } else {
            $asks = str_contains($browser->text("[data-testid=$card] button kbd"), 'R');
            $browser->keys($asks ? 'r' : 'd');
        }
    }
}
