<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\People\Role;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\Work\TaskState;

/** What a line is decided against: the record as it stands, and who writes. */
final readonly class Situation
{
    /**
     * @param \Closure(): OrderState         $order
     * @param (\Closure(): MeasuringPlan)|null $plan to be had without solving the set-up; null where the line is about the whole car alone
     * @param (\Closure(): TaskState)|null     $task
     * @param Role|null                       $role null where a record of then does not say it
     * @param (\Closure(): bool)|null         $tool whether a scan tool is connected; null where nobody can know any more
     * @param bool                            $sealed whether the task's record is
     * @param (\Closure(): Closing)|null      $closing what keeps the order open; null where nobody can know any more
     * @param bool                            $byHand whether readings are typed by somebody who took them; not where a simulated tape is read
     */
    public function __construct(
        private \Closure $order,
        private ?\Closure $plan = null,
        private ?\Closure $task = null,
        public ?Role $role = null,
        private ?\Closure $tool = null,
        public bool $sealed = false,
        public bool $byHand = false,
        private ?\Closure $closing = null,
    ) {}

    /** What keeps the order open; null where nobody can know any more. */
    public function closing(): ?Closing
    {
        return $this->closing === null ? null : ($this->closing)();
    }

    /** The repair order. */
    public function order(): OrderState
    {
        return ($this->order)();
    }

    /** How the sensor's set-up is measured. */
    public function plan(): MeasuringPlan
    {
        return $this->plan === null ? throw new \LogicException('This line is about a sensor.') : ($this->plan)();
    }

    /** Whether a scan tool is connected; null where nobody can know any more. */
    public function hasTool(): ?bool
    {
        return $this->tool === null ? null : ($this->tool)();
    }

    /** Where the sensor's task stands. */
    public function task(): TaskState
    {
        return $this->task === null ? throw new \LogicException('This line is about a sensor.') : ($this->task)();
    }
}
