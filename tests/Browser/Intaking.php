<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Intake on the screen, as somebody does it who has all answers. */
trait Intaking
{
    /** Captures what is asked for, one after the other, as the sheet asks. */
    protected function captureAll(string $film = '180'): void
    {
        $browser = $this->browser;
        $photo = $this->file('photo.png', self::png());
        for ($i = 0; $i < 40; $i++) {
            $this->settle();
            $left = $browser->text('[aria-label=Tally]');
            if (! str_contains($left, 'to capture')) {
                return;
            }
            $what = $browser->text('[data-testid=capture] h1');
            match (true) {
                str_starts_with($what, 'No filler'), str_starts_with($what, 'Crossbeam') => $browser->press('Yes'),
                str_starts_with($what, 'Photo') => $browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=capture] input[type=file]'))->sendKeys($photo),
                str_starts_with($what, 'Bracket') => $browser->type('#captured', "0,2\n"),
                str_starts_with($what, 'Film') => $browser->type('#captured', "$film\n"),
                default => $browser->type('#captured', "A-$i\n"),
            };
            $this->until('document.querySelector("[aria-label=Tally]").innerText !== ' . json_encode($left));
        }
        self::fail('The captures never end.');
    }

    protected function answerConditions(): void
    {
        $browser = $this->browser;
        $browser->find('[data-testid=condition]');
        for ($i = 0; $i < 40 && $browser->has('[data-testid=condition]'); $i++) {
            $this->settle();
            $waits = $browser->text('[data-testid=waits]');
            $question = $browser->text('[data-testid=condition] h1');
            if (str_starts_with($question, 'Tyre')) {
                foreach (['front-left' => '2.3', 'front-right' => '2,3', 'rear-left' => '2.1', 'rear-right' => '2.1'] as $wheel => $bar) {
                    $browser->type("#value-$wheel", $bar);
                }
                $browser->press('Yes');
            } elseif (preg_match('/^(Boot|Ride|The bay)/', $question) === 1) {
                $browser->press('On word');
                $browser->type('#word', "Bram Tolley\n");
            } else {
                foreach (['#value-volt' => '13,2', '#value-level' => '75'] as $field => $shown) {
                    if ($browser->has($field)) {
                        $browser->type($field, $shown);
                    }
                }
                $browser->press('Yes');
            }
            $this->until('document.querySelector("[data-testid=waits]").innerText !== ' . json_encode($waits));
        }
    }

    protected function settle(): void
    {
        $this->browser->waitForText('[aria-label=Tally]', 'all saved');
    }

    protected function upload(string $input, string $name, string $content): void
    {
        // What takes the file may still be on its way: it is fetched when it is asked for.
        $this->until('document.querySelector(' . json_encode($input) . ') !== null');
        $this->browser->driver->findElement(WebDriverBy::cssSelector($input))->sendKeys($this->file($name, $content));
    }

    protected function file(string $name, string $content): string
    {
        $path = getenv('LUMBRO_SCRATCH') . "/$name";
        file_put_contents($path, $content);

        return $path;
    }

    protected static function png(): string
    {
        $image = imagecreatetruecolor(600, 400);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
