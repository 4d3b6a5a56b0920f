<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Commands\Situation;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Role;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\TaskBasis;
use Lumbro\Core\Work\TaskStanding;
use Lumbro\Core\Work\TaskState;

/** One sensor task's journal within its order's, with what it rests on: the door by which everybody comes to its state. */
final class TaskJournal implements TaskStanding
{
    /** As many earlier levels are compared with. */
    private const LEVELS = 60;

    private ?TaskContext $context = null;

    private ?MeasuringPlan $plan = null;

    private ?TaskState $state = null;

    /**
     * @param string      $sensor        of the car
     * @param Bay         $bay           as it was surveyed, from no car
     * @param list<float> $earlierLevels echo levels of earlier accepted tasks by the same card, dB
     * @param list<Line>  $lines         oldest first
     * @param RuleSet     $rules         by which it is judged
     */
    public function __construct(
        public readonly OrderJournal $order,
        public readonly string $sensor,
        public readonly Bay $bay,
        public readonly array $earlierLevels,
        private array $lines,
        public readonly RuleSet $rules = RuleSet::NOW,
    ) {}

    /**
     * @param array<array-key, Node> $basis "sensor", "bay" and, where they are known, "earlierLevels" of what it rests on
     * @param list<Node>             $lines oldest first
     * @param RuleSet                $rules by which it is judged
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function read(OrderJournal $order, array $basis, array $lines, RuleSet $rules = RuleSet::NOW): self
    {
        $bay = $basis['bay'] ?? throw InvalidInput::missing('/basis', 'bay');
        $levels = isset($basis['earlierLevels']) ? array_map(static fn(Node $level): float => $level->between(-300, 300), $basis['earlierLevels']->fewItems(self::LEVELS)) : [];

        return new self($order, $basis['sensor']->id(), Document::read(Bay::class, $bay), $levels, self::lines(...$lines), $rules);
    }

    /** @return list<Line> as records have them */
    public static function lines(Node ...$lines): array
    {
        return array_map(static fn(Node $line): Line => Kinds::taskLine(...OrderJournal::parts($line)), array_values($lines));
    }

    /** @return list<Line> */
    public function entries(): array
    {
        return $this->lines;
    }

    /**
     * What the task rests on besides its own lines.
     *
     * @throws InvalidInput where the shop has no card for the sensor, or lacks an instrument
     */
    public function context(): TaskContext
    {
        if ($this->context === null) {
            $state = $this->order->state();
            $card = $this->order->context->cards[$this->sensor] ?? throw InvalidInput::because('/basis/cards', 'record.no-card', ['sensor' => $this->sensor]);
            $kit = $state->kit() ?? throw InvalidInput::because('/basis/register', 'kit.incomplete');
            $this->context = TaskBasis::of($state, $this->sensor, $card, $kit, $this->bay, $this->earlierLevels, $this->rules);
        }

        return $this->context;
    }

    /** How the set-up is measured: to be had without solving it. */
    public function plan(): MeasuringPlan
    {
        return $this->plan ??= new MeasuringPlan($this->context(), $this->lines);
    }

    /** Where the task stands. */
    public function state(): TaskState
    {
        return $this->state ??= new TaskState($this->context(), $this->lines, $this->plan());
    }

    /** A further line: the task's own, or one about the whole car. */
    public function add(Line $line): void
    {
        if ($line instanceof OrderLine) {
            $this->order->add($line);
            $this->context = null;
        } else {
            $this->lines[] = $line;
        }
        $this->plan = null;
        $this->state = null;
    }

    /**
     * What a line is decided against.
     *
     * @param (\Closure(): bool)|null $tool whether a scan tool is connected; null where nobody can know any more
     * @param bool                    $byHand whether readings are typed by somebody who took them
     */
    public function situation(?Role $role, ?\Closure $tool, bool $sealed, bool $byHand = false): Situation
    {
        return new Situation($this->order->state(...), $this->plan(...), $this->state(...), $role, $tool, $sealed, $byHand);
    }
}
