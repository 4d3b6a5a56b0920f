<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\DeviceRoom;
use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\StepBegun;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** A step of the card's procedure that a person does: its clock is started, or it is done. */
final readonly class DoStep
{
    public const FIELDS = [['step'], ['begun', 'confirmed']];

    public function __construct(private Recorder $recorder, private DeviceRoom $devices) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, function (TaskFile $file, string $now) use ($user, $body): Line {
            RunGuard::open($file);
            $run = $file->state()->run;
            $id = $body->text('step', 80);
            $step = $run->routine->step($id) ?? throw Refusal::field('/step', 'The card has no such step.');
            $next = $run->routine->next();
            if ($next?->id !== $step->id) {
                throw Refusal::conflict('step-order', $next === null ? Message::of('step.all-done') : Message::of('step.due-first', ['step' => $next->said()]), '/step');
            }
            $this->isByHand($file, $step->command());
            if ($body->flag('begun')) {
                return new StepBegun($body->id, $user->name, $now, $step->id);
            }
            $waited = null;
            if ($step->seconds !== null && $step->seconds > 0) {
                $clock = $run->log->clock?->step === $step->id ? $run->log->clock->at : null;
                $waited = $clock === null ? 0.0 : round((float) (new \DateTimeImmutable($now))->format('U.v') - (float) (new \DateTimeImmutable($clock))->format('U.v'), 1);
                if ($waited < $step->seconds && ! $body->flag('confirmed')) {
                    throw Refusal::asks('/step', Message::of('step.too-soon', ['asked' => Quantity::seconds($step->seconds), 'passed' => Quantity::seconds($waited)]));
                }
            }

            return new StepDone($body->id, $user->name, $now, $step->id, $waited);
        });
    }

    /**
     * Where no tool is connected, somebody does at the tool itself what it would be asked for; the axis is typed.
     *
     * @throws Refusal where a tool is there to do it, or where it may not be done now
     */
    private function isByHand(TaskFile $file, ?ToolCommand $command): void
    {
        if ($command === null) {
            return;
        }
        if ($command === ToolCommand::Read || $this->devices->hasTool($file)) {
            throw Refusal::conflict('step-order', Message::of('step.by-hand', ['command' => $command->value, 'does' => $command->said()]), '/step');
        }
        if ($command->isBarred()) {
            RunGuard::unbarred($file);
        }
    }
}
