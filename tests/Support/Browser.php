<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;

/** Headless Chromium on a page of the application, spoken to in the words of a test. */
final class Browser
{
    /** Seconds that anything may take before a test gives it up: a machine that does three things at once is slow, not wrong. */
    public const PATIENCE = 45.0;

    private const FLAGS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-quic', '--no-first-run',
        '--no-default-browser-check', '--disable-background-networking', '--disable-component-update', '--disable-sync',
        '--disable-default-apps', '--disable-extensions', '--force-device-scale-factor=1', '--hide-scrollbars', '--lang=en-US',
        '--proxy-server=direct://', '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1', '--window-size=1280,800',
    ];

    /** @param resource $process */
    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly string $address,
        private $process,
        private readonly string $profile,
    ) {}

    /** @param bool $told whether it keeps all that it asks for, which costs a tenth of its time */
    public static function open(string $address, bool $told = false): self
    {
        $port = FreePort::find();
        $quiet = ['file', '/dev/null', 'w'];
        $process = proc_open(['chromedriver', "--port=$port"], [['file', '/dev/null', 'r'], $quiet, $quiet], $pipes)
            ?: throw new \RuntimeException('ChromeDriver did not start.');
        $deadline = microtime(true) + self::PATIENCE;
        while (! @fsockopen('127.0.0.1', $port, $code, $text, 0.2)) {
            if (microtime(true) > $deadline) {
                throw new \RuntimeException('ChromeDriver does not answer.');
            }
            usleep(50_000);
        }
        $profile = sys_get_temp_dir() . '/lumbro-browser-' . bin2hex(random_bytes(6));
        $options = (new ChromeOptions())->addArguments([...self::FLAGS, "--user-data-dir=$profile"]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', ...($told ? ['performance' => 'ALL'] : [])]);
        $driver = RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 30_000, 120_000);
        $browser = new self($driver, $address, $process, $profile);
        $browser->size(1280, 800);
        $driver->manage()->timeouts()->setScriptTimeout(60);

        return $browser;
    }

    public function close(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        exec('rm -rf ' . escapeshellarg($this->profile));
    }

    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
    }

    /** Shows the page as on paper, or as on screen again. */
    public function media(string $media, string $scheme = 'light'): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setEmulatedMedia', [
            'media' => $media, 'features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]],
        ]);
    }

    public function visit(string $path): void
    {
        $this->driver->get($this->address . $path);
    }

    public function signIn(string $email, string $password): void
    {
        $this->type('#email', $email);
        $this->type('#password', $password . "\n");
    }

    /** The first visible element of a selector, waited for. */
    public function find(string $css, float $seconds = self::PATIENCE): WebDriverElement
    {
        return $this->wait(fn(): ?WebDriverElement => $this->first($css), "Nothing visible fits “{$css}”", $seconds);
    }

    /** Asked in one go, in the page: an element at a time would cost more than what is tested. */
    private function first(string $css, string $begins = '', string $contains = ''): ?WebDriverElement
    {
        $found = $this->driver->executeScript(<<<'JS'
            const [css, begins, contains] = arguments;
            const said = (one) => (one.innerText ?? one.textContent).replaceAll('\u00a0', ' ').replace(/ +/g, ' ').trim();
            return [...document.querySelectorAll(css)].find((one) =>
                one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && one.getClientRects().length > 0
                && (begins === '' || (!one.disabled && said(one).startsWith(begins)))
                && (contains === '' || said(one).includes(contains))) ?? null;
            JS, [$css, $begins, $contains]);

        // The driver hands elements on by their names alone.
        $name = is_array($found) ? array_values($found)[0] ?? null : null;

        return is_string($name) ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), $name, true) : null;
    }

    public function has(string $css): bool
    {
        return $this->driver->findElements(WebDriverBy::cssSelector($css)) !== [];
    }

    /** A button or link by the beginning of what it says. */
    public function button(string $words): WebDriverElement
    {
        return $this->wait(fn(): ?WebDriverElement => $this->first('button, a', begins: $words), "No button says “{$words}”");
    }

    public function press(string $words): void
    {
        $this->button($words)->click();
    }

    /** Ticks or clears a box by the beginning of its label. */
    public function tick(string $words): void
    {
        $this->wait(fn(): ?WebDriverElement => $this->first('label', begins: $words), "No box says “{$words}”")->click();
    }

    /** Types into a field as soon as it takes what is typed: one that is just being drawn does not. */
    public function type(string $css, string $text): void
    {
        $this->wait(function () use ($css, $text): ?bool {
            try {
                $this->find($css)->sendKeys($text);
            } catch (ElementNotInteractableException) {
                return null;
            }

            return true;
        }, "“{$css}” does not take what is typed");
    }

    /** Empties a field as a person does. */
    public function clear(string $css): void
    {
        $this->find($css)->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, WebDriverKeys::DELETE]);
    }

    /** Sends keys to whatever has the focus. */
    public function keys(string $keys): void
    {
        $this->driver->getKeyboard()->sendKeys($keys);
    }

    public function text(string $css): string
    {
        return $this->find($css)->getText();
    }

    public function waitForText(string $css, string $text, float $seconds = self::PATIENCE): string
    {
        return $this->wait(fn(): ?string => $this->first($css, contains: $text)?->getText(), "“{$css}” does not come to say “{$text}”", $seconds);
    }

    public function shot(string $file): void
    {
        $this->driver->executeAsyncScript('const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => setTimeout(done, 250)))');
        $this->driver->takeScreenshot($file);
    }

    /**
     * What axe-core finds on the page, by rule.
     *
     * @return list<string> rule, impact and the first element it concerns
     */
    public function axe(): array
    {
        $this->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2) . '/ui/node_modules/axe-core/axe.min.js'));
        $found = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
                .then((result) => done(result.violations.filter((v) => ['serious', 'critical'].includes(v.impact))
                    .map((v) => v.id + ' (' + v.impact + '): ' + v.nodes.map((n) => n.target.join(' ') + ' ' + n.failureSummary).join(' | '))));
            JS);

        return is_array($found) ? array_values(array_filter($found, is_string(...))) : ['axe-core did not answer'];
    }

    /** @return list<string> what the page's console called an error */
    public function consoleErrors(): array
    {
        $severe = array_filter($this->driver->manage()->getLog('browser'), static fn(array $line): bool => $line['level'] === 'SEVERE');

        return array_values(array_map(static fn(array $line): string => (string) $line['message'], $severe));
    }

    /** @return list<string> every host the page has asked for something */
    public function hosts(): array
    {
        $hosts = [];
        foreach ($this->driver->manage()->getLog('performance') as $line) {
            $message = json_decode((string) $line['message'], true);
            $url = $message['message']['params']['request']['url'] ?? null;
            if (is_string($url) && preg_match('~^(?:https?|wss?)://([^/:]+)~', $url, $match) === 1) {
                $hosts[$match[1]] = true;
            }
        }

        return array_keys($hosts);
    }

    /**
     * @template T
     *
     * @param \Closure(): (T|null) $look
     *
     * @return T
     */
    private function wait(\Closure $look, string $otherwise, float $seconds = self::PATIENCE): mixed
    {
        $deadline = microtime(true) + $seconds;
        do {
            try {
                $found = $look();
                if ($found !== null) {
                    return $found;
                }
            } catch (StaleElementReferenceException) {
                // The page was redrawn while it was looked at.
            }
            usleep(40_000);
        } while (microtime(true) < $deadline);

        throw new TimeoutException($otherwise . ' at ' . $this->driver->getCurrentURL() . ":\n" . mb_substr(
            $this->driver->findElement(WebDriverBy::tagName('body'))->getText(),
            0,
            1500,
        ));
    }
}
