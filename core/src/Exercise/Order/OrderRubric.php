<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Exercise\Part;
use Lumbro\Core\Exercise\Score;
use Lumbro\Core\Message\Message;

/** How an exercise at an order is scored: the same for everybody, and stated before anybody begins (docs/maths.md, 12). */
final class OrderRubric
{
    /** What each piece of advice takes that somebody asked for, and at most. */
    private const ASKED = 3.0;
    private const ASKED_MOST = 15.0;

    /** What the parts count for, as it is stated beforehand. */
    public const MOST = [
        'intake' => ['method' => ['order-eyes' => 50, 'order-noted' => 30, 'order-answered' => 20], 'result' => ['order-owed' => 60, 'order-reach' => 40]],
        'close' => ['method' => ['order-eyes' => 60, 'order-noted' => 40], 'result' => ['order-close' => 60, 'order-open' => 40]],
    ];

    /**
     * @param bool        $isIntake whether it is to be said what is owed; else whether the order can be closed
     * @param list<Place> $looked   where the learner looked
     * @param int         $asked    how often advice was asked for
     */
    public static function score(OrderCar $car, bool $isIntake, OrderAnswer $answer, array $looked, int $asked = 0): Score
    {
        return new Score([
            self::eyes($car, $looked, $isIntake ? 50.0 : 60.0),
            self::noted($car, $isIntake ? 30.0 : 40.0),
            ...($isIntake ? [self::answered($car)] : []),
            ...($asked === 0 ? [] : [new Part('asked', -min(self::ASKED_MOST, self::ASKED * $asked), 0.0, Message::of('rubric.asked.why', ['times' => $asked]))]),
        ], $isIntake ? self::intake($car, $answer) : self::closing($car, $answer));
    }

    /**
     * Looked where something is to be seen, and took nobody's word for it.
     *
     * @param list<Place> $looked
     */
    private static function eyes(OrderCar $car, array $looked, float $most): Part
    {
        $tells = $car->telling();
        if ($tells === []) {
            // Nothing is wrong: that is known by whoever looked, and by nobody else.
            return new Part('order-eyes', $looked === [] ? 0.0 : $most, $most, Message::of($looked === [] ? 'rubric.order-eyes.never' : 'rubric.order-eyes.sound'));
        }
        $seen = count(array_filter($tells, static fn(Place $place): bool => in_array($place, $looked, true)));

        return new Part('order-eyes', $most * $seen / count($tells), $most, Message::of('rubric.order-eyes.why', ['seen' => $seen, 'places' => count($tells)]));
    }

    /** What was done and not written down stands in the order now. */
    private static function noted(OrderCar $car, float $most): Part
    {
        $noted = $car->noted()->record->operations;
        $unsaid = $car->unsaid();
        $found = count(array_filter($unsaid, static fn(Operation $operation): bool => isset($noted[$operation->text()])));

        return new Part('order-noted', $most * ($unsaid === [] ? 1.0 : $found / count($unsaid)), $most, Message::of($unsaid === [] ? 'rubric.order-noted.all' : 'rubric.order-noted.why', ['noted' => $found, 'operations' => count($unsaid)]));
    }

    /** No question of a rule left open, and none answered otherwise than it is. */
    private static function answered(OrderCar $car): Part
    {
        $all = $right = 0;
        foreach ($car->true()->owed as $sensor => $owed) {
            foreach ($owed->reasons as $reason) {
                if ($reason->canAnswer && $reason->answer !== null) {
                    $all++;
                    $right += ($car->noted()->record->owedAnswers[$sensor][$reason->operation->text()]->answer ?? null) === $reason->answer->answer ? 1 : 0;
                }
            }
        }

        return new Part('order-answered', 20.0 * ($all === 0 ? 1.0 : $right / $all), 20.0, Message::of($all === 0 ? 'rubric.order-answered.none' : 'rubric.order-answered.why', ['right' => $right, 'questions' => $all]));
    }

    /** @return list<Part> */
    private static function intake(OrderCar $car, OrderAnswer $answer): array
    {
        $right = 0;
        foreach ($car->true()->owed as $sensor => $owed) {
            $isOwed = $owed->state !== OwedState::NotOwed;
            $isSaid = in_array($sensor, $answer->owed, true);
            if ($isOwed && ! $isSaid) {
                // The car would drive with an axis that nobody looked at.
                return [new Part('order-owed', 0.0, 60.0, Message::of('rubric.order-owed.missed')), new Part('order-reach', 0.0, 40.0, Message::of('rubric.voided'))];
            }
            $right += $isOwed === $isSaid ? 1 : 0;
        }
        $all = count($car->true()->owed);
        $captures = $car->captures();
        $had = count(array_filter($captures, OrderCar::isHad(...)));

        return [
            new Part('order-owed', 60.0 * $right / max(1, $all), 60.0, Message::of('rubric.order-owed.why', ['right' => $right, 'sensors' => $all])),
            new Part('order-reach', 40.0 * ($captures === [] ? 1.0 : $had / count($captures)), 40.0, Message::of($captures === [] ? 'rubric.order-reach.none' : 'rubric.order-reach.why', ['had' => $had, 'captures' => count($captures)])),
        ];
    }

    /** @return list<Part> */
    private static function closing(OrderCar $car, OrderAnswer $answer): array
    {
        $open = $car->open();
        if ($answer->close && $open !== []) {
            return [new Part('order-close', 0.0, 60.0, Message::of('rubric.order-close.too-soon')), new Part('order-open', 0.0, 40.0, Message::of('rubric.voided'))];
        }
        $hits = count(array_intersect($answer->open, $open));
        $wrong = count(array_diff($answer->open, $open));
        $share = $open === [] ? 1.0 : $hits / count($open);

        return [
            $answer->close === ($open === [])
                ? new Part('order-close', 60.0, 60.0, Message::of($open === [] ? 'rubric.order-close.closed' : 'rubric.order-close.kept'))
                : new Part('order-close', 20.0, 60.0, Message::of('rubric.order-close.could')),
            new Part('order-open', 40.0 * max(0.0, $share - 0.25 * $wrong), 40.0, Message::of('rubric.order-open.why', ['hits' => $hits, 'open' => count($open), 'wrong' => $wrong])),
        ];
    }
}
