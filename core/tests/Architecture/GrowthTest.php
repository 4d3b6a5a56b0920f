<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use Lumbro\Core\Commands\AnyLine;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Derive\FormMaker;
use Lumbro\Core\Derive\Published;
use Lumbro\Core\Derive\TableMaker;
use Lumbro\Core\Derive\TypeMaker;
use Lumbro\Core\Evidence\Comparison;
use Lumbro\Core\Evidence\SealedFacts;
use Lumbro\Core\Evidence\SealedFile;
use Lumbro\Core\Evidence\SealedRecord;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\TaskJournal;
use Lumbro\Core\Tests\Support\Growth\BoltsTightened;
use Lumbro\Core\Tests\Support\Growth\GrownStep;
use Lumbro\Core\Tests\Support\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the core grows by stands in one place, and breaks nothing that was sealed before. */
final class GrowthTest extends TestCase
{
    public static function setUpBeforeClass(): void
    {
        // The tables of this folder, made as those of the core are.
        $file = (string) tempnam(sys_get_temp_dir(), 'tables');
        file_put_contents($file, TableMaker::file('Lumbro\Core\Tests\Support\Growth', [BoltsTightened::class, GrownStep::class]));
        require $file;
        unlink($file);
    }

    protected function tearDown(): void
    {
        (new \ReflectionProperty(Kinds::class, 'known'))->setValue(null, (new \ReflectionClassConstant(Kinds::class, 'KNOWN'))->getValue());
    }

    public function testAKindOfLineIsItsClassAndItsNameInTheList(): void
    {
        $this->learn();
        $line = Kinds::orderLine('bolts', 'b1', 'Ilse', '2026-11-25T08:00:00.000Z', Node::parse('{"end":"front","torque":24}'));
        self::assertEquals(new BoltsTightened('b1', 'Ilse', '2026-11-25T08:00:00.000Z', 'front', 24.0), $line);
        self::assertSame(['end' => 'front', 'torque' => 24.0], $line->payload());
        foreach (['order-line', 'line'] as $schema) {
            self::assertStringContainsString('"BoltsTightened":{"type":"object"', (string) json_encode(Published::all()[$schema]));
        }
        $this->expectException(InvalidInput::class);
        Kinds::orderLine('bolts', 'b1', 'Ilse', 'now', Node::parse('{"end":"front","torque":4000}'));
    }

    public function testAValueOfADocumentIsItsPropertyAlone(): void
    {
        $step = Document::read(GrownStep::class, Node::parse('{"id":"a","text":"Wait","warmest":25,"then":[{"id":"b","text":"Go"}]}'));
        self::assertSame(25.0, $step->warmest);
        self::assertSame('{"id":"a","text":"Wait","warmest":25,"then":[{"id":"b","text":"Go"}]}', json_encode(Document::write($step)));
        $in = new Definitions();
        $schema = $in->object(GrownStep::class);
        self::assertStringContainsString('"warmest":{"type":"number","minimum":-20,"maximum":60}', (string) json_encode($schema));
        self::assertStringContainsString('warmest?: number;', TypeMaker::of($schema));
        self::assertContains('warmest', array_column(FormMaker::values(GrownStep::class), 'key'));
        self::assertStringContainsString('°C', (string) json_encode(FormMaker::lists(GrownStep::class), JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{string}> */
    public static function records(): iterable
    {
        foreach (glob(__DIR__ . '/../../../tests/fixtures/v[23]/*.json') ?: [] as $path) {
            yield basename(dirname($path)) . ' ' . basename($path, '.json') => [$path];
        }
    }

    #[DataProvider('records')]
    public function testWhatWasSealedHoldsWhenAKindOfLineAndFieldsAreAdded(string $path): void
    {
        $this->learn();
        $document = Node::parse((string) file_get_contents($path));
        $files = $document->member('content')?->member('records')?->items() ?? [$document];
        self::assertNotSame([], $files);
        foreach ($files as $file) {
            $read = SealedFile::read($file);
            self::assertTrue($read->isUnchanged());
            self::assertSame([], $read->differences);
            $record = SealedRecord::read($file->member('record') ?? self::fail('A sealed record has one.'));
            if ($record->edition === 1) {
                continue;
            }
            $order = OrderJournal::read($record->basis->members(), $record->orderLines());
            $state = TaskJournal::read($order, $record->basis->members(), $record->taskLines(), RuleSet::First)->state();
            $again = json_decode((string) json_encode($record->edition === 2 ? TaskStateDocument::write(new Standing($state)) : SealedFacts::of(TaskStateDocument::write(new Standing($state))), JSON_PRESERVE_ZERO_FRACTION), false, 128);
            self::assertSame([], Comparison::differences($record->result->raw(), self::grown($again), '', $record->edition));
        }
    }

    private function learn(): void
    {
        $known = (new \ReflectionClassConstant(Kinds::class, 'KNOWN'))->getValue();
        self::assertIsArray($known);
        self::assertIsArray($known[Kinds::ORDER]);
        $known[Kinds::ORDER][BoltsTightened::KIND] = [BoltsTightened::class, AnyLine::class];
        (new \ReflectionProperty(Kinds::class, 'known'))->setValue(null, $known);
    }

    /** The same with a field more in every object but what is said. */
    private static function grown(mixed $value): mixed
    {
        if (is_array($value)) {
            return array_map(self::grown(...), $value);
        }
        if (! $value instanceof \stdClass || isset($value->say)) {
            return $value;
        }

        return (object) [...array_map(self::grown(...), get_object_vars($value)), 'aFieldOfALaterEdition' => 7];
    }
}
