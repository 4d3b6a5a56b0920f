<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Lumbro\Core\Catalogue\Card\CardDifference;
use Lumbro\Core\Catalogue\Card\CardForm;
use Lumbro\Core\Catalogue\Card\CardValues;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** Procedure cards: their values by name, where each comes from, what differs and what is missing. */
final class CardTest extends TestCase
{
    public function testEveryValueHasItsSourceAndAnotherSourceStandsBesideIt(): void
    {
        $page = CardForm::page(DemoTask::node('cards/quillon-sable-front.json'));
        /** @var list<array{pointer: string, label: string, from: array<string, string|null>, others: list<array{value: mixed, from: array<string, string|null>}>}> $list */
        $list = $page['values'];
        $values = array_column($list, null, 'pointer');
        self::assertSame('Quillon sheet 41-207 (invented), section 4.1', $values['/spot/along']['from']['source']);
        self::assertSame('Quillon sheet 41-207 (invented)', $values['/spot/across']['from']['source']);
        self::assertSame([651.0, 'Quillon workshop letter 7 (invented)', null], [$values['/spot/height']['others'][0]['value'], $values['/spot/height']['others'][0]['from']['source'], $values['/spot/height']['others'][0]['from']['checkedBy']]);
        foreach ($values as $pointer => $value) {
            self::assertNotSame('', $value['label'], (string) $pointer);
        }
    }

    public function testWhatIsMissingIsNamedWithWhatIsLost(): void
    {
        $labels = static fn(string $card): array => array_map(static fn($value): string => Told::words($value->label()), CardValues::missing(DemoTask::node("cards/$card.json")));
        self::assertSame([], $labels('quillon-sable-front'));
        self::assertSame(['Limit, elevation', 'Reference line'], $labels('marrow-field-blind-spot'));
        self::assertSame(['Tolerance of the height'], $labels('quillon-sable-rear'));
        foreach (CardValues::missing(DemoTask::node('cards/marrow-field-blind-spot.json')) as $value) {
            self::assertNotSame('', Told::words($value->lost()));
        }
    }

    public function testDifferencesNameValuesAndRows(): void
    {
        $old = DemoTask::node('cards/quillon-sable-front.json');
        self::assertSame([], CardDifference::between($old, $old));
        /** @var array{spot: array<string, mixed>, reference: string, target: array{heights: array<string, float>}, cautions: list<string>, steps: list<array<string, mixed>>} $changed */
        $changed = json_decode((string) json_encode($old->raw()), true);
        $changed['spot']['along'] = 1840.0;
        $changed['spot']['height'] = 651;
        unset($changed['reference']);
        $changed['target']['heights']['top'] = 115;
        $changed['cautions'] = array_reverse($changed['cautions']);
        $changed['steps'][2]['seconds'] = 25;
        $found = [];
        foreach (CardDifference::between($old, Node::parse((string) json_encode($changed, JSON_PRESERVE_ZERO_FRACTION))) as $one) {
            $found[Told::words($one['label'])] = $one;
        }
        self::assertEqualsCanonicalizing(['Spot: Height over the floor', 'Line: Reference line', 'Target’s drawing', 'Cautions', 'Steps'], array_keys($found));
        self::assertSame(['642', '651', 'mm'], [$found['Spot: Height over the floor']['before'], $found['Spot: Height over the floor']['after'], $found['Spot: Height over the floor']['unit']]);
        self::assertSame(['top: 112', 'top: 115'], [$found['Target’s drawing']['before'], $found['Target’s drawing']['after']]);
        self::assertNull($found['Line: Reference line']['after']);
        self::assertSame('Car’s own axis', Told::words($found['Line: Reference line']['before']), 'a choice in words, not its code');
        self::assertSame('in another order', Told::words($found['Cautions']['after'] ?? null));
        self::assertStringContainsString('seconds 25', Told::words($found['Steps']['after'] ?? null));
    }

    public function testWhoEnteredItDoesNotCheckIt(): void
    {
        self::assertTrue(DemoOrder::card('quillon-sable-front')->isChecked());
        self::assertFalse(DemoOrder::card('marrow-field-blind-spot')->isChecked());
        /** @var array<string, mixed> $own */
        $own = json_decode((string) json_encode(DemoTask::node('cards/quillon-sable-front.json')->raw()), true);
        $own['checkedBy'] = $own['enteredBy'];
        self::assertFalse(Document::read(ProcedureCard::class, Node::parse((string) json_encode($own)))->isChecked());
    }

    public function testAnotherSourceGivesANumberWhereTheCardHasOne(): void
    {
        /** @var array{others: array<string, list<array<string, mixed>>>} $card */
        $card = json_decode((string) json_encode(DemoTask::node('cards/quillon-sable-front.json')->raw()), true);
        $card['others']['/spot/height'][0]['value'] = 'about 640';
        self::assertSame(
            '“Height over the floor” is a number, and so must be what another source gives for it.',
            Told::refusal(InvalidInput::class, static fn() => Document::read(ProcedureCard::class, Node::parse((string) json_encode($card)))),
        );
    }

    public function testATargetCannotStandOnWhatItIsMeasuredFrom(): void
    {
        /** @var array{spot: array<string, mixed>} $card */
        $card = json_decode((string) json_encode(DemoTask::node('cards/quillon-sable-front.json')->raw()), true);
        $card['spot'] = [...$card['spot'], 'along' => 0, 'across' => 0];
        self::assertSame(
            'A target cannot stand where it is measured from: “along” and “across” cannot both be 0.',
            Told::refusal(InvalidInput::class, static fn() => Document::read(ProcedureCard::class, Node::parse((string) json_encode($card)))),
        );
        $card['spot']['across'] = -1200;
        self::assertSame(-1200.0, Document::read(ProcedureCard::class, Node::parse((string) json_encode($card)))->cartesianSpot()?->across);
    }

    public function testStepsThatWaitForEachOtherAreRefused(): void
    {
        /** @var array<string, mixed> $card */
        $card = json_decode((string) json_encode(DemoTask::node('cards/quillon-sable-front.json')->raw()), true);
        foreach ([[['a', ['b']], ['b', ['c']], ['c', ['a']]], [['a', ['a']]]] as $cycle) {
            $card['steps'] = array_map(static fn(array $step): array => ['id' => $step[0], 'text' => 'x', 'after' => $step[1]], $cycle);
            try {
                Document::read(ProcedureCard::class, Node::parse((string) json_encode($card)));
                self::fail('The cycle was taken.');
            } catch (InvalidInput $failure) {
                self::assertSame('/steps/0/after', $failure->path());
            }
        }
        $card['steps'] = [['id' => 'b', 'text' => 'x', 'after' => ['a']], ['id' => 'a', 'text' => 'x']];
        self::assertCount(2, Document::read(ProcedureCard::class, Node::parse((string) json_encode($card)))->steps);
    }
}
