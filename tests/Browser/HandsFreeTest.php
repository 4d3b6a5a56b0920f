<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A camera and a voice that stand in for those of a tablet: what they read is looked at before it is taken. */
final class HandsFreeTest extends BrowserCase
{
    public function testANumberIsReadWithTheCameraAndShownFirst(): void
    {
        $browser = $this->browser;
        $this->signIn('fenna@copperlane.example', 'ink-and-paper');
        $browser->find('#search');
        self::assertFalse($browser->has('video'));
        $browser->driver->executeScript(<<<'JS'
            window.seen = ['no number', 'VIN LMB0CLY27RP004711', 'LMB0CLY27RP009999'];
            window.BarcodeDetector = class { async detect() { return [{ rawValue: window.seen[0] }]; } };
            const canvas = document.createElement('canvas');
            canvas.getContext('2d').fillRect(0, 0, 10, 10);
            navigator.mediaDevices.getUserMedia = async () => (window.stream = canvas.captureStream(5));
            JS);
        $browser->press('New repair order');
        $browser->press('Read it with the camera');
        $browser->find('video');
        self::assertSame([], $browser->axe());
        $browser->driver->executeScript('window.seen.shift()');
        $browser->waitForText('[data-testid=camera-found]', 'LMB0CLY27RP004711');
        self::assertSame('', $browser->find('#vin')->getAttribute('value'), 'nothing is taken by itself');
        $this->until('window.stream.getTracks().every((track) => track.readyState === "ended")');
        $browser->driver->executeScript('window.seen.shift()');
        $browser->press('Look again');
        $browser->waitForText('[data-testid=camera-found]', 'LMB0CLY27RP009999');
        $browser->press('That is right');
        $this->until('document.getElementById("vin").value === "LMB0CLY27RP009999"');
        self::assertFalse($browser->has('video'));
    }

    public function testACameraThatCannotBeHadSaysSo(): void
    {
        $this->signIn('fenna@copperlane.example', 'ink-and-paper');
        $this->browser->find('#search');
        $this->browser->driver->executeScript('window.BarcodeDetector = class {}; navigator.mediaDevices.getUserMedia = async () => { throw new DOMException("Permission denied", "NotAllowedError"); }');
        $this->browser->press('New repair order');
        $this->browser->press('Read it with the camera');
        self::assertStringContainsString('Permission denied', $this->browser->waitForText('[role=dialog] [role=alert]', 'The camera cannot be had.'));
    }

    public function testASaidFigureComesIntoTheFieldWhereThisTabletHasSoundOn(): void
    {
        $browser = $this->browser;
        $this->openTask('2470');
        $this->undo();
        $browser->find('#typed');
        self::assertFalse($browser->has('button[aria-pressed]:not([value])'), 'off until it is chosen');
        $browser->press('Menu');
        $browser->tick('Tones; the S key says the call');
        $browser->driver->executeScript(<<<'JS'
            window.meant = ['what', 'fourteen millimetres right'];
            class Way { #words; constructor(words) { this.#words = words; } get words() { return this.#words; } get likely() { return 0.5; } }
            for (const member of ['words', 'likely']) Object.defineProperty(Way.prototype, member, { enumerable: true });
            window.SpeechRecognition = class extends EventTarget {
                start() { setTimeout(() => { const heard = new Event('result'); heard.results = [window.meant.map((words) => new Way(words))]; this.dispatchEvent(heard); }, 50); }
                abort() { this.dispatchEvent(new Event('end')); }
            };
            JS);
        $browser->press('Back');
        $browser->press('Say it');
        $this->until('document.getElementById("typed").value === "14 mm right"');
        $browser->driver->executeScript('window.meant = ["nothing of the kind"]');
        $browser->press('Say it');
        $browser->waitForText('[data-testid=read]', 'No figure was understood');
        self::assertSame('14 mm right', $browser->find('#typed')->getAttribute('value'));
    }
}
