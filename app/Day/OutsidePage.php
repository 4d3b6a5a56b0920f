<?php

declare(strict_types=1);

namespace App\Day;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\OrderFile;
use Lumbro\Core\Day\InOrOut;
use Lumbro\Core\Day\Outside;
use Lumbro\Core\Message\Message;

/** A car kept in the house beside the same car sent out, by the shop's own figures. */
final class OutsidePage
{
    /**
     * @return array<string, mixed>
     *
     * @throws Refusal where the shop has not said what another shop costs, or the order has no work to be planned
     */
    public static function of(User $user, string $order): array
    {
        OrderFile::open($user, $order);
        $book = DayPlans::current($user)->book;
        $outside = $book->register->rules->outside ?? throw Refusal::conflict('no-outside', Message::of('day.no-outside'));
        $compared = InOrOut::of($book->day, $order, new Outside($outside->fee, $outside->there, $outside->away, $outside->hour))
            ?? throw Refusal::conflict('not-planned', Message::of('day.not-planned', ['car' => $book->numbers[$order] ?? '']));
        $side = static fn(array $of): array => ['cost' => $of['cost'], 'done' => $of['done'], 'late' => $of['reckoning']->late, 'undone' => $of['reckoning']->undone, 'waiting' => $of['reckoning']->waiting];

        return [
            'number' => $book->numbers[$order],
            'shop' => $outside->name,
            'currency' => $outside->currency,
            'now' => $book->clock->now->format('Y-m-d\TH:i'),
            'in' => $side($compared->in),
            'out' => $side($compared->out),
        ];
    }
}
