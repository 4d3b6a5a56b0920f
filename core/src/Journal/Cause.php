<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** What a failed run, or a reading that is not to be trusted, may come from (need J30). */
enum Cause: string
{
    case Placement = 'placement';
    case WrongTarget = 'wrong-target';
    case Clutter = 'clutter';
    case Cover = 'cover';
    case Supply = 'supply';
    case Door = 'door';
    case Code = 'code';
    case Bracket = 'bracket';
    case Sensor = 'sensor';
    case Connection = 'connection';

    /** How often it is that, before anything is known: shares that add up to 1. */
    public function prior(): float
    {
        return match ($this) {
            self::Placement => 0.14,
            self::Cover => 0.16,
            self::Clutter => 0.16,
            self::WrongTarget => 0.10,
            self::Supply => 0.10,
            self::Bracket => 0.10,
            self::Code => 0.08,
            self::Door, self::Connection => 0.06,
            self::Sensor => 0.04,
        };
    }

    /** In a line. */
    public function title(): string
    {
        return match ($this) {
            self::Placement => 'The target does not stand where the readings say',
            self::WrongTarget => 'It is not the target the card asks for',
            self::Clutter => 'Something else reflects in the zone',
            self::Cover => 'Paint, filler or a wrong cover before the sensor',
            self::Supply => 'The supply sags',
            self::Door => 'A door, the bonnet or the ignition is not as asked',
            self::Code => 'A stored trouble code bars the routine',
            self::Bracket => 'The bracket or the sensor\'s mounting is bent or loose',
            self::Sensor => 'The sensor itself',
            self::Connection => 'The scan tool or its connection',
        };
    }

    /** The one check that decides it. */
    public function check(): string
    {
        return match ($this) {
            self::Placement => 'Measure the set-up again with a tape that was not used before, and look whether the stand was pushed.',
            self::WrongTarget => 'Read the target\'s own label against the card: its kind and its size.',
            self::Clutter => 'Take the target away and look along the sensor\'s axis for metal: stands, tool trolleys, a lift\'s post, foil, drain covers.',
            self::Cover => 'Measure the film build over the sensor and look behind the cover for filler, tape or a second film.',
            self::Supply => 'Measure at the battery\'s posts with the ignition on: is it under 12.2 V?',
            self::Door => 'Go round the car: doors, bonnet and tailgate shut, ignition as the card asks.',
            self::Code => 'Read the codes of every unit again: is one stored that the routine waits for?',
            self::Bracket => 'Put a straight-edge and a level to the bracket: is it bent, cracked or loose, or does a screw turn without moving it?',
            self::Sensor => 'Exclude all others first. Does the sensor behave the same on another tool, or with its twin in its place?',
            self::Connection => 'Plug the tool in anew, look at its state of charge and its software, and ask again.',
        };
    }

    /** What it means when the check finds it. */
    public function whenFound(): string
    {
        return match ($this) {
            self::Placement => 'Put the stand right and take the readings due again; then run anew.',
            self::WrongTarget => 'Hang the right target, by its own drawing; then run anew.',
            self::Clutter => 'Clear the zone; then run anew.',
            self::Cover => 'The cover goes back to paint: no adjustment makes up for what it takes away.',
            self::Supply => 'Connect the charger and wait for a steady voltage; then run anew.',
            self::Door => 'Shut it, or set the ignition as asked; then run anew.',
            self::Code => 'Mend what set it, clear it, and read again; then run anew.',
            self::Bracket => 'The car goes back to body repair: a bent bracket is replaced, never adjusted away.',
            self::Sensor => 'The sensor is replaced, and calibrated as a new one.',
            self::Connection => 'With the connection sound, ask the tool again.',
        };
    }

    /** What it means when the check does not. */
    public function whenClear(): string
    {
        return 'It is not that: the next likeliest cause is looked into.';
    }

    /** The trade the car goes back to when it is found; null where it is put right on the spot. */
    public function sendsBackTo(): ?string
    {
        return match ($this) {
            self::Cover => 'the paint shop',
            self::Bracket => 'body repair',
            self::Sensor => 'the parts desk',
            default => null,
        };
    }
}
