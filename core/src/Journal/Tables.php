<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields as F;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Journal\Answered::class => new F\Table(\Lumbro\Core\Journal\Answered::class, [
                new F\Field('item', 'item', null, new F\Text(most: null)),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: null), optional: true),
            ]),
            \Lumbro\Core\Journal\BayChosen::class => new F\Table(\Lumbro\Core\Journal\BayChosen::class, [
                new F\Field('bay', 'bay', null, new F\Text(most: 60)),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
            ]),
            \Lumbro\Core\Journal\BorderlineAccepted::class => new F\Table(\Lumbro\Core\Journal\BorderlineAccepted::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reason', 'reason', null, new F\Text()),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ]),
            \Lumbro\Core\Journal\Captured::class => new F\Table(\Lumbro\Core\Journal\Captured::class, [
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('value', 'value', null, new F\Text(most: 120), optional: true, usual: ''),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('reason', 'reason', null, new F\Text(most: 300), optional: true),
            ]),
            \Lumbro\Core\Journal\CardChosen::class => new F\Table(\Lumbro\Core\Journal\CardChosen::class, [
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('card', 'card', null, new F\Text(most: 60)),
            ]),
            \Lumbro\Core\Journal\CauseChecked::class => new F\Table(\Lumbro\Core\Journal\CauseChecked::class, [
                new F\Field('cause', 'cause', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class, kept: 'text')),
                new F\Field('found', 'found', null, new F\Flag()),
                new F\Field('note', 'note', null, new F\Text(most: 300), optional: true, usual: ''),
            ]),
            \Lumbro\Core\Journal\ConditionAnswered::class => new F\Table(\Lumbro\Core\Journal\ConditionAnswered::class, [
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('sensor', 'sensor', null, new F\Id(), optional: true),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\TypedFigure()), optional: true, usual: []),
            ]),
            \Lumbro\Core\Journal\Corrected::class => new F\Table(\Lumbro\Core\Journal\Corrected::class, [
                new F\Field('way', 'way', null, new F\Choice(words: ['screws', 'mirror spots', 'electronic'])),
                new F\Field('turns', 'turns', null, new F\Members(of: new F\Number(least: -100.0, most: 100.0)), optional: true, usual: []),
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
                new F\Field('to', 'to', null, new F\Text(most: null), optional: true),
            ]),
            \Lumbro\Core\Journal\CoverNoted::class => new F\Table(\Lumbro\Core\Journal\CoverNoted::class, [
                new F\Field('cover', 'cover', null, new F\Choice(words: \Lumbro\Core\Catalogue\Vehicle\Cover::class)),
                new F\Field('off', 'off', null, new F\Flag()),
                new F\Field('missed', 'missed', null, new F\ListOf(of: new \Lumbro\Core\Journal\SaidText(most: 200), most: 100), optional: true, usual: []),
            ]),
            \Lumbro\Core\Journal\DetailNoted::class => new F\Table(\Lumbro\Core\Journal\DetailNoted::class, [
                new F\Field('field', 'field', null, new F\Choice(words: ['vehicle', 'plate', 'vin', 'note'])),
                new F\Field('value', 'value', null, new F\Text(most: 2000)),
            ]),
            \Lumbro\Core\Journal\DriveTaken::class => new F\Table(\Lumbro\Core\Journal\DriveTaken::class, [
                new F\Field('track', 'track', null, new F\Text(most: 60)),
                new F\Field('driver', 'driver', null, new F\Text(most: 80)),
                new F\Field('file', 'file', null, new F\Text(most: 120)),
                new F\Field('enough', 'enough', null, new F\ListOf(of: new F\Id(), most: 16), optional: true, usual: []),
            ]),
            \Lumbro\Core\Journal\FigureMeasured::class => new F\Table(\Lumbro\Core\Journal\FigureMeasured::class, [
                new F\Field('figure', 'figure', null, new F\Text(most: 80)),
                new F\Field('typed', 'typed', null, new F\Text(most: 60)),
                new F\Field('s', 's', null, new F\Number(unit: 'mm', least: 0.2, most: 200.0)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ]),
            \Lumbro\Core\Journal\FloorRead::class => new F\Table(\Lumbro\Core\Journal\FloorRead::class, [
                new F\Field('place', 'place', null, new F\Text(most: 60)),
                new F\Field('typed', 'typed', null, new F\Text(most: 60), optional: true, usual: ''),
            ]),
            \Lumbro\Core\Journal\LeftOpen::class => new F\Table(\Lumbro\Core\Journal\LeftOpen::class, [
                new F\Field('item', 'item', null, new F\Text(most: 200)),
                new F\Field('reason', 'reason', null, new F\Text()),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ]),
            \Lumbro\Core\Journal\LevelRead::class => new F\Table(\Lumbro\Core\Journal\LevelRead::class, [
                new F\Field('position', 'position', null, new F\Text(most: null)),
                new F\Field('level', 'level', null, new F\Number(unit: 'dB', least: -300.0, most: 300.0)),
            ]),
            \Lumbro\Core\Journal\LineAnswered::class => new F\Table(\Lumbro\Core\Journal\LineAnswered::class, [
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ]),
            \Lumbro\Core\Journal\LineNotUnderstood::class => new F\Table(\Lumbro\Core\Journal\LineNotUnderstood::class, [
                new F\Field('text', 'text', null, new F\Text(most: 300)),
            ]),
            \Lumbro\Core\Journal\LineSettled::class => new F\Table(\Lumbro\Core\Journal\LineSettled::class, [
                new F\Field('line', 'line', null, new F\Text(most: 60)),
            ]),
            \Lumbro\Core\Journal\MarkPlumbed::class => new F\Table(\Lumbro\Core\Journal\MarkPlumbed::class, [
                new F\Field('end', 'end', null, new F\Choice(words: ['front', 'rear'])),
                new F\Field('mark', 'mark', null, new F\Choice(words: \Lumbro\Core\Catalogue\Vehicle\Mark::class)),
                new F\Field('note', 'note', null, new F\Text(most: 120), optional: true, usual: ''),
            ]),
            \Lumbro\Core\Journal\MirrorRead::class => new F\Table(\Lumbro\Core\Journal\MirrorRead::class, [
                new F\Field('distance', 'distance', null, new F\Number(unit: 'mm', least: 100.0, most: 50000.0)),
                new F\Field('left', 'left', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('above', 'above', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
            ]),
            \Lumbro\Core\Journal\OperationNoted::class => new F\Table(\Lumbro\Core\Journal\OperationNoted::class, [
                new F\Field('operation', 'operation', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Operation::class)),
                new F\Field('state', 'state', null, new F\Choice(words: ['done', 'due', 'withdrawn'])),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ]),
            \Lumbro\Core\Journal\OwedAnswered::class => new F\Table(\Lumbro\Core\Journal\OwedAnswered::class, [
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('operation', 'operation', null, new \Lumbro\Core\Catalogue\ShopRules\OperationText()),
                new F\Field('answer', 'answer', null, new F\Choice(words: ['yes', 'no', 'owed', 'not-owed'])),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('source', 'source', null, new F\Text(most: 300), optional: true),
                new F\Field('route', 'route', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\Route::class), optional: true),
            ]),
            \Lumbro\Core\Journal\PhotoAdded::class => new F\Table(\Lumbro\Core\Journal\PhotoAdded::class, [
                new F\Field('photo', 'photo', null, new F\Text(most: 60)),
                new F\Field('sensor', 'sensor', null, new F\Id(), optional: true),
                new F\Field('about', 'about', null, new F\Text(most: 80)),
            ]),
            \Lumbro\Core\Journal\ReadingStruck::class => new F\Table(\Lumbro\Core\Journal\ReadingStruck::class, [
                new F\Field('reading', 'reading', null, new F\Text(most: null)),
            ]),
            \Lumbro\Core\Journal\ReadingTaken::class => new F\Table(\Lumbro\Core\Journal\ReadingTaken::class, [
                new F\Field('call', 'call', null, new F\Text(most: null)),
                new F\Field('typed', 'typed', null, new F\Text(most: null)),
                new F\Field('millimetres', 'millimetres', null, new F\Number(unit: 'mm'), optional: true),
                new F\Field('unit', 'unit', null, new F\Text(most: null)),
                new F\Field('datum', 'datum', null, new F\Text(most: null), optional: true),
                new F\Field('strikes', 'strikes', null, new F\Text(most: null), optional: true),
                new F\Field('confirmed', 'confirmed', null, new F\Flag(), optional: true, usual: false),
                new F\Field('s', 's', null, new F\Number(least: 1.0E-9), optional: true),
                new F\Field('degrees', 'degrees', null, new F\Number(unit: '°'), optional: true),
            ]),
            \Lumbro\Core\Journal\ReferenceChosen::class => new F\Table(\Lumbro\Core\Journal\ReferenceChosen::class, [
                new F\Field('reference', 'reference', null, new F\Choice(words: ['body-centreline', 'thrust-line', 'axles'])),
                new F\Field('reason', 'reason', null, new F\Text(most: 300)),
            ]),
            \Lumbro\Core\Journal\Reliance::class => new F\Table(\Lumbro\Core\Journal\Reliance::class, [
                new F\Field('core', 'core', null, new F\Text(most: null)),
                new F\Field('verdicts', 'verdicts', null, new F\Members(of: new F\Row(fields: ['deviation' => new F\Number(), 'uncertainty' => new F\Number(least: 0.0), 'verdict' => new F\Choice(words: \Lumbro\Core\Decision\Verdict::class, kept: 'text')]))),
            ]),
            \Lumbro\Core\Journal\Reopened::class => new F\Table(\Lumbro\Core\Journal\Reopened::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reason', 'reason', null, new F\Text()),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ]),
            \Lumbro\Core\Journal\RoadTested::class => new F\Table(\Lumbro\Core\Journal\RoadTested::class, [
                new F\Field('function', 'function', null, new F\Id()),
                new F\Field('found', 'found', null, new F\Choice(words: ['seen', 'not-seen', 'untested'])),
                new F\Field('driver', 'driver', null, new F\Text(most: 80)),
                new F\Field('route', 'route', null, new F\Text(most: 200), optional: true),
                new F\Field('weather', 'weather', null, new F\Text(most: 120), optional: true),
                new F\Field('reason', 'reason', null, new F\Text(most: 300), optional: true),
            ]),
            \Lumbro\Core\Journal\RunFailed::class => new F\Table(\Lumbro\Core\Journal\RunFailed::class, [
                new F\Field('message', 'message', null, new F\Text(most: null)),
            ]),
            \Lumbro\Core\Journal\RunMade::class => new F\Table(\Lumbro\Core\Journal\RunMade::class, [
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°')),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°')),
                new F\Field('echoLevel', 'echoLevel', null, new F\Number(unit: 'dB'), optional: true),
                new F\Field('message', 'message', null, new \Lumbro\Core\Journal\SaidText(most: null)),
                new F\Field('reliedOn', 'reliedOn', null, new F\Part(of: \Lumbro\Core\Journal\Reliance::class), optional: true),
                new F\Field('to', 'to', null, new F\Text(most: null), optional: true),
            ]),
            \Lumbro\Core\Journal\RunReleased::class => new F\Table(\Lumbro\Core\Journal\RunReleased::class, [
                new F\Field('name', 'name', null, new F\Text(most: null)),
                new F\Field('reason', 'reason', null, new F\Text(most: null)),
                new F\Field('overrode', 'overrode', null, new F\ListOf(of: new \Lumbro\Core\Journal\SaidText(), most: 100)),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ]),
            \Lumbro\Core\Journal\Scan::class => new F\Table(\Lumbro\Core\Journal\Scan::class, [
                new F\Field('tool', 'tool', null, new F\Text(most: 120)),
                new F\Field('readAt', 'readAt', null, new F\Text(most: 60)),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\TroubleCode::class), most: 2000)),
                new F\Field('voltage', 'voltage', null, new F\Number(unit: 'V', least: 0.0, most: 60.0), optional: true),
            ]),
            \Lumbro\Core\Journal\ScanTaken::class => new F\Table(\Lumbro\Core\Journal\ScanTaken::class, [
                new F\Field('phase', 'phase', null, new F\Choice(words: ['pre', 'post'])),
                new F\Field('origin', 'origin', null, new F\Text(most: 120)),
                new F\Field('scan', 'scan', null, new F\Part(of: \Lumbro\Core\Journal\Scan::class)),
            ]),
            \Lumbro\Core\Journal\SchoolsChosen::class => new F\Table(\Lumbro\Core\Journal\SchoolsChosen::class, [
                new F\Field('schools', 'schools', null, new F\ListOf(of: new F\Choice(words: ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares', 'wheel-lasers', 'reported-pose']), none: 'schools.none')),
            ]),
            \Lumbro\Core\Journal\SentBack::class => new F\Table(\Lumbro\Core\Journal\SentBack::class, [
                new F\Field('fault', 'fault', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class, kept: 'text')),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reasons', 'reasons', null, new F\ListOf(of: new \Lumbro\Core\Journal\SaidText(), most: 100)),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
            ]),
            \Lumbro\Core\Journal\StanceTaken::class => new F\Table(\Lumbro\Core\Journal\StanceTaken::class, [
                new F\Field('stance', 'stance', null, new F\Inline(of: \Lumbro\Core\Catalogue\Bay\Stance::class)),
            ]),
            \Lumbro\Core\Journal\StandMoved::class => new F\Table(\Lumbro\Core\Journal\StandMoved::class, [
                new F\Field('kinds', 'kinds', null, new F\ListOf(of: new F\Choice(words: \Lumbro\Core\Method\MoveKind::class), none: 'move.no-kind')),
            ]),
            \Lumbro\Core\Journal\StandSet::class => new F\Table(\Lumbro\Core\Journal\StandSet::class, [
                new F\Field('arm', 'arm', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0), optional: true),
                new F\Field('tilt', 'tilt', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
            ]),
            \Lumbro\Core\Journal\StepBegun::class => new F\Table(\Lumbro\Core\Journal\StepBegun::class, [
                new F\Field('step', 'step', null, new F\Text(most: null)),
            ]),
            \Lumbro\Core\Journal\StepDone::class => new F\Table(\Lumbro\Core\Journal\StepDone::class, [
                new F\Field('step', 'step', null, new F\Text(most: null)),
                new F\Field('waited', 'waited', null, new F\Number(unit: 's', least: 0.0), optional: true),
            ]),
            \Lumbro\Core\Journal\TargetShifted::class => new F\Table(\Lumbro\Core\Journal\TargetShifted::class, [
                new F\Field('across', 'across', null, new F\Number(unit: 'mm', least: -2000.0, most: 2000.0)),
                new F\Field('typed', 'typed', null, new F\Text(most: null)),
            ]),
            \Lumbro\Core\Journal\ToolAnswered::class => new F\Table(\Lumbro\Core\Journal\ToolAnswered::class, [
                new F\Field('to', 'to', null, new F\Text(most: null)),
                new F\Field('outcome', 'outcome', null, new F\Choice(words: ['done', 'failed', 'lost', 'nonsense', 'never-sent'])),
                new F\Field('message', 'message', null, new \Lumbro\Core\Journal\SaidText(most: null)),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\Figure()), optional: true, usual: []),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Text(most: null)), optional: true, usual: []),
                new F\Field('wiped', 'wiped', null, new F\Flag(), optional: true, usual: false),
            ]),
            \Lumbro\Core\Journal\ToolAsked::class => new F\Table(\Lumbro\Core\Journal\ToolAsked::class, [
                new F\Field('command', 'command', null, new F\Choice(words: \Lumbro\Core\Catalogue\Card\ToolCommand::class)),
                new F\Field('step', 'step', null, new F\Text(most: null), optional: true),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\Figure()), optional: true, usual: []),
            ]),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
