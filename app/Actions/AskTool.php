<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\ConnectionLost;
use App\Devices\DeviceRoom;
use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\Work\TaskState;

/**
 * Something is asked of the scan tool. That it was asked is recorded first, its answer after it: whatever fails between,
 * the record says what happened, and nothing is asked twice.
 */
final readonly class AskTool
{
    public const FIELDS = [['command'], ['values', 'lotCode']];

    /** What may be asked whatever step is due. */
    private const ANY_TIME = [ToolCommand::Identify, ToolCommand::Unlock, ToolCommand::Voltage, ToolCommand::Codes, ToolCommand::Clear];

    public function __construct(private Recorder $recorder, private DeviceRoom $devices, private HearTool $hear) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        $asked = null;
        $file = $this->recorder->record($user, $task, $body, function (TaskFile $file, string $now) use ($user, $body, &$asked): ToolAsked {
            $command = ToolCommand::from($body->node('command')->oneOf(array_column(ToolCommand::cases(), 'value')));
            RunGuard::open($file);
            if ($command->isBarred()) {
                RunGuard::unbarred($file);
            }
            $step = self::step($file->state(), $command);
            $values = $command === ToolCommand::Zero ? self::zero($file, $body) : self::sent($file, $command, $body);
            $this->devices->scanTool($file)->ready($command);

            return $asked = new ToolAsked($body->id, $user->name, $now, $command, $step, $values);
        });
        if ($asked === null) {
            return $file;
        }
        try {
            $reply = $this->devices->scanTool($file)->ask($asked);
        } catch (ConnectionLost) {
            return $file;
        }

        return $this->hear->record($user, $task, $asked, $reply);
    }

    /**
     * The step it belongs to.
     *
     * @throws Refusal where another one is due
     */
    private static function step(TaskState $state, ToolCommand $command): ?string
    {
        $routine = $state->run->routine;
        $next = $routine->next();
        if ($next?->command() === $command) {
            return $next->id;
        }
        if ($command === ToolCommand::Read && $next === null) {
            return $routine->reading()->id;
        }
        if (in_array($command, self::ANY_TIME, true) || ($next === null && in_array($command, [ToolCommand::Zero, ToolCommand::Level], true))) {
            return null;
        }

        throw Refusal::conflict('step-order', Message::of('step.not-due', ['next' => $next === null ? 'none' : 'step', 'step' => $next?->said() ?? '', 'command' => $command->said()]));
    }

    /**
     * @return array<string, float|string>
     *
     * @throws Refusal where no zero may be stored
     */
    private static function zero(TaskFile $file, Body $body): array
    {
        RunGuard::wasRead($file);
        if (($file->context->card->adjustment->way ?? null) !== 'electronic') {
            throw Refusal::conflict('no-zero', 'The card does not let this sensor be corrected by an electronic zero.');
        }
        if ($file->state()->run->isOnlyRead()) {
            throw Refusal::conflict('only-read', 'This sensor is owed nothing: it is only read.');
        }
        if (! $body->has('values')) {
            throw Refusal::field('/values', 'A zero has an azimuth and an elevation, in degrees.');
        }
        $values = $body->node('values')->fields(['azimuth', 'elevation']);
        $sent = ['azimuth' => $values['azimuth']->between(-10, 10), 'elevation' => $values['elevation']->between(-10, 10)];
        if (! $file->state()->run->takesZero(new AxisPair(...$sent))) {
            throw Refusal::field('/values', sprintf('With the zeros stored so far this would be more than the %.2f° that the sensor takes.', $file->context->card->adjustment->zeroRange));
        }

        return $sent;
    }

    /** @return array<string, float|string> */
    private static function sent(TaskFile $file, ToolCommand $command, Body $body): array
    {
        if ($command !== ToolCommand::LotCode) {
            return [];
        }

        return ['lotCode' => $body->optionalText('lotCode', 60) ?? $file->context->order->lotCode ?? throw Refusal::field('/lotCode', 'The routine asks for the sensor’s lot code, and nobody noted it before the cover went back. It stands on the label.')];
    }
}
