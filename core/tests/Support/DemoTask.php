<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Times;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\TaskState;

/** A record of the demo's front radar, written line by line. */
final class DemoTask
{
    /** @var list<Line> */
    public array $entries = [];

    /**
     * @param list<string>             $operations
     * @param array<string, mixed>     $card   what this card has otherwise, member by member; null where it is silent
     * @param \Closure(TaskContext): ?TaskOrder|null $order what the order says, given the context without one
     */
    public function __construct(
        private readonly array $operations = ['front-cover-removed'],
        private readonly string $sensor = 'front',
        private readonly array $card = [],
        private readonly ?\Closure $order = null,
        private readonly ?Kit $kit = null,
    ) {}

    public static function node(string $file): Node
    {
        return Node::parse((string) file_get_contents(dirname(__DIR__, 3) . '/database/demo/' . $file));
    }

    /** What a shop begins with. */
    public static function defaults(string $file): Node
    {
        return Node::parse((string) file_get_contents(dirname(__DIR__, 2) . '/defaults/' . $file));
    }

    public function context(): TaskContext
    {
        $card = (array) self::node($this->sensor === 'front' ? 'cards/quillon-sable-front.json' : 'cards/quillon-sable-rear.json')->raw();
        $sheet = Document::read(VehicleSheet::class, self::node('vehicles/quillon-sable.json'));
        $with = fn(?TaskOrder $order): TaskContext => new TaskContext(
            Document::read(ProcedureCard::class, Node::parse((string) json_encode(self::spoken(array_replace_recursive((array) json_decode((string) json_encode($card), true), $this->card))))),
            $sheet,
            $this->kit ?? DemoOrder::kit()->forTask('2026-11-25', new OverdueRule(false, 2.0)) ?? throw new \LogicException('The demo kit is not whole.'),
            Document::read(Bay::class, self::node('bays.json')->items()[0]),
            $this->operations,
            $sheet->sensor($this->sensor),
            $order,
        );

        $bare = $with(null);

        return $with($this->order === null
            ? new TaskOrder($bare->owed, $bare->preparation, [], [], floor: self::floor($this->sensor), policy: new Policy(1))
            : ($this->order)($bare));
    }

    /** @return array<string, FloorRead> a level floor, every place of it read twice */
    public static function floor(string $sensor): array
    {
        $floor = [];
        foreach ([...FloorRead::WHEELS, "site-$sensor", "sensor-$sensor"] as $place) {
            foreach ([$place, "$place-2"] as $once) {
                $floor[$once] = new FloorRead("floor-$once", 'Ilse', 'now', $once, '1200 mm');
            }
        }

        return $floor;
    }

    /**
     * Reads whatever is asked for until something else is: each as it is expected, or as it is said here.
     *
     * @param array<string, float> $otherwise call → mm, or degrees where it is an angle; a reading taken once more says the same
     */
    public function settled(array $otherwise = []): self
    {
        for ($time = 0; $time < 40; $time++) {
            $state = $this->state();
            $present = $state->present();
            if (! in_array($present->kind, ['read', 'check', 'guard'], true) || $present->call === null) {
                return $this;
            }
            $call = $state->plan->call($present->call) ?? throw new \LogicException("No reading $present->call.");
            $this->read([$present->call => $otherwise[$call->details->of->id ?? $call->id] ?? round($state->plan->expected($call), 1)]);
        }

        return $this;
    }

    /**
     * Without the members that are null, at any depth.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    private static function spoken(array $document): array
    {
        return array_map(
            static fn(mixed $member): mixed => is_array($member) ? self::spoken($member) : $member,
            array_filter($document, static fn(mixed $member): bool => $member !== null),
        );
    }

    /** Chooses the schools. */
    public function by(string ...$schools): self
    {
        $this->entries[] = new SchoolsChosen($this->id(), 'Ilse', 'now', array_values($schools) ?: ['plumb-and-line']);

        return $this;
    }

    public function state(): TaskState
    {
        return new TaskState($this->context(), $this->entries);
    }

    /** Answers everything that is asked before the readings. */
    public function prepared(AnswerKind $answer = AnswerKind::Yes): self
    {
        $context = $this->context();
        foreach ([...$context->card->preparation, ...(new MeasuringPlan($context, $this->entries))->lineSteps()] as $item) {
            $this->entries[] = new Answered($this->id(), 'Ilse', 'now', $item->id, $answer, $answer === AnswerKind::OnWord ? 'Bram' : null);
        }

        return $this;
    }

    /** @param array<string, float> $readings call → mm, or degrees where it is an angle */
    public function read(array $readings): self
    {
        foreach ($readings as $call => $value) {
            $unit = in_array($call, ['toe', 'pose-turn'], true) ? 'deg' : 'mm';
            $this->entries[] = new ReadingTaken($this->id(), 'Ilse', 'now', $call, "$value $unit", $unit === 'deg' ? null : $value, $unit, datum: in_array($call, ['height', 'height-2', 'height-3'], true) ? 'centre' : null, degrees: $unit === 'deg' ? $value : null);
        }

        return $this;
    }

    public function correct(string $call, float $mm, string $strikes): self
    {
        $this->entries[] = new ReadingTaken($this->id(), 'Ilse', 'now', $call, "$mm mm", $mm, 'mm', null, $strikes);

        return $this;
    }

    public function strike(string $reading): self
    {
        $this->entries[] = new ReadingStruck($this->id(), 'Ilse', 'now', $reading);

        return $this;
    }

    public function move(MoveKind ...$kinds): self
    {
        $this->entries[] = new StandMoved($this->id(), 'Ilse', 'now', array_values($kinds) ?: [MoveKind::Shift]);

        return $this;
    }

    public function release(): self
    {
        $this->entries[] = new RunReleased($this->id(), 'Ilse', 'now', 'Oda', 'the tape is on its way', ['out']);

        return $this;
    }

    /** The card's steps up to the reading of the axis, done at the tool by hand. */
    public function routine(): self
    {
        foreach ($this->state()->run->routine->steps as $step) {
            if ($step->does !== 'read') {
                $this->entries[] = new StepDone($this->id(), 'Ilse', 'now', $step->id, $step->seconds);
            }
        }

        return $this;
    }

    public function run(float $azimuth, float $elevation = 0.0, float $level = 24.5): self
    {
        $this->entries[] = new RunMade($this->id(), 'Ilse', 'now', $azimuth, $elevation, $level, 'done');

        return $this;
    }

    /** The reading that shows the target back where it was, where the proof waits for it. */
    public function back(): self
    {
        $state = $this->state();
        $call = (string) $state->present()->call;

        return $state->run->isBack() || $state->present()->kind !== 'guard' ? $this : $this->read([$call => $state->setUp->readings[Times::once($call)]->value]);
    }

    public function last(): string
    {
        return $this->entries[count($this->entries) - 1]->id;
    }

    private function id(): string
    {
        return 'e' . (count($this->entries) + 1);
    }
}
