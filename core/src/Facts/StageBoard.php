<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\Work\Stage;
use Lumbro\Core\Work\TaskState;

/** How far each stage has come: "hollow", "half", "full" or "struck" (not needed), with a word on it. */
final class StageBoard
{
    /** @return list<array{id: string, state: string, note: string}> */
    public static function of(TaskState $state): array
    {
        $board = [];
        foreach (Stage::cases() as $stage) {
            [$how, $note] = match ($stage) {
                Stage::Intake => ['full', match ($state->owed->state) {
                    OwedState::Owed => 'owed, ' . ($state->owed->route->value ?? 'route not said'),
                    OwedState::NotOwed => 'not owed',
                    OwedState::Unknown => 'a question is open',
                }],
                Stage::Prepare => self::questions($state, $state->context->preparation),
                Stage::Floor => self::floor($state),
                Stage::Line => self::questions($state, $state->plan->lineSteps()),
                Stage::Place => self::place($state),
                Stage::Run => self::run($state),
                Stage::Prove => self::prove($state),
                Stage::Close => ['hollow', ''],
            };
            $board[] = ['id' => $stage->value, 'state' => $how, 'note' => $note];
        }

        return $board;
    }

    /**
     * @param list<PreparationItem> $items
     *
     * @return array{string, string}
     */
    private static function questions(TaskState $state, array $items): array
    {
        $open = count($state->unanswered($items));
        $word = 0;
        $unmet = 0;
        foreach ($items as $item) {
            $answer = ($state->answers[$item->id] ?? null)?->answer;
            $word += $answer === AnswerKind::OnWord ? 1 : 0;
            $unmet += $answer !== null && ! $answer->isMet() ? 1 : 0;
        }
        if ($open > 0) {
            return [$open === count($items) ? 'hollow' : 'half', sprintf('%d of %d', count($items) - $open, count($items))];
        }

        return match (true) {
            $unmet > 0 => ['half', sprintf('%d not met', $unmet)],
            $word > 0 => ['full', sprintf('%d on word', $word)],
            default => ['full', 'done'],
        };
    }

    /** @return array{string, string} */
    private static function floor(TaskState $state): array
    {
        $floor = $state->plan->floor;
        $places = SiteFloor::places($state->context);
        $read = count(array_intersect($places, array_keys($state->context->order->floor ?? [])));

        return match (true) {
            $floor->from === 'readings' => ['full', sprintf('surveyed, ±%s mm', self::plain($floor->s))],
            $read > 0 => ['half', sprintf('%d of %d', $read, count($places))],
            default => ['struck', sprintf('not surveyed, ±%s mm', self::plain($floor->s))],
        };
    }

    /** @return array{string, string} */
    private static function place(TaskState $state): array
    {
        $calls = count($state->plan->calls());
        $taken = count($state->setUp->readings);
        if ($state->setUp->isConsistent() === false) {
            return ['half', 'readings disagree'];
        }

        return [
            $taken === 0 ? 'hollow' : ($state->setUp->holds() ? 'full' : 'half'),
            $state->setUp->holds() ? 'holds' : sprintf('%d of %d', $taken, $calls),
        ];
    }

    /** @return array{string, string} */
    private static function prove(TaskState $state): array
    {
        $log = $state->run->log;

        return match (true) {
            $log->sentBack !== null => ['struck', 'sent back'],
            $log->accepted !== null => ['half', 'accepted by name'],
            $state->run->isProven() => ['full', 'axis holds'],
            $state->run->finding === null => [$state->runs === [] ? 'hollow' : 'half', $state->runs === [] ? '' : 'to be read again'],
            default => ['half', match ($state->run->finding->verdict()) {
                Verdict::Holds => 'to be repeated',
                Verdict::Out => 'axis out',
                Verdict::Unproven => 'unproven',
            }],
        };
    }

    /** @return array{string, string} */
    private static function run(TaskState $state): array
    {
        $log = $state->run->log;

        return match (true) {
            $log->pending !== null => ['half', 'no answer yet'],
            $log->trouble !== null => ['half', 'failed'],
            $state->runs !== [] && $state->run->routine->next() === null => ['full', self::count(count($state->runs), 'reading')],
            $log->done !== [] => ['half', sprintf('%d of %d steps', count($log->done), count($state->run->routine->steps))],
            default => ['hollow', $state->mayRun() ? 'may start' : 'barred'],
        };
    }

    private static function count(int $number, string $what): string
    {
        return $number . ' ' . $what . ($number === 1 ? '' : 's');
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}
