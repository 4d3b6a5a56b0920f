<?php

declare(strict_types=1);

namespace Lumbro\Signer\Tests;

use Lumbro\Core\Evidence\EntryKind;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\SealedTask;
use Lumbro\Signer\Home;
use Lumbro\Signer\Refused;
use Lumbro\Signer\Signing;
use PHPUnit\Framework\TestCase;

/** What a shop's key signs and what it does not, and what becomes of book and key when something breaks. */
final class SigningTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        $this->shop = new Shop();
    }

    protected function tearDown(): void
    {
        $this->shop->gone();
    }

    public function testARecordThatComesOutTheSameIsSignedOnce(): void
    {
        $record = Shop::record('2471', 0.05);
        $signed = $this->shop->ask('record', ['record' => $record]);
        self::assertEquals($signed, $this->shop->ask('record', ['record' => $record]));
        self::assertSame([EntryKind::Key, EntryKind::Record], array_map(static fn(SignedEntry $one): EntryKind => $one->entry->kind, $this->shop->entries()));
        self::assertTrue($signed->fits());
        self::assertSame(['hash' => Seal::of($record)->hash, 'order' => '2471', 'sensor' => 'front', 'revision' => 1, 'follows' => null], $signed->entry->says);
        self::assertSame([], Shop::book($this->shop->entries())->faults);
    }

    public function testWhatDoesNotComeOutTheSameIsNotSigned(): void
    {
        $record = Shop::record('2471', 1.2);
        SealedTask::put($record, '/facts/run/finding/verdict', 'holds');
        $this->refused('signer.not-the-same', fn() => $this->shop->ask('record', ['record' => $record]));
        $record = Shop::record('2471', 0.05);
        SealedTask::put($record, '/journal/task/2/person', 'Somebody Else');
        $this->refused('signer.not-the-same', fn() => $this->shop->ask('record', ['record' => $record]));
        $this->refused('signer.follows-nothing', fn() => $this->shop->ask('record', ['record' => Shop::record('2471', 0.05, str_repeat('b', 64))]));
        $content = json_decode(Shop::archive('2471', [[Shop::record('2471', 0.05), null]]));
        self::assertInstanceOf(\stdClass::class, $content);
        $this->refused('signer.stranger', fn() => $this->shop->ask('archive', ['content' => $content->content]));
        self::assertCount(1, $this->shop->entries());
    }

    public function testSealsOfBeforeTheKeyAreNamedBeforeAnythingElseIsSigned(): void
    {
        $old = $this->shop->ask('earlier', ['seals' => [str_repeat('a', 64), str_repeat('b', 64)]]);
        self::assertTrue($old->entry->isAbout(str_repeat('b', 64)));
        self::assertEquals($old, $this->shop->ask('earlier', ['seals' => [str_repeat('b', 64)]]));
        $this->shop->ask('earlier', ['seals' => [str_repeat('c', 64)]]);
        $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        $this->refused('signer.too-late', fn() => $this->shop->ask('earlier', ['seals' => [str_repeat('d', 64)]]));
    }

    public function testABookThatIsNotTheShopsIsNotWrittenOn(): void
    {
        $known = ['number' => 2, 'hash' => str_repeat('a', 64)];
        $this->refused('signer.book-gone', fn() => $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)], (object) $known));
        self::assertSame([], $this->shop->entries(), 'no second book is begun where one was');
        $signed = $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        $this->refused('signer.other-book', fn() => $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)], (object) $known));
        $this->refused('signer.other-book', fn() => $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)], (object) ['number' => 3, 'hash' => $signed->entry->hash()]));
        $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)], (object) ['number' => 2, 'hash' => $signed->entry->hash()]);
    }

    public function testAClockThatRunsBehindIsNotBelieved(): void
    {
        $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        $this->shop->second -= 60;
        $this->refused('signer.clock', fn() => $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)]));
        $this->shop->second += 120;
        $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)]);
        self::assertSame([], Shop::book($this->shop->entries())->faults);
    }

    public function testAnotherKeyTakesOverAndALostOneIsSaid(): void
    {
        $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        $first = $this->shop->entries()[0]->entry->key;
        $this->shop->signing->change();
        $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)]);
        $entries = $this->shop->entries();
        $second = $entries[3]->entry->key;
        self::assertNotSame($first, $second);
        $book = Shop::book($entries);
        self::assertSame([true, true], [$book->vouches($first, 4), $book->vouches($second, 2)]);
        // The folder is gone: the shop's database has the book, and the key comes back to nobody.
        $this->shop->gone();
        $this->refused('signer.book-gone', fn() => $this->shop->ask('record', ['record' => Shop::record('2481', 0.05)], (object) ['number' => 4, 'hash' => $entries[3]->entry->hash()]));
        $this->shop->signing->lost(array_map(static fn(SignedEntry $one): Node => Node::parse((string) json_encode($one->document())), $entries));
        $this->shop->ask('record', ['record' => Shop::record('2481', 0.05)]);
        $book = Shop::book($this->shop->entries());
        self::assertSame([], $book->faults);
        self::assertSame(EntryKind::Lost, $book->at(5)?->kind);
        self::assertSame([true, true, false, false], [$book->vouches($second, 4), $book->vouches($first, 1), $book->vouches($second, 6), $book->vouches($first, 5)]);
        $third = (string) $book->at(6)?->key;
        self::assertSame([true, false], [$book->vouches($third, 6), $book->vouches($third, 4)]);
    }

    public function testALineThatBrokeOffIsNoEntry(): void
    {
        $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        $file = $this->shop->folder . '/' . Shop::ID . '/book';
        $line = (string) json_encode($this->shop->entries()[1]->document());
        foreach ([1, 40, strlen($line) - 1] as $bytes) {
            file_put_contents($file, substr($line, 0, $bytes), FILE_APPEND);
            self::assertCount(2, $this->shop->entries());
            self::assertSame(2, $this->shop->home->last()?->entry->number);
        }
        $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)]);
        self::assertSame([], Shop::book($this->shop->entries())->faults);
        self::assertCount(3, $this->shop->entries());
    }

    public function testAChangeOfKeyThatBrokeOffIsGoneThroughWithOrNeverWas(): void
    {
        $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        // Drawn, and not in the book yet.
        $this->shop->home->draw();
        $this->shop->ask('record', ['record' => Shop::record('2480', 0.05)]);
        self::assertSame($this->shop->entries()[0]->entry->key, $this->shop->entries()[2]->entry->key);
        // In the book, and not in force yet.
        $folder = $this->shop->folder . '/' . Shop::ID;
        $before = (string) file_get_contents("$folder/key");
        $this->shop->signing->change();
        rename("$folder/key", "$folder/key.next");
        file_put_contents("$folder/key", $before);
        $this->shop->ask('record', ['record' => Shop::record('2481', 0.05)]);
        self::assertSame([], Shop::book($this->shop->entries())->faults);
        self::assertSame($this->shop->entries()[3]->entry->says['next'] ?? null, $this->shop->entries()[4]->entry->key);
    }

    public function testAnotherShopHasABookOfItsOwnAndNoNameLeadsOutOfTheFolder(): void
    {
        foreach (['../x', '/etc', '', str_repeat('a', 36) . '/'] as $name) {
            $this->refused('signer.no-shop', fn(): Home => new Home($this->shop->folder, $name));
        }
        $other = new Signing(new Home($this->shop->folder, str_replace('1', '2', Shop::ID)), static fn(): string => '2026-11-25T10:00:00.000Z');
        $this->shop->ask('record', ['record' => Shop::record('2471', 0.05)]);
        self::assertSame(1, count((array) $other->answer('entries', ['known' => Node::decoded(null), 'after' => Node::decoded(0)])['entries']));
        foreach (glob($this->shop->folder . '/*') ?: [] as $folder) {
            array_map(unlink(...), glob("$folder/*") ?: []);
        }
    }

    private function refused(string $code, \Closure $ask): void
    {
        try {
            $ask();
        } catch (Refused $refused) {
            self::assertSame($code, $refused->said->code);

            return;
        }
        self::fail("It was not refused: $code.");
    }
}
