<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
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
    public const PATIENCE = 180.0;

    private const FLAGS = [
        '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-quic', '--no-first-run',
        '--no-default-browser-check', '--disable-background-networking', '--disable-component-update', '--disable-sync',
        '--disable-default-apps', '--disable-extensions', '--force-device-scale-factor=1', '--hide-scrollbars', '--lang=en-US',
        '--proxy-server=direct://', '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1', '--window-size=1280,800',
    ];

    /** What a test waits for is waited for in the page, for so many seconds at a time: to be asked again and again would cost more than what is tested. */
    private const SLICE = 2.0;

    /** What of the page is looked at, and as a person reads it. */
    private const SEEN = <<<'JS'
        const said = (one) => (one.innerText ?? one.textContent).replace(/[ \t\u00a0]+/g, ' ').replace(/ *\n[ \n]*/g, '\n').trim();
        const seen = (css, begins, contains) => [...document.querySelectorAll(css)].find((one) =>
            one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && one.getClientRects().length > 0
            && (begins === '' || (!one.disabled && said(one).startsWith(begins)))
            && (contains === '' || said(one).includes(contains))
            // What is drawn ahead of the application gives way to it at once.
            && one.closest('[data-early]') === null) ?? null;
        JS;

    /** Looks until there is something to be seen, or time is up. */
    private const UNTIL = <<<'JS'
        const until = (look, seconds, done) => {
            const end = performance.now() + 1000 * seconds;
            // What takes long is looked for less often: to look takes the page's own time.
            const again = (pause) => {
                const found = look();
                if (found || performance.now() > end) done(found); else setTimeout(again, pause, Math.min(250, 1.3 * pause));
            };
            again(30);
        };
        JS;

    /** For pages that are looked at for seconds: to compile what they do well takes longer than to do it. */
    private const SHORT_LIVED = '--js-flags=--no-opt --no-maglev';

    /** A browser that is never without its server: it neither keeps the application nor begins the core, which costs more than most tests. */
    private const SERVED = <<<'JS'
        delete Navigator.prototype.serviceWorker;
        window.Worker = class extends EventTarget { postMessage() {} terminate() {} };
        JS;

    /** @param resource $process */
    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly string $address,
        private $process,
        private readonly string $profile,
    ) {}

    /**
     * @param bool         $told    whether it keeps all that it asks for, which costs a tenth of its time
     * @param Machine|null $machine where it runs; here where it is null
     * @param string       $trusts  file of a certificate's authority that it has been told to trust; empty for none
     * @param bool         $carries whether it can go on without its server
     * @param string       $profile where it keeps what it is to know when it is opened again; a new place where it is empty
     */
    public static function open(string $address, bool $told = false, ?Machine $machine = null, string $trusts = '', string $profile = '', bool $carries = true): self
    {
        $host = $machine === null ? '127.0.0.1' : Machine::THERE;
        $flags = $machine === null ? [] : ['--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1 , EXCLUDE ' . Machine::HERE];
        $profile = $profile === '' ? sys_get_temp_dir() . '/lumbro-browser-' . bin2hex(random_bytes(6)) : $profile;
        if ($trusts !== '') {
            // As on a tablet: among the certificates of its person.
            $known = escapeshellarg("$profile/.pki/nssdb");
            exec("mkdir -p $known && certutil -d sql:$known -N --empty-password 2>&1 && certutil -d sql:$known -A -n shop -t C,, -i " . escapeshellarg($trusts) . ' 2>&1', $said, $status);
            $status === 0 || throw new \RuntimeException(implode("\n", $said));
        }
        $port = FreePort::find();
        $quiet = ['file', '/dev/null', 'w'];
        $process = proc_open([...($machine?->there() ?? []), 'chromedriver', "--port=$port", ...($machine === null ? [] : ['--allowed-ips=' . Machine::HERE, '--allowed-origins=*'])], [['file', '/dev/null', 'r'], $quiet, $quiet], $pipes, null, $trusts === '' ? null : [...getenv(), 'HOME' => $profile])
            ?: throw new \RuntimeException('ChromeDriver did not start.');
        $deadline = microtime(true) + self::PATIENCE;
        while (! @fsockopen($host, $port, $code, $text, 0.2)) {
            if (microtime(true) > $deadline) {
                throw new \RuntimeException('ChromeDriver does not answer.');
            }
            usleep(50_000);
        }
        $options = (new ChromeOptions())->setBinary(__DIR__ . '/headless')->addArguments([...self::FLAGS, ...$flags, ...($carries ? [] : [self::SHORT_LIVED]), "--user-data-dir=$profile"]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', ...($told ? ['performance' => 'ALL'] : [])]);
        $driver = RemoteWebDriver::create("http://$host:$port", $capabilities, 1000 * (int) self::PATIENCE, 3000 * (int) self::PATIENCE);
        $browser = new self($driver, $address, $process, $profile);
        $browser->size(1280, 800);
        $driver->manage()->timeouts()->setScriptTimeout((int) self::PATIENCE);
        $carries || (new ChromeDevToolsDriver($driver))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::SERVED]);

        return $browser;
    }

    /** As new, but that it has the application's files already: to open another and to fetch them takes longer than many a test. */
    public function anew(): self
    {
        // A page of the same server that asks for nothing: another's would begin a new process.
        $this->visit('/health');
        $this->driver->executeScript('sessionStorage.clear()');
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.clearBrowserCookies');
        $tools->execute('Storage.clearDataForOrigin', ['origin' => $this->address, 'storageTypes' => 'all']);
        $tools->execute('Page.resetNavigationHistory');
        $tools->execute('Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
        $this->size(1280, 800);
        // What was called an error until now is none of the next test's.
        $this->consoleErrors();

        return $this;
    }

    public function close(): void
    {
        $this->driver->quit();
        proc_terminate($this->process);
        proc_close($this->process);
        exec('rm -rf ' . escapeshellarg($this->profile));
    }

    /** Kills it where it stands, as an empty battery would, and opens it again on the same device. */
    public function crash(): self
    {
        exec('pkill -KILL -f ' . escapeshellarg("user-data-dir={$this->profile}"));
        proc_terminate($this->process);
        proc_close($this->process);

        return self::open($this->address, profile: $this->profile);
    }

    /** Takes the page's network away, or gives it back. */
    public function network(bool $isThere): void
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => ! $isThere, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    /** Closes the tab and goes on in another. */
    public function changeTab(): void
    {
        $closed = $this->driver->getWindowHandle();
        $this->driver->switchTo()->newWindow();
        $opened = $this->driver->getWindowHandle();
        $this->driver->switchTo()->window($closed)->close();
        $this->driver->switchTo()->window($opened);
        $this->size(1280, 800);
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

    /** Whatever fits one of these addresses does not come from now on. */
    public function without(string ...$addresses): void
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable');
        $tools->execute('Network.setBlockedURLs', ['urls' => $addresses]);
    }

    /** Is known to the server as a client is that has signed in. */
    public function take(ApiClient $signedIn): void
    {
        foreach ($signedIn->cookies as $name => $value) {
            (new ChromeDevToolsDriver($this->driver))->execute('Network.setCookie', ['url' => $this->address, 'name' => $name, 'value' => $value]);
        }
    }

    public function signIn(string $email, string $password): void
    {
        // Where a session has ended, the address stands there already.
        if ($this->find('#email')->getAttribute('value') !== $email) {
            $this->clear('#email');
            $this->type('#email', $email);
        }
        $this->type('#password', $password . "\n");
    }

    /** The first visible element of a selector, waited for. */
    public function find(string $css, float $seconds = self::PATIENCE): WebDriverElement
    {
        return $this->first($css, "Nothing visible fits “{$css}”", $seconds);
    }

    /** The first visible element of a selector that says something, waited for. */
    private function first(string $css, string $otherwise, float $seconds = self::PATIENCE, string $begins = '', string $contains = ''): WebDriverElement
    {
        return $this->wait(function (float $slice) use ($css, $begins, $contains): ?WebDriverElement {
            $found = $this->inPage('until(() => seen(given[0], given[1], given[2]), given[3], done)', [$css, $begins, $contains, $slice]);
            // The driver hands elements on by their names alone.
            $name = is_array($found) ? array_values($found)[0] ?? null : null;

            return is_string($name) ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), $name, true) : null;
        }, $otherwise, $seconds);
    }

    /** Waits until a condition in the page's own words holds. */
    public function until(string $condition): void
    {
        $this->wait(
            fn(float $slice): ?bool => $this->inPage("until(() => ($condition) === true, given[0], done)", [$slice]) === true ? true : null,
            "It never came to: $condition",
        );
    }

    /**
     * Lets the page answer when it can.
     *
     * @param list<mixed> $given
     *
     * @return mixed null where the page went away meanwhile, or did not come to it
     */
    private function inPage(string $script, array $given): mixed
    {
        try {
            return $this->driver->executeAsyncScript(self::SEEN . self::UNTIL . "const given = [...arguments], done = given.pop();\n$script;", $given);
        } catch (ScriptTimeoutException) {
            // The page was too busy to look up; whoever waits asks again while there is time.
            return null;
        } catch (JavascriptErrorException $gone) {
            if (str_contains($gone->getMessage(), 'document unloaded') || str_contains($gone->getMessage(), 'navigation')) {
                return null;
            }
            throw $gone;
        }
    }

    public function has(string $css): bool
    {
        return $this->driver->findElements(WebDriverBy::cssSelector($css)) !== [];
    }

    /** A button or link by the beginning of what it says. */
    public function button(string $words): WebDriverElement
    {
        return $this->first('button, a', "No button says “{$words}”", begins: $words);
    }

    public function press(string $words): void
    {
        $this->button($words)->click();
    }

    /** Ticks or clears a box by the beginning of its label. */
    public function tick(string $words): void
    {
        $this->first('label', "No box says “{$words}”", begins: $words)->click();
    }

    /** Takes an option by the beginning of its words; a list that is being filled may put a new one in its place meanwhile. */
    public function pick(string $words): void
    {
        $this->wait(function () use ($words): ?bool {
            try {
                $this->first('[role=option]', "No option says “{$words}”", begins: $words)->click();
            } catch (StaleElementReferenceException) {
                return null;
            }

            return true;
        }, "“{$words}” is not to be taken");
    }

    /** Types into a field as soon as it takes what is typed: one that is just being drawn does not. */
    public function type(string $css, string $text): void
    {
        $this->send($css, $text);
    }

    /** @param string|list<string> $keys */
    private function send(string $css, string|array $keys): void
    {
        $this->wait(function () use ($css, $keys): ?bool {
            try {
                $this->find($css)->sendKeys($keys);
            } catch (ElementNotInteractableException) {
                return null;
            }

            return true;
        }, "“{$css}” does not take what is typed");
    }

    /** Empties a field as a person does. */
    public function clear(string $css): void
    {
        $this->send($css, [WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, WebDriverKeys::DELETE]);
    }

    /**
     * Presses and lets go one key after the other, as a keyboard does: whatever has the focus then hears it. A key such as
     * CONTROL is held down up to NULL.
     */
    public function keys(string $keys): void
    {
        $actions = [];
        $held = [];
        foreach (mb_str_split(strtr($keys, ["\n" => WebDriverKeys::ENTER])) as $key) {
            if ($key === WebDriverKeys::NULL) {
                array_push($actions, ...array_map(static fn(string $one): array => ['type' => 'keyUp', 'value' => $one], $held));
                $held = [];
                continue;
            }
            $actions[] = ['type' => 'keyDown', 'value' => $key];
            if (in_array($key, [WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, WebDriverKeys::ALT, WebDriverKeys::META], true)) {
                $held[] = $key;
            } else {
                $actions[] = ['type' => 'keyUp', 'value' => $key];
            }
        }
        $this->driver->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $actions]]]);
    }

    /** What the first visible element of a selector says. */
    public function text(string $css): string
    {
        return $this->said($css, '', "Nothing visible fits “{$css}”", self::PATIENCE);
    }

    public function waitForText(string $css, string $text, float $seconds = self::PATIENCE): string
    {
        return $this->said($css, $text, "“{$css}” does not come to say “{$text}”", $seconds);
    }

    private function said(string $css, string $contains, string $otherwise, float $seconds): string
    {
        return $this->wait(function (float $slice) use ($css, $contains): ?string {
            $said = $this->inPage('until(() => seen(given[0], "", given[1]), given[2], (one) => done(one && said(one)))', [$css, $contains, $slice]);

            return is_string($said) ? $said : null;
        }, $otherwise, $seconds);
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
        if ($this->driver->executeScript('return window.axe === undefined') === true) {
            $this->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2) . '/ui/node_modules/axe-core/axe.min.js'));
        }
        $found = $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            axe.run(document, { resultTypes: ['violations'], runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
                .then((result) => done(result.violations.map((v) => v.id + ' (' + v.impact + '): ' + v.nodes.map((n) => n.target.join(' ') + ' ' + n.failureSummary).join(' | '))));
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
     * @param \Closure(float): (T|null) $look which may take so many seconds
     *
     * @return T
     */
    private function wait(\Closure $look, string $otherwise, float $seconds = self::PATIENCE): mixed
    {
        $deadline = microtime(true) + $seconds;
        do {
            try {
                $found = $look(min(self::SLICE, max(0.0, $deadline - microtime(true))));
                if ($found !== null) {
                    return $found;
                }
            } catch (StaleElementReferenceException) {
                // The page was redrawn while it was looked at.
            }
            usleep(20_000);
        } while (microtime(true) < $deadline);

        throw new TimeoutException($otherwise . ' at ' . $this->driver->getCurrentURL() . ":\n" . mb_substr(
            $this->driver->findElement(WebDriverBy::tagName('body'))->getText(),
            0,
            1500,
        ));
    }
}
