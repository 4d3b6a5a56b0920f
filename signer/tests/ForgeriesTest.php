<?php

declare(strict_types=1);

namespace Lumbro\Signer\Tests;

use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\BookEntry;
use Lumbro\Core\Evidence\Chain;
use Lumbro\Core\Evidence\EntryKind;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealBook;
use Lumbro\Core\Evidence\SealedFile;
use Lumbro\Core\Evidence\SealProof;
use Lumbro\Core\Evidence\Signature;
use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Evidence\Witnesses;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\SealedTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/**
 * Somebody has the shop's whole database and all its files, and not its key. Whatever they hand over in place of what was sealed
 * is found by whoever has the shop's public key, a head that was printed later, and for older states the seal book.
 */
final class ForgeriesTest extends TestCase
{
    private static Shop $shop;

    /** @var array<string, array{\stdClass, SignedEntry}> record of each name with its entry */
    private static array $sealed = [];

    private static string $early = '';

    private static string $late = '';

    private static string $key = '';

    /** @var list<SignedEntry> */
    private static array $entries = [];

    /** What the forger signs with. */
    private static string $seed = '';

    public static function setUpBeforeClass(): void
    {
        self::$shop = $shop = new Shop();
        $seal = static function (string $name, \stdClass $record) use ($shop): void {
            self::$sealed[$name] = [$record, $shop->ask('record', ['record' => $record])];
        };
        $sign = static fn(mixed $content): SignedEntry => $shop->ask('archive', ['content' => $content]);
        $seal('first', Shop::record('2471', 0.05));
        $seal('other', Shop::record('2480', 1.2));
        self::$early = Shop::archive('2471', [self::$sealed['first']], $sign);
        $seal('second', Shop::record('2471', 0.02, self::$sealed['first'][1]->entry->says['hash'] ?? ''));
        self::$late = Shop::archive('2471', [self::$sealed['first'], self::$sealed['second']], $sign);
        $shop->signing->change();
        $seal('third', Shop::record('2482', 0.07));
        self::$entries = $shop->entries();
        self::$key = self::lastOf(self::$entries)->entry->key;
        self::$seed = hash('sha256', 'a key of the forger’s own', true);
    }

    public static function tearDownAfterClass(): void
    {
        self::$shop->gone();
    }

    public function testWhatTheShopSealedHasNothingAgainstIt(): void
    {
        $by = self::witnesses();
        foreach (['other', 'second', 'third'] as $name) {
            self::assertSame([], self::found(Shop::file(...self::$sealed[$name]), $by), $name);
        }
        self::assertSame([], self::found(self::$late, $by));
        // An earlier key of the shop's vouches too, and so does the key alone for what it signed itself.
        self::assertSame([], self::found(Shop::file(...self::$sealed['third']), new Witnesses($by->key)));
        self::assertSame([], self::found(Shop::file(...self::$sealed['other']), new Witnesses(self::$entries[0]->entry->key, $by->book, $by->head)));
    }

    public function testWhatCouldNotBeAskedIsSaid(): void
    {
        $file = SealedFile::read(Node::parse(Shop::file(...self::$sealed['third'])));
        self::assertSame(['book.no-book', 'book.whose-key', 'book.no-head'], array_column(SealProof::ofRecord($file, new Witnesses())->open, 'code'));
        self::assertSame([], SealProof::ofRecord($file, self::witnesses())->open);
        self::assertSame(['book.head-needs-book'], array_values(array_filter(array_column(SealProof::ofRecord($file, new Witnesses(self::$key, null, ['number' => 2, 'hash' => str_repeat('a', 64)]))->open, 'code'), static fn(string $code): bool => $code === 'book.head-needs-book')));
        $bare = SealedFile::read(Node::parse(Shop::file(self::$sealed['third'][0], null)));
        self::assertSame(['book.nobody-signs'], array_column(SealProof::ofRecord($bare, new Witnesses())->open, 'code'));
        // The book itself vouches for a file that left the house before it was signed.
        self::assertSame([], SealProof::ofRecord($bare, self::witnesses())->faults);
    }

    public function testAThousandForgeriesAreFound(): void
    {
        $chance = new Chance(19);
        $kinds = self::kinds();
        $draws = Draws::of(1_000, 72);
        $read = 0;
        for ($i = 0; $i < $draws; $i++) {
            $name = array_keys($kinds)[$i % count($kinds)];
            [$file, $book] = $kinds[$name]($chance);
            try {
                $found = self::found($file, self::witnesses($book));
                $read++;
            } catch (CoreFailure) {
                continue;
            }
            self::assertNotSame([], $found, "draw $i: $name");
        }
        self::assertGreaterThan($draws * 0.6, $read, 'most forgeries can be read');
    }

    /** @return array<string, \Closure(Chance): array{string, SealBook|null}> a forgery by name: the file, and the book that comes with it; the shop's own where it is null */
    private static function kinds(): array
    {
        $name = static fn(Chance $chance): string => ['second', 'other', 'third'][(int) $chance->between(0, 2.99)];
        $anew = static fn(\stdClass $record, BookEntry $entry): BookEntry => self::entry($entry, ['says' => [...$entry->says, 'hash' => Seal::of($record)->hash]]);

        return [
            'a figure, sealed anew' => static function (Chance $c) use ($name): array {
                $n = $name($c);

                return [Shop::file(self::changed($n, $c), self::$sealed[$n][1]), null];
            },
            'a figure, and its entry' => static function (Chance $c) use ($name, $anew): array {
                $n = $name($c);
                $record = self::changed($n, $c);

                return [Shop::file($record, new SignedEntry($anew($record, self::$sealed[$n][1]->entry), self::$sealed[$n][1]->value)), null];
            },
            'a figure, signed with another key' => static function (Chance $c) use ($name, $anew): array {
                $n = $name($c);
                $record = self::changed($n, $c);

                return [Shop::file($record, self::signed($anew($record, self::$sealed[$n][1]->entry))), null];
            },
            'lines in another order' => static function (Chance $c) use ($name, $anew): array {
                $n = $name($c);
                $record = self::copy(self::$sealed[$n][0]);
                $at = ['/journal/task', '/journal/order'][(int) $c->between(0, 1.99)];
                SealedTask::put($record, $at, self::reordered((array) SealedTask::get($record, $at), $c));

                return [Shop::file($record, self::signed($anew($record, self::$sealed[$n][1]->entry))), null];
            },
            'the signature of another' => static fn(Chance $c): array => [Shop::file(self::changed('second', $c), self::$sealed[['first', 'other', 'third'][(int) $c->between(0, 2.99)]][1]), null],
            'a signature that was touched' => static function (Chance $c) use ($name): array {
                [$record, $signed] = self::$sealed[$name($c)];
                $bytes = (string) base64_decode($signed->value, true);
                $at = (int) $c->between(0, 63.99);
                $bytes[$at] = chr(ord($bytes[$at]) ^ (1 << (int) $c->between(0, 7.99)));

                return [Shop::file($record, new SignedEntry($signed->entry, base64_encode($bytes))), null];
            },
            'another place in the book' => static function (Chance $c) use ($name): array {
                [$record, $signed] = self::$sealed[$name($c)];

                return [Shop::file($record, new SignedEntry(self::entry($signed->entry, $c->between(0, 1) < 0.5 ? ['number' => $signed->entry->number + (int) $c->between(1, 40)] : ['previous' => hash('sha256', (string) $c->between(0, 1))]), $signed->value)), null];
            },
            'a record that nobody signed' => static fn(Chance $c): array => [Shop::file(self::changed($name($c), $c), null), null],
            'a whole book with another key' => static function (Chance $c) use ($name): array {
                $n = $name($c);
                $record = self::changed($n, $c);
                $book = self::rebuilt($n, $record, $c->between(0, 1) < 0.5);

                return [Shop::file($record, $book->about(Seal::of($record)->hash)), $book];
            },
            'an older state of the book' => static function (Chance $c): array {
                $count = (int) $c->between(3, count(self::$entries) - 0.01);

                return [Shop::file(...self::$sealed['other']), Shop::book(array_slice(self::$entries, 0, $count))];
            },
            'an older state, and a key said to be lost' => static function (Chance $c): array {
                $count = (int) $c->between(3, count(self::$entries) - 0.01);
                $entries = array_slice(self::$entries, 0, $count);
                $record = self::changed('third', $c);
                $key = Signature::publicKey(self::$seed);
                while (count($entries) < count(self::$entries) + (int) $c->between(0, 2.99)) {
                    $last = self::lastOf($entries)->entry;
                    $begins = $last->key !== $key;
                    $entries[] = self::signed(new BookEntry(Shop::ID, $last->number + 1, $last->hash(), $last->at, $key, $begins ? EntryKind::Lost : EntryKind::Record, $begins ? ['next' => $key] : [...self::$sealed['third'][1]->entry->says, 'hash' => Seal::of($record)->hash]));
                }

                return [Shop::file($record, self::lastOf($entries)), Shop::book($entries)];
            },
            'entries of the book moved, left out or put in twice' => static fn(Chance $c): array => [Shop::file(...self::$sealed['other']), Shop::book(self::shuffled($c))],
            'a revision that another followed' => static fn(): array => [Shop::file(...self::$sealed['first']), null],
            'an archive of before the last revision' => static fn(): array => [self::$early, null],
            'an archive without one of its records' => static fn(Chance $c): array => [self::resigned(Shop::archive('2471', [self::$sealed[['first', 'second'][(int) $c->between(0, 1.99)]]]), self::$late), null],
            'an archive with another record in it' => static function (Chance $c) use ($anew): array {
                $record = self::changed('second', $c);

                return [self::resigned(Shop::archive('2471', [self::$sealed['first'], [$record, self::signed($anew($record, self::$sealed['second'][1]->entry))]]), self::$late), null];
            },
            'an archive with other words beside its photo' => static fn(Chance $c): array => [self::resigned(Shop::archive('2471', [self::$sealed['first'], self::$sealed['second']], null, 'label ' . $c->between(0, 1)), self::$late), null],
            'an archive whose own lines were moved' => static function (Chance $c): array {
                $archive = json_decode(self::$late);
                assert($archive instanceof \stdClass);
                SealedTask::put($archive, '/content/lines', self::reordered((array) SealedTask::get($archive, '/content/lines'), $c));
                SealedTask::put($archive, '/seal/hash', Seal::of(SealedTask::get($archive, '/content'))->hash);

                return [(string) json_encode($archive), null];
            },
        ];
    }

    private static function witnesses(?SealBook $book = null): Witnesses
    {
        $last = self::lastOf(self::$entries)->entry;

        return new Witnesses(self::$key, $book ?? Shop::book(self::$entries), ['number' => $last->number, 'hash' => $last->hash()]);
    }

    /** @return list<string> what speaks against a file */
    private static function found(string $json, Witnesses $by): array
    {
        if (str_contains(substr($json, 0, 60), 'lumbro-archive/')) {
            $archive = Archive::read($json);

            return [...Told::all($archive->broken), ...($archive->holds() ? [] : ['does not hold']), ...Told::all(SealProof::ofArchive($archive, $by)->faults)];
        }
        $file = SealedFile::read(Node::parse($json));

        return [...($file->comesOutTheSame() ? [] : ['does not come out the same']), ...Told::all(SealProof::ofRecord($file, $by)->faults)];
    }

    /** @param list<SignedEntry> $entries */
    private static function lastOf(array $entries): SignedEntry
    {
        return $entries[count($entries) - 1];
    }

    private static function copy(\stdClass $record): \stdClass
    {
        $copy = json_decode((string) json_encode($record, JSON_PRESERVE_ZERO_FRACTION));

        return $copy instanceof \stdClass ? $copy : throw new \LogicException('A record is an object.');
    }

    /** A record with one figure or text of it changed, so that its seal is another. */
    private static function changed(string $name, Chance $chance): \stdClass
    {
        $record = self::copy(self::$sealed[$name][0]);
        $places = [];
        self::leaves($record, '', $places);
        $place = $places[(int) $chance->between(0, count($places) - 0.001)];
        $value = SealedTask::get($record, $place);
        SealedTask::put($record, $place, match (true) {
            is_bool($value) => ! $value,
            is_int($value), is_float($value) => $value + ($chance->between(0, 1) < 0.5 ? 1 : 0.01),
            $value === null => 'something',
            default => (is_string($value) ? $value : '') . 'x',
        });

        return $record;
    }

    /** @param list<string> $places of everything that holds nothing else */
    private static function leaves(mixed $value, string $at, array &$places): void
    {
        if (is_array($value) || $value instanceof \stdClass) {
            foreach ((array) $value as $key => $member) {
                self::leaves($member, $at . '/' . strtr((string) $key, ['~' => '~0', '/' => '~1']), $places);
            }
        } else {
            $places[] = $at;
        }
    }

    /**
     * @param array<array-key, mixed> $lines
     *
     * @return list<\stdClass> chained anew
     */
    private static function reordered(array $lines, Chance $chance): array
    {
        $bare = [];
        foreach ($lines as $line) {
            assert($line instanceof \stdClass);
            /** @var array<string, mixed> $members */
            $members = get_object_vars(self::copy($line));
            unset($members['previous']);
            $bare[] = $members;
        }
        $at = (int) $chance->between(0, count($bare) - 1.001);
        $how = $chance->between(0, 1);
        if ($how < 0.5) {
            [$bare[$at], $bare[$at + 1]] = [$bare[$at + 1], $bare[$at]];
        } else {
            array_splice($bare, $at, 1);
        }
        $linked = json_decode((string) json_encode(Chain::link($bare), JSON_PRESERVE_ZERO_FRACTION));

        return is_array($linked) ? array_values(array_filter($linked, static fn(mixed $line): bool => $line instanceof \stdClass)) : [];
    }

    /** @param array{number?: int, previous?: string|null, key?: string, says?: array{hash?: string, order?: string, sensor?: string, revision?: int, follows?: string|null, seals?: list<string>, next?: string}} $with */
    private static function entry(BookEntry $of, array $with): BookEntry
    {
        return new BookEntry($of->shop, $with['number'] ?? $of->number, array_key_exists('previous', $with) ? $with['previous'] : $of->previous, $of->at, $with['key'] ?? $of->key, $of->kind, $with['says'] ?? $of->says);
    }

    /** The forger's signature, under the forger's key. */
    private static function signed(BookEntry $entry): SignedEntry
    {
        return SignedEntry::make(self::entry($entry, ['key' => Signature::publicKey(self::$seed)]), self::$seed);
    }

    /** The whole book again, chained and signed with the forger's key; under the shop's key by name, where that is claimed. */
    private static function rebuilt(string $name, \stdClass $record, bool $claims): SealBook
    {
        $own = Signature::publicKey(self::$seed);
        $previous = null;
        $entries = [];
        foreach (self::$entries as $signed) {
            $says = $signed->entry->says;
            if (($says['hash'] ?? null) === (self::$sealed[$name][1]->entry->says['hash'] ?? '')) {
                $says['hash'] = Seal::of($record)->hash;
            }
            if (isset($says['next']) && ! $claims) {
                $says['next'] = $own;
            }
            $entry = self::entry($signed->entry, ['previous' => $previous, 'says' => $says, ...($claims ? [] : ['key' => $own])]);
            $entries[] = SignedEntry::make($entry, self::$seed);
            $previous = $entry->hash();
        }

        return Shop::book($entries);
    }

    /** @return list<SignedEntry> */
    private static function shuffled(Chance $chance): array
    {
        $entries = self::$entries;
        $at = (int) $chance->between(0, count($entries) - 1.001);
        $how = $chance->between(0, 1);
        if ($how < 0.34) {
            [$entries[$at], $entries[$at + 1]] = [$entries[$at + 1], $entries[$at]];
        } elseif ($how < 0.67) {
            array_splice($entries, $at, 1);
        } else {
            array_splice($entries, $at, 0, [$entries[(int) $chance->between(0, count($entries) - 0.001)]]);
        }

        return array_values($entries);
    }

    /** An archive under the signature of another. */
    private static function resigned(string $archive, string $of): string
    {
        $forged = json_decode($archive);
        $real = json_decode($of);
        assert($forged instanceof \stdClass && $real instanceof \stdClass);
        SealedTask::put($forged, '/seal/signature', SealedTask::get($real, '/seal/signature'));

        return (string) json_encode($forged);
    }
}
