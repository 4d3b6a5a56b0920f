<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Lumbro\Core\Catalogue\Card\CardCheck;
use Lumbro\Core\Catalogue\Card\CardEntry;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\TestCase;

/** Whose word a card's values stand on once somebody has changed them. */
final class CardEntryTest extends TestCase
{
    private static function demo(): \stdClass
    {
        $card = DemoTask::node('cards/quillon-sable-front.json')->raw();
        assert($card instanceof \stdClass);

        return self::again($card);
    }

    /** What stands at a path of members and offsets; null where nothing does. */
    private static function dig(mixed $from, string|int ...$path): mixed
    {
        foreach ($path as $step) {
            $members = $from instanceof \stdClass ? get_object_vars($from) : $from;
            $from = is_array($members) ? $members[$step] ?? null : null;
        }

        return $from;
    }

    private static function put(\stdClass $card, mixed $value, string|int ...$path): void
    {
        $last = array_pop($path);
        $at = self::dig($card, ...$path);
        assert($at instanceof \stdClass);
        $at->{$last} = $value;
    }

    private static function again(\stdClass $card): \stdClass
    {
        $copy = json_decode((string) json_encode($card), false, 64, JSON_THROW_ON_ERROR);
        assert($copy instanceof \stdClass);

        return $copy;
    }

    public function testAnUnchangedValueKeepsItsSourceAndItsCheck(): void
    {
        $card = CardEntry::of(self::demo(), self::demo(), 'Bram Tolley');
        self::assertSame('Tolly Brask', self::dig($card, 'values', '/spot/along', 'checkedBy'));
        self::assertFalse(isset($card->checkedBy), 'the whole waits for a second person');
        self::assertSame('Bram Tolley', $card->enteredBy);
    }

    public function testAChangedValueLosesBothUntilTheyAreSaidAgain(): void
    {
        $changed = self::demo();
        self::put($changed, 1850, 'spot', 'along');
        self::put($changed, 0.5, 'sensor', 'limits', 'azimuth');
        $card = CardEntry::of($changed, self::demo(), 'Bram Tolley');
        // One that had a source of its own, and one that had the card's.
        foreach (['/spot/along', '/sensor/limits/azimuth'] as $pointer) {
            self::assertEquals((object) ['enteredBy' => 'Bram Tolley'], self::dig($card, 'values', $pointer), $pointer);
        }
        $read = Document::read(ProcedureCard::class, Node::decoded(self::again($card)));
        self::assertEqualsCanonicalizing(['/spot/along', '/sensor/limits/azimuth'], CardEntry::unsaid($read));
        try {
            CardCheck::of(self::again($card), 'Oda Merrin', []);
            self::fail('A value without a source was checked.');
        } catch (InvalidInput $refused) {
            self::assertSame('card.check-unsaid', $refused->said->code);
        }
        // Said again, it has a source, and no check that somebody wrote into it.
        $said = self::again($card);
        self::put($said, (object) ['source' => 'Sheet 9', 'edition' => '1', 'dated' => '2026-01-01', 'enteredBy' => 'Nobody', 'checkedBy' => 'Oda Merrin'], 'values', '/spot/along');
        $again = CardEntry::of($said, $card, 'Ilse Corrant');
        self::assertEquals((object) ['source' => 'Sheet 9', 'edition' => '1', 'dated' => '2026-01-01', 'enteredBy' => 'Ilse Corrant'], self::dig($again, 'values', '/spot/along'));
    }

    public function testACardFromNothingBringsNoCheckWithIt(): void
    {
        $card = CardEntry::of(self::demo(), null, 'Bram Tolley');
        self::assertNull($card->checkedBy ?? self::dig($card, 'values', '/spot/along', 'checkedBy'));
        self::assertSame('Quillon sheet 41-207 (invented), section 4.1', self::dig($card, 'values', '/spot/along', 'source'));
    }

    public function testAnotherSourcesCheckIsKeptWhereItWasThereBefore(): void
    {
        $before = self::demo();
        self::put($before, 'Oda Merrin', 'others', '/spot/height', 0, 'checkedBy');
        $card = CardEntry::of(self::again($before), $before, 'Bram Tolley');
        self::assertSame('Oda Merrin', self::dig($card, 'others', '/spot/height', 0, 'checkedBy'));
        $forged = CardEntry::of(self::again($before), self::demo(), 'Bram Tolley');
        self::assertNull(self::dig($forged, 'others', '/spot/height', 0, 'checkedBy'));
    }

    public function testAnotherValueSaysWhoseItIs(): void
    {
        $card = self::demo();
        self::put($card, [(object) ['value' => 651, 'enteredBy' => 'Ilse Corrant']], 'others', '/spot/height');
        $this->expectException(InvalidInput::class);
        Document::read(ProcedureCard::class, Node::decoded($card));
    }

    public function testWhatIsTiedToThePageIsCheckedValueByValue(): void
    {
        $card = self::demo();
        $card->page = (object) ['hash' => str_repeat('ab', 32), 'name' => 'page.pdf'];
        foreach (['/spot/along', '/spot/height'] as $pointer) {
            self::put($card, (object) ['source' => 'Sheet 9', 'edition' => '1', 'dated' => '2026-01-01', 'enteredBy' => 'Bram', 'at' => (object) ['page' => 1, 'x' => 0.4, 'y' => 0.2]], 'values', $pointer);
        }
        $card = CardEntry::of($card, null, 'Bram Tolley');
        try {
            CardCheck::of(self::again($card), 'Oda Merrin', ['/spot/along']);
            self::fail('A value on the page was not looked at.');
        } catch (InvalidInput $refused) {
            self::assertSame('card.check-misses', $refused->said->code);
        }
        $checked = CardCheck::of(self::again($card), 'Oda Merrin', ['/spot/along', '/spot/height']);
        self::assertSame(['Oda Merrin', 'Oda Merrin'], [self::dig($checked, 'values', '/spot/height', 'checkedBy'), $checked->checkedBy]);
        self::assertTrue(Document::read(ProcedureCard::class, Node::decoded($checked))->isChecked());
    }
}
