<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Practice\RoughWorld;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\SensorTruth;
use Lumbro\Core\Practice\SimulatedTool;
use Lumbro\Core\Practice\World;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\TaskStanding;
use Lumbro\Core\Work\TaskState;

/** The hands of somebody at a simulated car: what they read and do becomes lines, as it would in the bay. */
final class Hands implements TaskStanding
{
    public const PERSON = 'Practice';

    /** Staffs that differ by no more say the same, mm. */
    private const SAME = 3.0;

    /** @var list<Line> */
    public array $entries;

    /** @var list<FloorRead> staffs read, which are the order's lines, oldest first */
    public array $staffs = [];

    private TaskContext $context;

    private ?World $world = null;

    private ?TaskState $state = null;

    private int $lines = 0;

    /**
     * @param list<Line>                   $entries what was done before
     * @param Roughness|null               $rough   where the bay is rougher than the scenario says
     * @param (\Closure(Call): float)|null $slip    what a reading shows too much, mm
     * @param (\Closure(): array{string, string, string})|null $stamp a line's id, who writes it and when, where that is kept
     */
    public function __construct(TaskContext $context, public readonly Scenario $scenario, array $entries = [], private readonly ?Roughness $rough = null, private readonly ?\Closure $slip = null, private readonly ?\Closure $stamp = null)
    {
        $this->context = $context;
        $this->entries = $entries;
    }

    public function state(): TaskState
    {
        return $this->state ??= new TaskState($this->context, $this->entries);
    }

    /** The bay as it truly is now. */
    public function world(): World
    {
        return $this->world ??= $this->rough === null
            ? World::of($this->context, $this->scenario, $this->entries)
            : new RoughWorld($this->context, $this->scenario, $this->entries, $this->rough);
    }

    /** The sensor as it truly is now. */
    public function truth(): SensorTruth
    {
        return (new SimulatedTool($this->world(), $this->entries))->sensor;
    }

    /** Whether this bay is worse than the survey's model has it. */
    public function isRough(): bool
    {
        return $this->world() instanceof RoughWorld;
    }

    /** A further line. */
    public function add(Line $entry): void
    {
        $this->entries[] = $entry;
        $this->world = null;
        $this->state = null;
    }

    /**
     * A line of a kind.
     *
     * @param class-string<Line> $kind
     */
    public function do(string $kind, mixed ...$what): void
    {
        $this->add(new $kind(...$this->stamped(), ...$what));
    }

    /** Reads a call as finely as its instrument shows it. */
    public function read(Call $call): void
    {
        $this->note($call, $this->meter($call));
    }

    private function note(Call $call, float $value): void
    {
        $turn = $call->reads === Reads::Turn;
        $byRule = in_array($call->instrument, array_column($this->context->kit->rules, 'id'), true);
        $read = $turn ? round($value, 2) : ($byRule ? round(2 * $value) / 2 : round($value));
        $this->do(
            ReadingTaken::class,
            call: $call->id,
            typed: match ($call->reads) {
                Reads::Turn => "$read deg",
                Reads::Sided => abs($read) . ' mm' . ($read === 0.0 ? '' : ($read > 0 ? ' left' : ' right')),
                default => "$read mm",
            },
            millimetres: $turn ? null : $read,
            unit: $turn ? 'deg' : 'mm',
            datum: $call->reads === Reads::Height ? $this->context->spot->heightDatum : null,
            degrees: $turn ? $read : null,
        );
    }

    /** Strikes the reading of a call and reads it anew. */
    public function readAgain(Call $call): void
    {
        $reading = $this->state()->setUp->readings[$call->id] ?? throw new \LogicException("No reading $call->id.");
        $this->do(ReadingStruck::class, reading: $reading->id);
        // A bay as the model has it makes no noise of its own twice: the second reading is the true one.
        $this->note($call, $this->isRough() ? $this->meter($call) : $this->world()->plan->reading($call, $this->world()->truth) + ($this->slip === null ? 0.0 : ($this->slip)($call)));
    }

    /** @param list<string> $places to put a staff on, as the order names them */
    public function staff(array $places): void
    {
        foreach ($places as $place) {
            $order = $this->context->order ?? throw new \LogicException('A floor is surveyed for an order.');
            $value = round($this->world()->staff($place));
            $again = $order->floorAgain;
            if (isset($order->floor[$place]) && abs($value - (float) $order->floor[$place]->value) <= self::SAME) {
                $again[] = $place;
            }
            $read = new FloorRead(...$this->stamped(), place: $place, typed: "$value mm");
            $this->staffs[] = $read;
            $this->know($order, [...$order->floor, $place => $read], $again);
        }
    }

    /**
     * Asks the tool, and hears what it says where anything comes back.
     *
     * @param array<string, float|string> $values
     */
    public function ask(ToolCommand $command, ?string $step = null, array $values = []): void
    {
        $asked = new ToolAsked(...$this->stamped(), command: $command, step: $step, values: $values);
        $this->add($asked);
        $tool = new SimulatedTool($this->world(), $this->entries);
        if (! $tool->losesAnswer($asked)) {
            $this->hear($tool, $asked);
        }
    }

    /** Asks the tool what became of what it owes an answer for. */
    public function outcome(): void
    {
        $asked = $this->state()->run->log->pending ?? throw new \LogicException('Nothing is pending.');
        $this->hear(new SimulatedTool($this->world(), $this->entries), $asked);
    }

    /** Looks into a cause. */
    public function look(Cause $cause): void
    {
        $truth = $this->truth();
        $found = $truth->has($cause) && ($truth->isAtWork($cause) || $cause === $this->scenario->fault || $cause === Cause::Bracket);
        $this->do(CauseChecked::class, cause: $cause->value, found: $found);
    }

    private function meter(Call $call): float
    {
        return $this->world()->meter($call) + ($this->slip === null ? 0.0 : ($this->slip)($call));
    }

    private function hear(SimulatedTool $tool, ToolAsked $asked): void
    {
        $reply = $tool->reply($asked);
        if ($asked->command === ToolCommand::Read && $reply->isReading()) {
            $level = $reply->values['level'] ?? null;
            $this->do(RunMade::class, azimuth: (float) $reply->azimuth, elevation: (float) $reply->elevation, echoLevel: is_float($level) ? $level : null, message: $reply->message, to: $asked->id);

            return;
        }
        $this->do(ToolAnswered::class, to: $asked->id, outcome: $reply->outcome, message: $reply->message, values: $reply->values, codes: $reply->codes, wiped: $reply->wiped);
        if ($asked->command === ToolCommand::Zero && $reply->outcome === 'done') {
            $this->do(Corrected::class, way: 'electronic', turns: [], azimuth: (float) $asked->values['azimuth'], elevation: (float) $asked->values['elevation'], to: $asked->id);
        }
    }

    /**
     * @param array<string, FloorRead> $floor
     * @param list<string>             $again
     */
    private function know(TaskOrder $order, array $floor, array $again): void
    {
        $this->context = $this->context->ordered($order->onFloor($floor, $again));
        $this->world = $this->state = null;
    }

    /** @return array{id: string, person: string, at: string} */
    private function stamped(): array
    {
        [$id, $person, $at] = $this->stamp === null ? ['practice-' . $this->lines++, self::PERSON, 'now'] : ($this->stamp)();

        return ['id' => $id, 'person' => $person, 'at' => $at];
    }
}
