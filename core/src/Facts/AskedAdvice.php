<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Work\TaskStanding;

/** The one thing to do now, in a line, for somebody who asks for it. */
final class AskedAdvice
{
    /** @return array{says: Message, why: Message|null} */
    public static function of(TaskStanding $task): array
    {
        $state = $task->state();
        $present = $state->present();
        $step = $present->call === null ? null : $state->run->routine->step($present->call);
        $what = match (true) {
            $present->call === null => '',
            in_array($present->kind, ['diagnose', 'send-back'], true) => Cause::from($present->call)->title(),
            $step !== null => $step->said(),
            $present->kind === 'survey-floor' => '',
            default => $state->plan->titled($present->call),
        };

        return ['says' => Message::of("advised.$present->kind", ['what' => $what]), 'why' => $present->why];
    }
}
