<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandNudged;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Practice\RoughWorld;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\SensorTruth;
use Lumbro\Core\Practice\SimulatedTool;
use Lumbro\Core\Practice\World;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\Present;
use Lumbro\Core\Work\TaskState;

/**
 * Somebody who does what the core says at a simulated car, and knows nothing else of it.
 */
final class Follower
{
    private const LONGEST = 160;

    /** @var list<Line> */
    public array $entries = [];

    /** @var array<string, FloorRead> */
    private array $floor = [];

    /** @var list<string> */
    private array $floorAgain = [];

    /** @var array<string, array{Prospect|null}> card and sensor → what is cheapest there with nothing read: the same for every such car */
    private static array $plans = [];

    /** @var list<string> what was done, for a test that fails */
    public array $did = [];

    public TaskState $state;

    private ?TaskContext $known = null;

    private ?World $world = null;

    public readonly Scenario $scenario;

    /** @var array<array-key, mixed> */
    private array $card;

    /**
     * @param array{vehicle: string, card: string, sensor: string, operations: list<string>, truth: array<string, mixed>, bay: string, sFloor?: float, changed?: array<string, mixed>, title: string} $file
     * @param (\Closure(Call): float)|null $slip what a reading shows too much, mm
     */
    public function __construct(private readonly array $file, private readonly Policy $policy = new Policy(), private readonly ?Roughness $rough = null, private readonly ?\Closure $slip = null)
    {
        $this->scenario = Document::read(Scenario::class, Node::parse((string) json_encode($file['truth'])));
        $this->card = array_replace_recursive((array) json_decode((string) json_encode(DemoTask::node("cards/{$file['card']}.json")->raw()), true), $file['changed'] ?? []);
        $this->state = $this->look();
    }

    /** Works until the core sees nothing more to do. */
    public function work(): self
    {
        for ($step = 0; $step < self::LONGEST; $step++) {
            $present = $this->state->present();
            if ($present->kind === 'close') {
                return $this;
            }
            $this->did[] = trim("$present->kind $present->call");
            $this->act($present);
            $this->state = $this->look();
        }

        return $this;
    }

    /** How it ended: "aligned", "sent-back", "accepted", or the last thing that was asked for. */
    public function end(): string
    {
        $log = $this->state->run->log;

        return match (true) {
            $log->sentBack !== null => 'sent-back',
            $log->accepted !== null => 'accepted',
            $this->state->run->isProven() => 'aligned',
            default => $this->state->present()->kind,
        };
    }

    public function truth(): SensorTruth
    {
        return (new SimulatedTool($this->world(), $this->entries))->sensor;
    }

    private function look(): TaskState
    {
        return new TaskState($this->context(), $this->entries);
    }

    private function context(): TaskContext
    {
        return $this->known ??= $this->taskContext();
    }

    private function taskContext(): TaskContext
    {
        $card = Document::read(ProcedureCard::class, Node::parse((string) json_encode($this->card)));
        $sheet = Document::read(VehicleSheet::class, DemoTask::node("vehicles/{$this->file['vehicle']}.json"));
        $bay = [];
        foreach ((array) json_decode((string) json_encode(DemoTask::node('bays.json')->raw()), true) as $known) {
            if (is_array($known) && $known['name'] === $this->file['bay']) {
                $bay = array_replace($known, array_intersect_key($this->file, ['sFloor' => 0]));
            }
        }
        $sensor = $sheet->sensor($this->file['sensor']) ?? throw new \LogicException('No such sensor.');
        $operations = array_map(static fn(string $text): Operation => Operation::fromCode($text), $this->file['operations']);

        return new TaskContext(
            $card,
            $sheet,
            DemoOrder::kit()->forTask('2026-11-25', new OverdueRule(false, 2.0)) ?? throw new \LogicException('The demo kit is not whole.'),
            // What looks back needs the room behind the car.
            Document::read(Bay::class, Node::parse((string) json_encode($bay)))->seenFrom(new Stance($sensor->looksBack() ? 3_500.0 : 0.0)),
            $this->file['operations'],
            $sensor,
            new TaskOrder(Owed::after($operations, $sensor, $card), [], [], [], floor: $this->floor, policy: $this->policy, floorAgain: $this->floorAgain),
        );
    }

    private function world(): World
    {
        return $this->world ??= $this->rough === null
            ? new World($this->context(), $this->scenario, $this->entries)
            : new RoughWorld($this->context(), $this->scenario, $this->entries, $this->rough);
    }

    private function act(Present $present): void
    {
        match ($present->kind) {
            'prepare', 'line' => $this->answer(),
            'read', 'check', 'decide', 'improve', 'guard' => $this->read($present->call),
            'remeasure' => $this->again((string) $present->call),
            'move' => $this->add(new StandMoved($this->id(), 'Ilse', 'now', $this->state->moves !== [] ? $this->state->moves : throw new \LogicException('Nothing to move.'))),
            'step' => $this->step((string) $present->call),
            'repeat' => $this->ask(ToolCommand::Read, $this->state->run->routine->reading()->id),
            'outcome' => $this->outcome(),
            'diagnose' => $this->check(Cause::from((string) $present->call)),
            'survey-floor' => $this->survey($present->call),
            'adjust' => $this->add(new Corrected($this->id(), 'Ilse', 'now', $this->state->context->card->adjustment->way ?? '', $this->state->run->screws()?->asked() ?? [])),
            'zero' => $this->zero(),
            'shift-test' => $this->add(new TargetShifted($this->id(), 'Ilse', 'now', $this->state->run->shiftTest()->across ?? 0.0, 'as asked')),
            'shift-back' => $this->add(new TargetShifted($this->id(), 'Ilse', 'now', 0.0, 'back')),
            'nudge' => $this->add(new StandNudged($this->id(), 'Ilse', 'now', $this->state->run->nudge() ?? 0.0)),
            'send-back' => $this->add(new SentBack($this->id(), 'Ilse', 'now', (string) $present->call, 'Ilse', array_filter([$present->why]))),
            'accept' => $this->add(new BorderlineAccepted($this->id(), 'Ilse', 'now', 'Oda', 'near the limit')),
            default => throw new \LogicException("Nobody knows how to do \"$present->kind\": " . implode(', ', $this->did)),
        };
    }

    private function answer(): void
    {
        if (MeasuringPlan::asksForReference($this->state->context) && $this->state->plan->referenceChosen === null) {
            $this->add(new ReferenceChosen($this->id(), 'Ilse', 'now', 'body-axis', 'the maker measures from the body'));
        }
        if ($this->rough !== null && $this->state->plan->planned === []) {
            $this->takePlan();
        }
        foreach ([...$this->state->unanswered($this->state->context->preparation), ...$this->state->unanswered($this->state->plan->lineSteps())] as $item) {
            $this->add(new Answered($this->id(), 'Ilse', 'now', $item->id, AnswerKind::Yes));
        }
    }

    /** Takes the cheapest plan of readings that proves the set-up, where there is one. */
    private function takePlan(): void
    {
        $key = "{$this->file['card']} {$this->file['sensor']}";
        $cheapest = self::$plans[$key] ??= [Prospects::of($this->state->context, $this->state->plan)->cheapest];
        if ($cheapest[0]?->whole !== null) {
            $this->add(new SchoolsChosen($this->id(), 'Ilse', 'now', $cheapest[0]->schools, $cheapest[0]->whole));
            $this->state = $this->look();
        }
    }

    private function read(?string $call): void
    {
        $unread = array_diff(array_keys($this->state->plan->calls()), array_keys($this->state->setUp->readings));
        $call ??= array_values($unread)[0] ?? null;
        if ($call === null) {
            throw new \LogicException('Better than this cannot be measured: ' . implode(', ', $this->did));
        }
        $this->take($this->state->plan->call($call) ?? throw new \LogicException("No reading $call."));
    }

    private function take(Call $call): void
    {
        $value = $this->world()->meter($call) + ($this->slip === null ? 0.0 : ($this->slip)($call));
        $unit = $call->reads === Reads::Turn ? 'deg' : 'mm';
        // As finely as the instrument shows it.
        $read = $unit === 'deg' ? round($value, 2) : (in_array($call->instrument, array_column($this->state->context->kit->rules, 'id'), true) ? round(2 * $value) / 2 : round($value));
        $this->add(new ReadingTaken($this->id(), 'Ilse', 'now', $call->id, "$read $unit", $unit === 'deg' ? null : $read, $unit, datum: $call->reads === Reads::Height ? $this->state->context->spot->heightDatum : null, degrees: $unit === 'deg' ? $read : null));
    }

    /** A contradiction of honest readings: the suspect is struck and taken anew, slightly otherwise. */
    private function again(string $call): void
    {
        $reading = $this->state->setUp->readings[$call] ?? throw new \LogicException("No reading $call.");
        $this->add(new ReadingStruck($this->id(), 'Ilse', 'now', $reading->id));
        $known = $this->state->plan->call($call) ?? throw new \LogicException("No reading $call.");
        $world = $this->world();
        $value = ($this->rough === null ? $world->plan->reading($known, $world->truth) : $world->meter($known)) + ($this->slip === null ? 0.0 : ($this->slip)($known));
        $this->add(new ReadingTaken($this->id(), 'Ilse', 'now', $call, "$value mm", round($value), 'mm', datum: $known->reads === Reads::Height ? $this->state->context->spot->heightDatum : null));
    }

    private function step(string $id): void
    {
        $step = $this->state->run->routine->step($id) ?? throw new \LogicException("No step $id.");
        $command = $step->command();
        if ($command === null) {
            $this->add(new StepDone($this->id(), 'Ilse', 'now', $id, $step->seconds));
        } else {
            $this->ask($command, $id);
        }
    }

    /** @param array<string, float|string> $values */
    private function ask(ToolCommand $command, ?string $step, array $values = []): void
    {
        $asked = new ToolAsked($this->id(), 'Ilse', 'now', $command, $step, $values);
        $this->add($asked);
        $tool = new SimulatedTool($this->world(), $this->entries);
        if (! $tool->losesAnswer($asked)) {
            $this->hear($tool, $asked);
        }
    }

    private function outcome(): void
    {
        $asked = $this->state->run->log->pending ?? throw new \LogicException('Nothing is pending.');
        $this->hear(new SimulatedTool($this->world(), $this->entries), $asked);
    }

    private function hear(SimulatedTool $tool, ToolAsked $asked): void
    {
        $reply = $tool->reply($asked);
        if ($asked->command === ToolCommand::Read && $reply->isReading()) {
            $level = $reply->values['level'] ?? null;
            $this->add(new RunMade($this->id(), 'Ilse', 'now', (float) $reply->azimuth, (float) $reply->elevation, is_float($level) ? $level : null, $reply->message, null, $asked->id));
        } else {
            $this->add(new ToolAnswered($this->id(), 'Ilse', 'now', $asked->id, $reply->outcome, $reply->message, $reply->values, $reply->codes, $reply->wiped));
            if ($asked->command === ToolCommand::Zero && $reply->outcome === 'done') {
                $this->add(new Corrected($this->id(), 'Ilse', 'now', 'electronic', [], (float) $asked->values['azimuth'], (float) $asked->values['elevation'], $asked->id));
            }
        }
    }

    private function zero(): void
    {
        $wanted = $this->state->run->zeroWanted() ?? throw new \LogicException('No zero is known.');
        $this->ask(ToolCommand::Zero, null, ['azimuth' => round($wanted->azimuth, 2), 'elevation' => round($wanted->elevation, 2)]);
    }

    private function check(Cause $cause): void
    {
        $this->add(new CauseChecked($this->id(), 'Ilse', 'now', $cause->value, $this->truth()->has($cause) && ($this->truth()->isAtWork($cause) || $cause === $this->scenario->fault || $cause === Cause::Bracket)));
    }

    private function survey(?string $place): void
    {
        foreach ($place === null ? SiteFloor::places($this->state->context) : [$place] as $place) {
            $value = round($this->world()->staff($place));
            if (isset($this->floor[$place]) && abs($value - (float) $this->floor[$place]->value) <= 3) {
                $this->floorAgain[] = $place;
            }
            $this->floor[$place] = new FloorRead($this->id(), 'Ilse', 'now', $place, "$value mm");
            $this->known = $this->world = null;
        }
    }

    private function add(Line $entry): void
    {
        $this->entries[] = $entry;
        $this->world = null;
    }

    private function id(): string
    {
        return 'f' . count($this->entries) . '-' . count($this->floor);
    }
}
