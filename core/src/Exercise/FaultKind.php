<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Message\Message;

/** What can be wrong with a simulated car and its bay, as a learner may name it. */
enum FaultKind: string
{
    case Mark = 'mark';
    case Thrust = 'thrust';
    case Floor = 'floor';
    case Tape = 'tape';
    case Rule = 'rule';
    case Slip = 'slip';
    case Word = 'word';
    case Axis = 'axis';
    case Backlash = 'backlash';
    case Zero = 'zero';
    case Bracket = 'bracket';
    case Sensor = 'sensor';
    case Cover = 'cover';
    case WrongTarget = 'wrong-target';
    case Clutter = 'clutter';
    case Supply = 'supply';
    case Door = 'door';
    case Code = 'code';

    /** The parts of the car and the bay that an unknown of the survey belongs to, by how its name begins. */
    private const UNKNOWNS = [
        'frontMark' => self::Mark, 'rearMark' => self::Mark, 'frontEmblem' => self::Mark, 'rearEmblem' => self::Mark, 'frontBumper' => self::Mark, 'rearBumper' => self::Mark,
        '@wheel' => self::Thrust, '#tape' => self::Tape, '#by-' => self::Tape, '#rule' => self::Rule, '#longRule' => self::Rule,
        '^' => self::Floor, 'siteFloor' => self::Floor, 'sensorFloor' => self::Floor, '#floor' => self::Floor, 'staff-' => self::Floor, '~laser' => self::Floor,
    ];

    /** What it is, in a line. */
    public function said(): Message
    {
        return Message::of("fault.$this->value");
    }

    /** What a cause that was found comes to; null where it is no fault of the car's or the bay's. */
    public static function ofCause(Cause $cause): ?self
    {
        return self::tryFrom($cause->value);
    }

    /** What a contradiction that points at an id of the survey comes to; null where it points at a part of the car that is only known roughly. */
    public static function ofUnknown(string $id): ?self
    {
        foreach (self::UNKNOWNS as $begin => $kind) {
            if (str_starts_with($id, $begin)) {
                return $kind;
            }
        }

        return null;
    }
}
