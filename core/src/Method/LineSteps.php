<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Message\Message;

/** Steps of establishing the line that more than one school takes, done once for the car. */
final class LineSteps
{
    /** A mark plumbed at one end of the car. */
    public static function mark(Ground $ground, string $end): PreparationItem
    {
        $mark = $ground->car->mark($end);

        return new PreparationItem("line-$end-mark", Message::of('step.line-mark', ['end' => $end, 'mark' => $mark->said(), 'emblem' => $mark === Mark::Emblem ? 'yes' : 'no']), true, Message::of("step.line-$end-mark.why"));
    }

    /** The hubs plumbed at one end. */
    public static function hubs(bool $front): PreparationItem
    {
        return new PreparationItem($front ? 'line-front-hubs' : 'line-rear-hubs', Message::of('step.line-hubs', ['end' => $front ? 'front' : 'rear']), true, Message::of('step.line-hubs.why'));
    }

    /** A step that says by its id alone what it is: "step.{id}", and why it matters: "step.{id}.why". */
    public static function own(string $id): PreparationItem
    {
        return new PreparationItem($id, Message::of("step.$id"), true, Message::of("step.$id.why"));
    }
}
