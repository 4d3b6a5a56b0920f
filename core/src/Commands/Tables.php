<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields as F;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Commands\AnswerWish::class => new F\Table(\Lumbro\Core\Commands\AnswerWish::class, [
                new F\Field('item', 'item', null, new F\Text(most: 80)),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ]),
            \Lumbro\Core\Commands\CorrectionWish::class => new F\Table(\Lumbro\Core\Commands\CorrectionWish::class, [
                new F\Field('way', 'way', null, new F\Choice(words: ['screws', 'mirror spots'])),
                new F\Field('turns', 'turns', null, new F\Members(of: new F\Number(least: -50.0, most: 50.0)), optional: true),
            ]),
            \Lumbro\Core\Commands\MirrorWish::class => new F\Table(\Lumbro\Core\Commands\MirrorWish::class, [
                new F\Field('distance', 'distance', null, new F\Text(most: 60)),
                new F\Field('left', 'left', null, new F\Text(most: 60)),
                new F\Field('above', 'above', null, new F\Text(most: 60)),
            ]),
            \Lumbro\Core\Commands\NamedWish::class => new F\Table(\Lumbro\Core\Commands\NamedWish::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reason', 'reason', null, new F\Text()),
            ]),
            \Lumbro\Core\Commands\ReadingWish::class => new F\Table(\Lumbro\Core\Commands\ReadingWish::class, [
                new F\Field('call', 'call', null, new F\Text(most: 80)),
                new F\Field('typed', 'typed', null, new F\Text(most: 60)),
                new F\Field('datum', 'datum', null, new F\Text(most: 80), optional: true),
                new F\Field('strikes', 'strikes', null, new F\Text(most: 80), optional: true),
                new F\Field('accuracy', 'accuracy', null, new F\Text(most: 60), optional: true),
            ]),
            \Lumbro\Core\Commands\ReasonWish::class => new F\Table(\Lumbro\Core\Commands\ReasonWish::class, [
                new F\Field('reason', 'reason', null, new F\Text()),
            ]),
            \Lumbro\Core\Commands\RunWish::class => new F\Table(\Lumbro\Core\Commands\RunWish::class, [
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('level', 'level', null, new F\Number(unit: 'dB', least: -200.0, most: 200.0), optional: true),
                new F\Field('message', 'message', null, new F\Text(most: 300), optional: true),
            ]),
            \Lumbro\Core\Commands\SendBackWish::class => new F\Table(\Lumbro\Core\Commands\SendBackWish::class, [
                new F\Field('fault', 'fault', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class)),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
            ]),
            \Lumbro\Core\Commands\ShiftWish::class => new F\Table(\Lumbro\Core\Commands\ShiftWish::class, [
                new F\Field('typed', 'typed', null, new F\Text(most: 60)),
            ]),
            \Lumbro\Core\Commands\StandWish::class => new F\Table(\Lumbro\Core\Commands\StandWish::class, [
                new F\Field('tilt', 'tilt', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('arm', 'arm', null, new F\Text(most: 60), optional: true),
            ]),
            \Lumbro\Core\Commands\StepWish::class => new F\Table(\Lumbro\Core\Commands\StepWish::class, [
                new F\Field('step', 'step', null, new F\Text(most: 80)),
            ]),
            \Lumbro\Core\Commands\ToolWish::class => new F\Table(\Lumbro\Core\Commands\ToolWish::class, [
                new F\Field('command', 'command', null, new F\Choice(words: \Lumbro\Core\Catalogue\Card\ToolCommand::class)),
                new F\Field('values', 'values', null, new F\Part(of: \Lumbro\Core\Commands\ZeroWish::class), optional: true),
                new F\Field('lotCode', 'lotCode', null, new F\Text(most: 60), optional: true),
            ]),
            \Lumbro\Core\Commands\ZeroWish::class => new F\Table(\Lumbro\Core\Commands\ZeroWish::class, [
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°', least: -10.0, most: 10.0)),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°', least: -10.0, most: 10.0)),
            ]),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
