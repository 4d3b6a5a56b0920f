<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\School;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\Work\TaskStanding;

/**
 * A simulated car for somebody who works alone: what can be done, what was read, and the figures that follow, as a JSON
 * document. No verdict, no suspicion and no advice is in it, so that none can be read out of it.
 */
final class BenchDocument
{
    /** @return array<string, mixed> (openapi.yaml, "Bench") */
    public static function write(TaskStanding $task): array
    {
        $state = $task->state();
        $context = $state->context;

        return [
            'card' => [
                'title' => $context->card->title, 'sensor' => $context->sensor->name, 'target' => $context->card->targetName,
                'limits' => ['azimuth' => $context->cardSensor->limitAzimuth, 'elevation' => $context->cardSensor->limitElevation],
                'heightDatum' => $context->spot->heightDatum, 'cautions' => $context->card->cautions,
                'reference' => $state->plan->ground->reference,
            ],
            'questions' => [
                ...array_map(static fn(PreparationItem $item): array => self::question($item, $state->answers[$item->id] ?? null), $context->preparation),
                ...array_map(static fn(PreparationItem $item): array => self::question($item, $state->answers[$item->id] ?? null), $state->plan->lineSteps()),
            ],
            'schools' => array_map(static fn(School $school): string => $school->id(), $state->plan->inUse()),
            'calls' => self::calls($task),
            'floor' => self::floor($task),
            'figures' => self::figures($task),
            'moves' => self::moves($task),
            'steps' => array_map(static fn(CardStep $step): array => ['id' => $step->id, 'text' => $step->said(), 'does' => $step->does, 'seconds' => $step->seconds, 'done' => isset($state->run->log->done[$step->id]), 'due' => $state->run->routine->next()?->id === $step->id], $state->run->routine->steps),
            'pending' => $state->run->log->pending?->command->said(),
            'events' => RunEvents::of($state->entries, $state->run->routine, $context->sensor->looksBack()),
            'axes' => self::axes($task),
            'adjusts' => self::adjusts($task),
            'causes' => array_map(static fn(Cause $cause): array => ['id' => $cause->value, 'title' => $cause->title(), 'found' => ($state->run->log->checks[$cause->value] ?? null)?->found], Cause::cases()),
            'plan' => PlanDrawing::of($context, $state->setUp),
        ];
    }

    /** @return array<string, mixed> */
    private static function question(PreparationItem $item, ?Answered $answer): array
    {
        return ['id' => $item->id, 'question' => $item->question, 'answer' => $answer?->answer->value, 'word' => $answer?->word];
    }

    /** @return list<array<string, mixed>> every tape, rule, beam and staff that can be laid here, with what it showed */
    private static function calls(TaskStanding $task): array
    {
        $state = $task->state();
        $taken = [];
        foreach ($state->record->readings as $reading) {
            $once = $state->plan->call($reading->call)?->details->of->id ?? $reading->call;
            $taken[$once][] = self::reading($reading, $state->record->fate($reading));
        }
        $calls = [];
        foreach (self::offered($task) as $id => $call) {
            // Once more, it goes under a name of its own, so that the first still counts.
            $again = array_values(array_filter([$id, "$id-2", "$id-3"], static fn(string $name): bool => ! isset($state->setUp->readings[$name]) && $state->plan->call($name) !== null))[0] ?? $id;
            $calls[] = [
                'id' => $id, 'next' => $again, 'title' => $call->title(), 'instruction' => $call->instruction(), 'reads' => $call->reads->value,
                'datums' => $call->details->datums, 'readings' => $taken[$id] ?? [],
            ];
        }

        return $calls;
    }

    /** @return array<string, Call> of the schools the card allows, each once, in the order of work */
    private static function offered(TaskStanding $task): array
    {
        $state = $task->state();
        $rig = array_filter($state->plan->takable(), static fn(Call $call): bool => $call->details->of === null && ! $call->details->statesAccuracy && ! str_starts_with($call->id, 'pose-'));

        return $state->plan->calls() + $rig;
    }

    /** @return array<string, mixed> */
    private static function reading(ReadingTaken $reading, string $fate): array
    {
        return ['id' => $reading->id, 'call' => $reading->call, 'typed' => $reading->typed, 'fate' => $fate];
    }

    /** @return list<array<string, mixed>> */
    private static function floor(TaskStanding $task): array
    {
        $state = $task->state();

        return array_map(static fn(string $place): array => [
            'place' => $place,
            'says' => $state->plan->titled('staff-' . SiteFloor::own($state->context, $place)),
            'typed' => $state->context->order->floor[$place]->typed ?? null,
        ], SiteFloor::places($state->context));
    }

    /** @return list<array<string, mixed>> how far off the readings say the stand is; what to make of it is for the learner */
    private static function figures(TaskStanding $task): array
    {
        $state = $task->state();
        $figures = [];
        foreach ($state->plan->respects() as $name) {
            $deviation = $name === 'height' ? null : $state->setUp->deviation($name);
            $height = $name === 'height' ? $state->setUp->height : null;
            $unit = $deviation?->angular === true || in_array($name, ['yaw', 'bearing'], true) ? 'degrees' : 'mm';
            $off = $height->deviation ?? $deviation?->value();
            $scale = $unit === 'degrees' ? rad2deg(1) : 1.0;
            $figures[] = [
                'id' => $name, 'title' => Message::of("respect.$name"), 'unit' => $unit,
                'deviation' => $off === null ? null : $off * $scale,
                'uncertainty' => $height->uncertainty ?? ($deviation === null ? null : $deviation->uncertainty * $scale),
                'tolerance' => $height->tolerance ?? ($deviation?->tolerance === null ? null : $deviation->tolerance * $scale),
                'direction' => $off === null ? null : Directions::deviation($name, $off * $scale, $state->plan->ground->isAhead),
            ];
        }

        return $figures;
    }

    /** @return list<string> kinds of moves that the readings give a figure for */
    private static function moves(TaskStanding $task): array
    {
        $state = $task->state();
        $placed = $state->setUp->isPlaced();
        $turns = in_array('yaw', $state->plan->ground->respects(), true);

        return array_map(static fn(MoveKind $kind): string => $kind->value, array_values(array_filter(MoveKind::cases(), static fn(MoveKind $kind): bool => match ($kind) {
            MoveKind::Turn => $placed && $turns,
            MoveKind::Shift => $placed,
            MoveKind::Height => $state->setUp->height !== null && $state->plan->needsHeight(),
        })));
    }

    /** @return array<string, mixed>|null what the tool's readings come to with the set-up taken out */
    private static function axes(TaskStanding $task): ?array
    {
        $finding = $task->state()->run->finding;
        if ($finding === null) {
            return null;
        }
        $axes = ['readings' => $finding->readings];
        foreach (AxisReading::AXES as $axis) {
            $verdict = $finding->verdicts[$axis];
            $axes[$axis] = [...RunDocument::degrees($axis, $verdict->misalignment, $task->state()->context->sensor->looksBack()), 'uncertainty' => $verdict->uncertainty, 'spread' => $finding->spreads[$axis]];
        }

        return $axes;
    }

    /** @return array<string, mixed>|null what would take the figures to nothing; null where nothing is adjusted, or nothing was read */
    private static function adjusts(TaskStanding $task): ?array
    {
        $run = $task->state()->run;
        $way = $task->state()->context->card->adjustment->way ?? 'none';
        if ($run->finding === null || $way === 'none') {
            return null;
        }
        try {
            $turns = $way === 'screws' ? $run->screws()?->asked() : null;
        } catch (CoreFailure) {
            $turns = null;
        }
        $zero = $way === 'electronic' ? $run->zeroWanted() : null;

        return ['way' => $way, 'turns' => $turns === null ? null : (object) $turns, 'zero' => $zero === null ? null : ['azimuth' => round($zero->azimuth, 2), 'elevation' => round($zero->elevation, 2)]];
    }
}
