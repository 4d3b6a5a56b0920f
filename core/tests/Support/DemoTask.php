<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Document\BayDocument;
use Lumbro\Core\Document\CardDocument;
use Lumbro\Core\Document\Node;
use Lumbro\Core\Document\VehicleDocument;
use Lumbro\Core\Kit\OverdueRule;
use Lumbro\Core\Procedure\MeasuringPlan;
use Lumbro\Core\Procedure\MoveKind;
use Lumbro\Core\Procedure\TaskContext;
use Lumbro\Core\Procedure\TaskState;
use Lumbro\Core\Record\Answered;
use Lumbro\Core\Record\AnswerKind;
use Lumbro\Core\Record\Entry;
use Lumbro\Core\Record\ReadingStruck;
use Lumbro\Core\Record\ReadingTaken;
use Lumbro\Core\Record\RunMade;
use Lumbro\Core\Record\RunReleased;
use Lumbro\Core\Record\StandMoved;

/** A record of the demo's front radar, written line by line. */
final class DemoTask
{
    /** @var list<Entry> */
    public array $entries = [];

    /** @param list<string> $operations */
    public function __construct(private readonly array $operations = ['front-cover-removed']) {}

    public static function node(string $file): Node
    {
        return Node::parse((string) file_get_contents(dirname(__DIR__, 3) . '/database/demo/' . $file));
    }

    public function context(): TaskContext
    {
        return new TaskContext(
            CardDocument::read(self::node('cards/quillon-sable-front.json')),
            VehicleDocument::read(self::node('vehicles/quillon-sable.json')),
            DemoOrder::kit()->forTask('2026-11-25', new OverdueRule(false, 2.0)) ?? throw new \LogicException('The demo kit is not whole.'),
            BayDocument::read(self::node('bays.json')->items()[0]),
            $this->operations,
        );
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

    /** @param array<string, float> $readings call → mm */
    public function read(array $readings): self
    {
        foreach ($readings as $call => $mm) {
            $this->entries[] = new ReadingTaken($this->id(), 'Ilse', 'now', $call, "$mm mm", $mm, 'mm', $call === 'height' ? 'centre' : null);
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

    public function run(float $azimuth, float $elevation = 0.0, float $level = 24.5): self
    {
        $this->entries[] = new RunMade($this->id(), 'Ilse', 'now', $azimuth, $elevation, $level, 'done');

        return $this;
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
