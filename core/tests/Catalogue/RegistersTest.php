<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\DemoTask;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The documents of the registers and of the record: read strictly, refused by name. */
final class RegistersTest extends TestCase
{
    public function testEveryDemoDocumentIsRead(): void
    {
        $folder = dirname(__DIR__, 3) . '/database/demo';
        $cards = array_map(static fn(string $file): string => Document::read(ProcedureCard::class, DemoTask::node('cards/' . basename($file)))->id, glob("$folder/cards/*.json") ?: []);
        self::assertSame(['marrow-field-blind-spot', 'marrow-field-front', 'quillon-sable-front', 'quillon-sable-rear', 'tessara-brink-front', 'tessara-halyard-front-pair', 'tessara-halyard-rear'], $cards);
        foreach (glob("$folder/vehicles/*.json") ?: [] as $file) {
            self::assertGreaterThan(2000, Document::read(VehicleSheet::class, DemoTask::node('vehicles/' . basename($file)))->wheelbase);
        }
        foreach (DemoTask::node('bays.json')->items() as $bay) {
            self::assertGreaterThan(3, count(Document::read(Bay::class, $bay)->outline));
        }
        self::assertSame('tape-1', (new DemoTask())->context()->kit->tape->id);
        self::assertNotSame([], Document::read(ShopRules::class, DemoTask::defaults('shop-rules.json'))->owed);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badCards(): iterable
    {
        yield 'a tolerance below zero' => [['spot' => ['tolerance' => ['across' => -4]]], '/spot/tolerance/across'];
        yield 'an unknown route' => [['rules' => [['route' => 'by ferry']]], '/rules/0/route'];
        yield 'an unknown state' => [['rules' => [['state' => 'maybe']]], '/rules/0/state'];
        yield 'an unknown consequence' => [['preparation' => [['unmet' => 'shrugs']]], '/preparation/0/unmet'];
        yield 'a corner of three' => [['zone' => [[1, 2, 3]]], '/zone/0'];
        yield 'a datum the target lacks' => [['spot' => ['heightDatum' => 'hat']], '/target/heights'];
        yield 'an unknown field' => [['colour' => 'red'], '/colour'];
        yield 'thresholds the wrong way' => [['thresholds' => [0.95, 0.05]], '/thresholds'];
        yield 'a limit of nothing' => [['sensor' => ['limits' => ['azimuth' => 0]]], '/sensor/limits/azimuth'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badCards')]
    public function testABadCardIsRefusedByName(array $change, string $path): void
    {
        $card = json_decode((string) json_encode(DemoTask::node('cards/quillon-sable-front.json')->raw()), true);
        self::assertIsArray($card);
        try {
            Document::read(ProcedureCard::class, Node::parse((string) json_encode(array_replace_recursive($card, $change))));
            self::fail('The card was taken.');
        } catch (InvalidInput $failure) {
            self::assertSame($path, $failure->path());
        }
    }

    public function testALineOfTheRecordReadsBackAsItWasWritten(): void
    {
        $task = (new DemoTask())->prepared()->read(['spot-offset' => -14.5, 'height' => 642.0])->release()->run(0.1, -0.2);
        $task->correct('spot-offset', -13.5, 'e10')->strike('e11')->move();
        $task->entries[] = new RunMade('r', 'Ilse', 'now', 0.1, 0.2, 24.0, 'done', $task->state()->reliance());
        foreach ($task->entries as $entry) {
            self::assertContains($entry->kind(), Kinds::names(Kinds::TASK));
            $again = Kinds::taskLine($entry->kind(), $entry->id, $entry->person, $entry->at, Node::parse((string) json_encode((object) $entry->payload())));
            self::assertEquals($entry, $again);
        }
    }

    public function testNamesThatLookLikeNumbersAreNamesAllTheSame(): void
    {
        $fields = array_values(Node::parse('{"7":1,"x":2}')->fields(['7', 'x']));
        self::assertSame([1.0, 2.0], array_map(static fn(Node $field): float => $field->number(), $fields));
        self::assertSame('/7', $fields[0]->path());
    }
}
