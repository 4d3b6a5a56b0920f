<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Architecture;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Cli\CarryDocument;
use Lumbro\Core\Cli\StateDocument;
use Lumbro\Core\Codec\PoseDocument;
use Lumbro\Core\Codec\ToolLogDocument;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\MirrorRead;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\Scan;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Journal\StepBegun;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Tests\Support\Cli;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\Schemas;
use Lumbro\Core\Tests\Support\SealedTask;
use Lumbro\Core\Tests\Support\Variations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The readers refuse what the published schemas refuse, and take what they take but for what only meaning can tell. */
final class SchemasTest extends TestCase
{
    use TestTrait;

    private const COMMANDS = ['network', 'placement', 'decide', 'floor', 'axis', 'elevation', 'shift', 'swing', 'screws', 'echo', 'walk', 'learn', 'plan'];

    /** Codes of what no schema says: which names are declared, which of them must differ, what stands on what. */
    private const MEANING = [
        'capture.value-or-reason',
        'card.fastest',
        'card.heights',
        'card.other-kind',
        'card.step-cycle',
        'card.second-position',
        'card.second-question',
        'card.second-step',
        'card.spot-at-datum',
        'card.unknown-position',
        'card.unknown-step',
        'card.unknown-value',
        'input.expected.day',
        'input.unknown-field',
        'kit.incomplete',
        'kit.no-centre',
        'network.no-point',
        'network.dz-in-space',
        'network.in-plan',
        'network.most-without-prior',
        'network.one-end-in-space',
        'network.second',
        'network.unknown',
        'operation.no-sensor',
        'operation.not-at-sensor',
        'operation.unknown',
        'placement.not-fixed',
        'reading.unreadable',
        'record.no-card',
        'screws.second',
        'survey.observation-empty',
        'target.no-datum',
        'vehicle.other-side',
        'vehicle.pair',
        'vehicle.second-sensor',
        'vin.length',
        'vin.letter',
    ];

    /** What stands in the place of something else, one after another. */
    private const OTHERS = ['null', 'true', '"x"', '""', '0', '-1', '1e300', '1e-12', '-1e10', '[]', '{}', '[1]', '"1480"', '7.5', '{"":1}'];

    private Schemas $schemas;

    protected function setUp(): void
    {
        $this->schemas = new Schemas();
    }

    /** @return iterable<string, array{string, string}> command and a document it takes */
    public static function commands(): iterable
    {
        foreach (self::COMMANDS as $command) {
            foreach (Cli::cases($command) as $i => $case) {
                yield "$command $i" => [$command, (string) json_encode($case->input)];
            }
        }
    }

    /** @return iterable<string, array{string, string}> schema and a document it takes */
    public static function documents(): iterable
    {
        yield from self::commands();
        $json = static fn(string $file): string => (string) json_encode(DemoTask::node($file)->raw());
        foreach (['quillon-sable-front', 'quillon-sable-rear', 'marrow-field-front', 'tessara-brink-front', 'tessara-halyard-front-pair'] as $card) {
            yield "card $card" => ['card', $json("cards/$card.json")];
        }
        yield 'vehicle' => ['vehicle', $json('vehicles/quillon-sable.json')];
        yield 'vehicle as measured' => ['vehicle', (string) json_encode(Document::write(DemoOrder::sheet('quillon-sable')->measured('wheelbase', 2907, 1.5)))];
        yield 'shop' => ['shop', '{"name": "Brass Yard", "zone": "Europe/Zurich", "language": "en", "unit": "mm", "decimal": ",", "paper": "A4"}'];
        yield 'plain bay' => ['plain-bay', '{"name": "Bay 1", "length": 9000, "width": 4500, "obstacles": [{"name": "bench", "fromBack": 0, "fromLeft": 0, "length": 900, "width": 2000}]}'];
        yield 'shop rules' => ['shop-rules', (string) json_encode(DemoTask::defaults('shop-rules.json')->raw())];
        foreach (DemoTask::defaults('kit.json')->items() as $i => $usual) {
            yield "usual kit $i" => ['kit-item', (string) json_encode($usual->member('item')?->raw())];
        }
        foreach (DemoTask::node('kit.json')->items() as $i => $item) {
            yield "kit item $i" => ['kit-item', (string) json_encode($item->raw())];
        }
        foreach (DemoOrder::everyKind() as $i => $entry) {
            yield "order line $i" => ['order-line', (string) json_encode(['kind' => $entry->kind(), 'payload' => (object) $entry->payload()])];
        }
        yield 'scan' => ['scan', (string) json_encode(Document::write(DemoOrder::scan()))];
        yield 'pose' => ['pose', (string) json_encode(['rig' => 'Rig 4', 'x' => 5644.2, 'y' => -3.1, 'yaw' => 179.6, 'accuracy' => ['length' => 2, 'angle' => 0.1]])];
        foreach (Variations::names() as $name) {
            yield "scenario $name" => ['scenario', (string) json_encode(Variations::file($name)['truth'], JSON_PRESERVE_ZERO_FRACTION)];
        }
        yield 'tool log' => ['tool-log', (string) json_encode(['at' => '10:12:05', 'command' => 'read', 'outcome' => 'done', 'message' => 'Axis read', 'azimuth' => 0.12, 'elevation' => -0.2, 'values' => ['level' => 24.1, 'serial' => 'S-1'], 'codes' => ['C2A52'], 'wiped' => false])];
        yield 'scenario with a tool that fails' => ['scenario', (string) json_encode([...Variations::file('backlash')['truth'], 'tool' => ['lost' => ['start' => [1]], 'nonsense' => ['read' => [2, 3]], 'unsent' => ['zero' => [1]]]])];
        yield 'state' => ['state', (string) json_encode(SealedTask::basisAndJournal())];
        yield 'carry' => ['carry', (string) json_encode(SealedTask::carried([['id' => 'w1', 'person' => 'Ilse', 'at' => 'now', 'kind' => 'reading', 'confirmed' => true, 'payload' => ['call' => 'split', 'typed' => '2 mm left']]]))];
        yield 'bay' => ['bay', (string) json_encode(DemoTask::node('bays.json')->items()[1]->raw())];
        $task = (new DemoTask())->prepared()->read(['spot-offset' => -14.5, 'height' => 642.0])->release()->run(0.1, -0.2)->correct('spot-offset', -13.5, 'e10')->by('hub-marks', 'reported-pose')->read(['pose-turn' => -0.4]);
        $task->entries[] = new ReferenceChosen('r', 'Oda', 'now', 'axles', 'The card is silent.');
        array_push($task->entries, ...self::runLines());
        foreach ($task->entries as $i => $entry) {
            yield "record line $i" => ['record-line', (string) json_encode(['kind' => $entry->kind(), 'payload' => (object) $entry->payload()])];
        }
    }

    /** @return list<Line> one of every kind that begins with the run */
    private static function runLines(): array
    {
        $asked = new ToolAsked('t1', 'Ilse', 'now', ToolCommand::Zero, 'routine', ['azimuth' => 0.2, 'elevation' => -0.1, 'lotCode' => 'L07']);

        return [
            $asked,
            new ToolAnswered('t2', 'Ilse', 'now', 't1', 'failed', 'no target', ['level' => 12.5, 'reason' => 'no-target'], ['C2A52'], true),
            new StepBegun('t3', 'Ilse', 'now', 'ignition-off'),
            new StepDone('t4', 'Ilse', 'now', 'ignition-off', 31.5),
            new Corrected('t5', 'Ilse', 'now', 'screws', ['upper-right' => -1.25]),
            new Corrected('t6', 'Ilse', 'now', 'electronic', [], 0.2, -0.1, 't1'),
            new TargetShifted('t7', 'Ilse', 'now', -20.0, '20 mm right'),
            new MirrorRead('t8', 'Ilse', 'now', 3000.0, -4.5, 2.0),
            new LevelRead('t9', 'Ilse', 'now', 'up', 21.5),
            new CauseChecked('t10', 'Ilse', 'now', 'clutter', true, 'a trolley'),
            new SentBack('t11', 'Ilse', 'now', 'bracket', 'Oda', ['bent'], 'to body repair'),
            new BorderlineAccepted('t12', 'Ilse', 'now', 'Oda', 'near the limit'),
            new StandSet('t13', 'Ilse', 'now', 120.0, 0.5),
            new RunMade('t14', 'Ilse', 'now', 0.1, -0.2, null, 'done', null, 't1'),
        ];
    }

    #[DataProvider('documents')]
    public function testTheSchemaTakesTheDocument(string $schema, string $document): void
    {
        self::assertNull($this->schemas->complaint($schema, json_decode($document)));
    }

    #[DataProvider('documents')]
    public function testReaderAndSchemaRefuseTheSame(string $schema, string $document): void
    {
        $this->limitTo(15)->forAll(Generators::choose(0, 1 << 30), Generators::choose(0, count(self::OTHERS) + 2))->then(
            fn(int $where, int $what) => $this->assertRefusedByBothOrNeither($schema, self::spoiled($document, $where, $what)),
        );
    }

    /** @return iterable<string, array{0: string, 1: string, 2: string, 3?: null}> document, its schema, where, and what stands there; what is struck out has none */
    public static function spoiledPlaces(): iterable
    {
        yield 'another source without its name' => ['card quillon-sable-front', 'card', '/others/~1spot~1height/0/source'];
        yield 'a core without a version' => ['state', 'state', '/basis/core', null];
        yield 'a task of no sensor' => ['state', 'state', '/basis/sensor'];
    }

    /** What the draws have found, so that it is looked at every time. */
    #[DataProvider('spoiledPlaces')]
    public function testReaderAndSchemaRefuseWhatWasFound(string $name, string $schema, string $pointer, mixed ...$value): void
    {
        $root = json_decode(iterator_to_array(self::documents())[$name][1]);
        $path = array_map(static fn(string $part): string => str_replace(['~1', '~0'], ['/', '~'], $part), explode('/', substr($pointer, 1)));
        $last = (string) array_pop($path);
        $holder = $root;
        foreach ($path as $part) {
            $holder = is_array($holder) ? $holder[(int) $part] : $holder->{$part};
        }
        unset($holder->{$last});
        if ($value !== []) {
            $holder->{$last} = $value[0];
        }
        $spoiled = (string) json_encode($root, JSON_PRESERVE_ZERO_FRACTION);
        self::assertNotNull($this->schemas->complaint($schema, json_decode($spoiled)));
        self::assertNotNull(self::refusal($schema, $spoiled));
    }

    /** Every kind of place of every document with everything that may stand there: some minutes. */
    public function testReaderAndSchemaRefuseTheSameEverywhere(): void
    {
        if (! Draws::areLong()) {
            self::markTestSkipped('./lumbro test --long looks at every place.');
        }
        $seen = [];
        foreach (self::documents() as [$schema, $document]) {
            foreach (self::kinds(json_decode($document)) as $where => $kind) {
                if (isset($seen["$schema $kind"])) {
                    continue;
                }
                $seen["$schema $kind"] = true;
                for ($what = 0; $what < count(self::OTHERS) + 3; $what++) {
                    $this->assertRefusedByBothOrNeither($schema, self::spoiled($document, $where, $what));
                }
            }
        }
        self::assertGreaterThan(500, count($seen));
    }

    private function assertRefusedByBothOrNeither(string $schema, string $spoiled): void
    {
        $refusal = self::refusal($schema, $spoiled);
        $complaint = $this->schemas->complaint($schema, json_decode($spoiled));
        if ($complaint !== null) {
            // A line of a device that makes no sense is answered by itself: those before it are taken all the same.
            $refusal ??= $schema === 'carry' ? CarryDocument::carry(Node::parse($spoiled))['refusal'] : null;
            self::assertNotNull($refusal, "The schema refuses: $complaint\n$spoiled");
        } else {
            self::assertContains($refusal, [null, ...self::MEANING], "$refusal\n$spoiled");
        }
    }

    /** @return list<string> of each place, in their order, what tells its kind: where it stands, and beside what */
    private static function kinds(mixed $value, string $path = ''): array
    {
        if (is_array($value)) {
            return array_merge(...array_map(static fn(mixed $item): array => self::kinds($item, "$path/*"), $value));
        }
        if (! $value instanceof \stdClass) {
            return [];
        }
        $beside = (is_string($value->kind ?? null) ? $value->kind : '') . implode(',', array_keys(get_object_vars($value)));
        $kinds = [];
        foreach (get_object_vars($value) as $key => $member) {
            array_push($kinds, "$path ($beside) $key", ...self::kinds($member, "$path/$key"));
        }

        return $kinds;
    }

    #[DataProvider('commands')]
    public function testEveryAnswerFollowsItsSchema(string $schema, string $document): void
    {
        $answer = json_decode(Cli::run($document, $schema)[1]);
        $as = $answer instanceof \stdClass && isset($answer->error) ? 'error' : "answers/$schema";
        self::assertNull($this->schemas->complaint($as, $answer));
    }

    /** The document with one value struck out, changed, or given a companion. */
    private static function spoiled(string $document, int $where, int $what): string
    {
        $root = json_decode($document);
        $places = [];
        self::collect($root, $places);
        [$holder, $key] = $places[$where % count($places)];
        $target = &$holder->{$key};
        if ($what >= count(self::OTHERS)) {
            match ($what - count(self::OTHERS)) {
                0 => (static function () use ($holder, $key): void {
                    unset($holder->{$key});
                })(),
                1 => $holder->stranger = 1,
                default => $target = is_array($target) ? [...$target, 1] : [$target],
            };
        } else {
            $target = json_decode(self::OTHERS[$what]);
        }

        return (string) json_encode($root, JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param list<array{\stdClass, string}> $places */
    private static function collect(mixed $value, array &$places): void
    {
        if (is_array($value)) {
            foreach ($value as $item) {
                self::collect($item, $places);
            }
        }
        if ($value instanceof \stdClass) {
            foreach (get_object_vars($value) as $key => $member) {
                $places[] = [$value, (string) $key];
                self::collect($member, $places);
            }
        }
    }

    /** The reader's refusal of the document as such, or null; what a computation finds impossible is none. */
    private static function refusal(string $schema, string $document): ?string
    {
        if (in_array($schema, self::COMMANDS, true)) {
            $error = Cli::decoded($schema, $document, self::code(...))['error'] ?? null;

            return is_array($error) && $error['code'] === 'invalid-input' && is_string($error['message']) ? $error['message'] : null;
        }
        try {
            $node = Node::parse($document);
            match ($schema) {
                'card' => Document::read(ProcedureCard::class, $node),
                'vehicle' => Document::read(VehicleSheet::class, $node),
                'kit-item' => KitItem::read($node),
                'shop-rules' => Document::read(ShopRules::class, $node),
                'scan' => Document::read(Scan::class, $node),
                'order-line' => self::orderLine($node),
                'bay' => Document::read(Bay::class, $node),
                'state' => StateDocument::state($node),
                'carry' => CarryDocument::carry($node),
                'pose' => PoseDocument::read($node),
                'scenario' => Document::read(Scenario::class, $node),
                'tool-log' => ToolLogDocument::read($document),
                default => self::recordLine($node),
            };
        } catch (CoreFailure $failure) {
            return self::code($failure->said);
        }

        return null;
    }

    /** Of what is of the wrong type, the code of what was expected. */
    private static function code(Message $said): string
    {
        $expected = $said->with['expected'] ?? null;

        return $expected instanceof Message ? $expected->code : $said->code;
    }

    private static function orderLine(Node $node): void
    {
        $f = $node->fields(['kind', 'payload'], ['id', 'person', 'at', 'previous']);
        Kinds::orderLine($f['kind']->oneOf(Kinds::names(Kinds::ORDER)), 'id', 'Ilse', 'now', $f['payload']);
    }

    private static function recordLine(Node $node): void
    {
        $f = $node->fields(['kind', 'payload'], ['id', 'person', 'at', 'previous']);
        Kinds::taskLine($f['kind']->oneOf(Kinds::names(Kinds::TASK)), 'id', 'Ilse', 'now', $f['payload']);
    }
}
