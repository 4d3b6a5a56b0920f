<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GiveLink;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use Tests\Support\AppServer;
use Tests\Support\Machine;
use Tests\Support\TestDatabase;

/** On the shop's network: over TLS alone, by its own names alone, with a certificate that can vouch for nothing else. */
final class ServeTest extends FeatureCase
{
    private const OWN = 'lumbro_test_serve';

    private const NAMES = ['bay.copperlane.example', '127.0.0.1', '10.87.0.1'];

    private static ?AppServer $server = null;

    protected function setUp(): void
    {
        parent::setUp();
        if (self::$server === null) {
            TestDatabase::create(self::OWN, $this->app);
            self::$server = AppServer::start(self::OWN, self::NAMES);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->down();
        self::$server = null;
        parent::tearDownAfterClass();
    }

    public function testWhoTrustsTheShopsAuthorityIsServedByEachOfItsNames(): void
    {
        foreach (array_slice(self::NAMES, 0, 2) as $name) {
            [$error, $status, $headers] = $this->ask("https://$name", '/api/csrf');
            self::assertSame([0, 204], [$error, $status], $name);
            self::assertStringContainsString('max-age=31536000', $headers);
            self::assertSame(2, preg_match_all('/^set-cookie:.*; secure/im', $headers), $headers);
        }
        [, $status, $headers, $page] = $this->ask('https://' . self::NAMES[0], '/authority.crt');
        self::assertSame([200, file_get_contents($this->tls('authority.crt'))], [$status, $page]);
        self::assertStringContainsStringIgnoringCase('content-type: application/x-x509-ca-cert', $headers);
    }

    public function testWhoeverElseAsksIsRefused(): void
    {
        [$error] = $this->ask('https://' . self::NAMES[0], '/', [CURLOPT_CAINFO => '/etc/ssl/certs/ca-certificates.crt']);
        self::assertSame(CURLE_SSL_CACERT, $error, 'the authority is nobody to a stranger');
        [$error] = $this->ask('https://other.example', '/');
        self::assertSame(CURLE_SSL_PEER_CERTIFICATE, $error, 'another name is not on the certificate');
        [, $status, , $page] = $this->ask('https://other.example', '/', [CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_SSL_VERIFYPEER => false]);
        self::assertSame(421, $status, 'nor served to who does not look');
        self::assertStringNotContainsString('Lumbro', $page);
        [, $status] = $this->ask('https://' . self::NAMES[0], '/api/csrf', [CURLOPT_HTTPHEADER => ['Host: other.example']]);
        self::assertSame(421, $status);
        [, $status] = $this->ask('http://' . self::NAMES[0], '/');
        self::assertSame(400, $status, 'not without TLS');
        [$error] = $this->ask('https://' . self::NAMES[0], '/', [CURLOPT_SSLVERSION => CURL_SSLVERSION_MAX_TLSv1_1 | CURL_SSLVERSION_TLSv1_0]);
        self::assertNotSame(0, $error, 'nor by old TLS');
    }

    public function testAnotherMachineSignsInAndIsRefusedWithoutTls(): void
    {
        try {
            $machine = Machine::make();
        } catch (\RuntimeException $failure) {
            self::markTestSkipped($failure->getMessage());
        }
        $space = $machine->space;
        try {
            $jar = getenv('LUMBRO_SCRATCH') . "/jar-$space";
            $curl = fn(string $more): array => $this->shell("ip netns exec $space curl -sS --max-time 60 --cacert " . escapeshellarg($this->tls('authority.crt')) . " -b $jar -c $jar -w ' %{http_code}' $more");
            $at = 'https://10.87.0.1:' . self::$server?->port;
            self::assertStringEndsWith('204', $curl("$at/api/csrf")[1]);
            preg_match('/XSRF-TOKEN\s+(\S+)/', (string) file_get_contents($jar), $token);
            $signIn = $curl("$at/api/session -H " . escapeshellarg('X-XSRF-TOKEN: ' . urldecode($token[1])) . " -H 'Content-Type: application/json' -d " . escapeshellarg((string) json_encode(['email' => 'ilse@copperlane.example', 'password' => 'plumb-and-line'])));
            self::assertStringEndsWith('200', $signIn[1]);
            self::assertStringContainsString('"practice":true', $curl("$at/api/session")[1]);
            self::assertStringEndsWith('400', $curl('http://10.87.0.1:' . self::$server?->port . '/')[1]);
            self::assertNotSame(0, $this->shell("ip netns exec $space curl -sS --max-time 60 $at/")[0]);
        } finally {
            $machine->gone();
        }
    }

    public function testBehindAProxyThatProxyAloneIsAnsweredAndBelieved(): void
    {
        TestDatabase::create(self::OWN . '_proxy', $this->app);
        putenv('LUMBRO_PROXY=127.0.0.2');
        $server = AppServer::start(self::OWN . '_proxy', [self::NAMES[0]]);
        putenv('LUMBRO_PROXY');
        try {
            $ask = fn(string $from, string $host, string $more): array => $this->shell("curl -sS -i --max-time 60 --interface $from -H 'Host: $host' $more -w '%{http_code}' http://127.0.0.1:$server->port/api/csrf");
            $said = $ask('127.0.0.2', self::NAMES[0], "-H 'X-Forwarded-Proto: https' -H 'X-Forwarded-For: 10.1.2.3'")[1];
            self::assertStringEndsWith('204', $said);
            self::assertSame(2, preg_match_all('/^set-cookie:.*; secure/im', $said), $said);
            self::assertStringContainsString('max-age=31536000', $said);
            foreach ([
                'another machine' => $ask('127.0.0.3', self::NAMES[0], "-H 'X-Forwarded-Proto: https'"),
                'another that says to be it' => $ask('127.0.0.3', self::NAMES[0], "-H 'X-Forwarded-Proto: https' -H 'X-Forwarded-For: 127.0.0.2'"),
                'what came in the clear' => $ask('127.0.0.2', self::NAMES[0], "-H 'X-Forwarded-Proto: http'"),
                'what came by nobody knows what' => $ask('127.0.0.2', self::NAMES[0], ''),
                'another name' => $ask('127.0.0.2', 'other.example', "-H 'X-Forwarded-Proto: https'"),
            ] as $who => $answer) {
                self::assertStringEndsWith('421', $answer[1], $who);
            }
            // A visit is noted with the address that the proxy gives.
            $office = TestDatabase::owner(self::OWN . '_proxy');
            $office->exec("insert into reader_links (shop_id, id, repair_order_id, user_id, kind, reader, person, token_hash, expires_at) select shop_id, gen_random_uuid(), id, (select id from users where email = 'fenna@copperlane.example'), 'customer', 'Reader', 'Fenna Ostrel', '" . GiveLink::hash(str_repeat('a', 43)) . "', now() + interval '1 day' from repair_orders where number = '2463'");
            self::assertStringEndsWith('200', $this->shell("curl -sS -o /dev/null --max-time 180 --interface 127.0.0.2 -H 'Host: " . self::NAMES[0] . "' -H 'X-Forwarded-Proto: https' -H 'X-Forwarded-For: 10.1.2.3' -w '%{http_code}' http://127.0.0.1:$server->port/read/" . str_repeat('a', 43))[1]);
            self::assertSame('10.1.2.3', TestDatabase::one($office, 'select address from reader_visits'));
        } finally {
            $server->down();
        }
    }

    public function testTheAuthorityVouchesForNothingElse(): void
    {
        $folder = getenv('LUMBRO_SCRATCH') . '/evil';
        mkdir($folder);
        $sign = fn(string $name): array => $this->shell("cd $folder && openssl req -new -newkey rsa:2048 -nodes -keyout k -subj /CN=x -out r 2>/dev/null && printf 'subjectAltName=%s\\nextendedKeyUsage=serverAuth\\n' '$name' >e && openssl x509 -req -in r -CA {$this->tls('authority.crt')} -CAkey {$this->tls('authority.key')} -CAcreateserial -days 10 -extfile e -out c 2>/dev/null && openssl verify -CAfile {$this->tls('authority.crt')} c");
        foreach (['DNS:bank.example' => false, 'IP:10.1.1.1' => false, 'DNS:bay.copperlane.example' => true, 'IP:10.87.0.1' => true] as $name => $is) {
            [$status, $said] = $sign($name);
            self::assertSame($is, $status === 0, "$name: $said");
        }
        self::assertSame(0o600, fileperms($this->tls('authority.key')) & 0o777);
        self::assertSame(0o600, fileperms($this->tls('server.key')) & 0o777);
    }

    public function testACertificateIsMadeAgainBeforeItEndsAndTheAuthorityOnlyForOtherNames(): void
    {
        $folder = getenv('LUMBRO_SCRATCH') . '/tls-again';
        $prepare = fn(string $names, string $before = ''): array => $this->shell('cd ' . escapeshellarg(dirname(__DIR__, 2)) . "; . deploy/lib/tls.sh; $before tls_prepare $folder $names 2>&1");
        $made = static fn(): array => array_map(static fn(string $file): string => (string) file_get_contents("$folder/$file"), ['authority.crt', 'server.crt', 'server.key']);
        self::assertSame(0, $prepare('bay.example 192.168.7.3')[0]);
        [$authority, $certificate, $key] = $made();
        self::assertSame(0, $prepare('192.168.7.3 bay.example')[0]);
        self::assertSame([$authority, $certificate, $key], $made(), 'the same names in another order are the same');
        self::assertSame(0, $prepare('bay.example 192.168.7.3', 'TLS_RENEW_SECONDS=$((398 * 86400));')[0]);
        self::assertSame($authority, $made()[0]);
        self::assertNotSame($certificate, $made()[1]);
        self::assertNotSame($key, $made()[2]);
        [$status, $said] = $this->shell("openssl verify -x509_strict -CAfile $folder/authority.crt -verify_hostname bay.example $folder/server.crt");
        self::assertSame(0, $status, $said);
        self::assertSame(0, $prepare('bay.example fd00::7')[0]);
        self::assertNotSame($authority, $made()[0]);
        [$status, $said] = $this->shell("openssl verify -x509_strict -CAfile $folder/authority.crt -verify_ip fd00::7 $folder/server.crt");
        self::assertSame(0, $status, $said);
    }

    public function testAccountsWhosePasswordsArePublishedAreNamed(): void
    {
        Artisan::call('lumbro:published-passwords');
        self::assertStringContainsString('oda@copperlane.example', Artisan::output());
        User::query()->where('email', '<>', 'jory@copperlane.example')->update(['password' => Hash::make('something of their own')]);
        User::query()->where('email', 'jory@copperlane.example')->update(['active' => false]);
        Artisan::call('lumbro:published-passwords');
        self::assertSame('', trim(Artisan::output()));
    }

    /**
     * @param array<int, mixed> $options
     *
     * @return array{int, int, string, string} curl's error, status, headers, what came
     */
    private function ask(string $origin, string $path, array $options = []): array
    {
        $headers = '';
        $host = parse_url($origin, PHP_URL_HOST);
        $handle = curl_init("$origin:" . self::$server?->port . $path);
        self::assertNotFalse($handle);
        curl_setopt_array($handle, $options + [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_CAINFO => $this->tls('authority.crt'),
            CURLOPT_RESOLVE => ["$host:" . self::$server?->port . ':127.0.0.1'],
            CURLOPT_HEADERFUNCTION => static function ($handle, string $line) use (&$headers): int {
                $headers .= $line;

                return strlen($line);
            },
        ]);
        $said = curl_exec($handle);

        return [curl_errno($handle), (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $headers, is_string($said) ? $said : ''];
    }

    private function tls(string $file): string
    {
        return self::$server?->run . "/tls/$file";
    }

    /** @return array{int, string} status and what was said */
    private function shell(string $command): array
    {
        exec('bash -c ' . escapeshellarg($command) . ' 2>&1', $said, $status);

        return [$status, implode("\n", $said)];
    }
}
