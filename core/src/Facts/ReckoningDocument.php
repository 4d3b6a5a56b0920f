<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Exercise\Answer;
use Lumbro\Core\Exercise\Fault;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\Score;
use Lumbro\Core\Exercise\Showing;
use Lumbro\Core\Exercise\Told;
use Lumbro\Core\Exercise\Worth;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Practice\Believed;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\SensorTruth;
use Lumbro\Core\Practice\World;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Work\TaskStanding;

/** What an exercise came to: the truth beside what the learner believed, as a JSON document; mm and degrees. */
final class ReckoningDocument
{
    /** So many readings that would have shown a fault are named. */
    private const SHOWINGS = 3;

    /** What is told by its place as well as drawn. */
    private const NAMED = ['target', 'frontMark', 'rearMark', 'sensor'];

    private const POINTS = ['frontMark', 'rearMark', 'sensor', 'target', 'stand', 'barLeft', 'barRight', 'FL', 'FR', 'RL', 'RR'];

    /** @return array<string, mixed> (openapi.yaml, "Reckoning") */
    public static function write(TaskStanding $task, Scenario $truth, Answer $answer, Score $score): array
    {
        $state = $task->state();
        $world = World::of($state->context, $truth, $state->entries);
        $sensor = new SensorTruth($state->context, $truth, $world->noise, $state->entries);
        $faults = Faults::of($truth, $state->context->cardSensor);
        $kinds = array_column($faults, 'kind');

        return [
            'score' => ScoreDocument::write($score),
            'answer' => [
                'outcome' => $answer->outcome->value,
                'says' => Message::of("outcome.{$answer->outcome->value}"),
                'cause' => $answer->cause?->title(),
            ],
            'truth' => [
                'aligned' => $sensor->isAligned(),
                'goesBack' => $truth->fault?->title(),
                'says' => Message::of(match (true) {
                    $truth->fault !== null => 'reckoning.goes-back',
                    $sensor->isAligned() => 'reckoning.inside',
                    default => 'reckoning.outside',
                }),
            ],
            'faults' => array_map(static fn(Fault $fault): array => self::fault($task, $truth, $answer, $fault), $faults),
            'wronglyNamed' => array_map(static fn(FaultKind $kind): Message => $kind->said(), array_values(array_filter($answer->faults, static fn(FaultKind $kind): bool => ! in_array($kind, $kinds, true)))),
            'axes' => self::axes($task, $sensor),
            'placement' => self::placement($task, $world),
            'readings' => self::readings($task),
            'words' => self::words($task, $truth),
            'plan' => PlanDrawing::of($state->context, $state->setUp),
            'true' => self::drawn($world->truth),
            'places' => self::places($task, $world->truth),
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(TaskStanding $task, Scenario $truth, Answer $answer, Fault $fault): array
    {
        $shows = array_slice(Showing::of($task, $truth, $fault), 0, self::SHOWINGS);

        return [
            'kind' => $fault->kind->value,
            'says' => $fault->said(),
            'at' => self::at($task, $fault),
            'named' => in_array($fault->kind, $answer->faults, true),
            'told' => in_array($fault->kind, Told::by($task), true),
            'showable' => Showing::isShowable($task, $truth, $fault),
            'look' => self::look($fault),
            'wouldShow' => array_map(static fn(Showing $one): array => ['call' => $one->call, 'says' => $one->says, 'reads' => $one->reads->value, 'foretold' => $one->foretold, 'would' => $one->would, 'times' => round($one->times, 1)], $shows),
        ];
    }

    private static function at(TaskStanding $task, Fault $fault): Message|string|null
    {
        return match (true) {
            $fault->at === '' => null,
            $fault->kind === FaultKind::Word => Message::of('fault.word.at', ['who' => $fault->who, 'question' => self::question($task, $fault->at)]),
            $fault->kind === FaultKind::Axis => Message::of("axis.$fault->at"),
            default => $task->state()->plan->titled($fault->at),
        };
    }

    /** Where somebody has to look who wants to see it; null where a tape shows it. */
    private static function look(Fault $fault): ?Message
    {
        $cause = Cause::tryFrom($fault->kind->value);

        return $cause !== null ? Message::of("cause.$cause->value.check") : match ($fault->kind) {
            FaultKind::Word, FaultKind::Axis, FaultKind::Zero, FaultKind::Backlash, FaultKind::Floor => Message::of("fault.{$fault->kind->value}.look"),
            default => null,
        };
    }

    /** @return list<array<string, mixed>> */
    private static function axes(TaskStanding $task, SensorTruth $sensor): array
    {
        $state = $task->state();
        $back = $state->context->sensor->looksBack();
        $axes = [];
        foreach (AxisReading::AXES as $axis) {
            $limit = $axis === 'azimuth' ? $state->context->cardSensor->limitAzimuth : $state->context->cardSensor->limitElevation;
            $true = $axis === 'azimuth' ? $sensor->azimuth + $sensor->zero[0] : $sensor->elevation + $sensor->zero[1];
            $verdict = $state->run->finding->verdicts[$axis] ?? null;
            $axes[] = [
                'axis' => $axis,
                'limit' => $limit,
                'true' => RunDocument::degrees($axis, $true, $back),
                'believed' => $verdict === null ? null : RunDocument::degrees($axis, $verdict->misalignment, $back),
                'uncertainty' => $verdict?->uncertainty,
            ];
        }

        return $axes;
    }

    /** @return array<string, mixed> how far off the target truly stood, and what was believed */
    private static function placement(TaskStanding $task, World $world): array
    {
        $believed = $task->state()->setUp->azimuthError();
        $back = $task->state()->context->sensor->looksBack();

        return [
            'true' => RunDocument::degrees('azimuth', -$world->placementError()[0], $back),
            'believed' => $believed === null ? null : RunDocument::degrees('azimuth', -$believed->deviation, $back),
            'uncertainty' => $believed?->uncertainty,
        ];
    }

    /** @return list<array<string, mixed>> oldest first */
    private static function readings(TaskStanding $task): array
    {
        $state = $task->state();
        $worth = Worth::of($task);
        $readings = [];
        foreach ($state->record->readings as $reading) {
            $readings[] = ['id' => $reading->id, 'title' => $state->plan->titled($reading->call), 'typed' => $reading->typed, 'worth' => $worth[$reading->id]];
        }

        return $readings;
    }

    /** @return list<array<string, mixed>> what was told that was not so */
    private static function words(TaskStanding $task, Scenario $truth): array
    {
        $state = $task->state();
        $believed = Believed::words($truth, $state->context, $state->entries);
        $words = [];
        foreach ($truth->words as $item => $word) {
            $words[] = ['question' => self::question($task, $item), 'who' => $word->who, 'believed' => isset($believed[$item])];
        }

        return $words;
    }

    /** @return list<array<string, mixed>> how far things truly are from where they were believed, mm */
    private static function places(TaskStanding $task, Geometry $true): array
    {
        $setUp = $task->state()->setUp;
        $believed = $setUp->placement?->solution->geometry ?? $setUp->plan->nominal();
        $places = [];
        foreach (self::NAMED as $point) {
            if (! isset($true->x[$point], $believed->x[$point])) {
                continue;
            }
            [$along, $across] = [$true->x[$point] - $believed->x[$point], $true->y[$point] - $believed->y[$point]];
            $places[] = [
                'point' => $point,
                'says' => Message::of("reckoning.place.$point"),
                'believed' => [$believed->x[$point], $believed->y[$point]],
                'true' => [$true->x[$point], $true->y[$point]],
                'across' => ['amount' => abs($across), 'unit' => 'mm', 'direction' => Directions::across($across)],
                'along' => ['amount' => abs($along), 'unit' => 'mm', 'direction' => Directions::along($along, true)],
            ];
        }

        return $places;
    }

    private static function question(TaskStanding $task, string $item): Message|string
    {
        foreach ($task->state()->context->preparation as $asked) {
            if ($asked->id === $item) {
                return $asked->question;
            }
        }

        return $item;
    }

    /** @return array<string, mixed> where things truly are */
    private static function drawn(Geometry $at): array
    {
        $points = [];
        foreach (self::POINTS as $point) {
            if (isset($at->x[$point])) {
                $points[$point] = [$at->x[$point], $at->y[$point]];
            }
        }

        return ['points' => $points, 'yaw' => Angle::degrees($at->yaw['stand'])];
    }
}
