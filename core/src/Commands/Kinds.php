<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\BayChosen;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\Captured;
use Lumbro\Core\Journal\CardChosen;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Journal\DriveTaken;
use Lumbro\Core\Journal\FigureMeasured;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\LeftOpen;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\LineAnswered;
use Lumbro\Core\Journal\LineNotUnderstood;
use Lumbro\Core\Journal\LineSettled;
use Lumbro\Core\Journal\MarkPlumbed;
use Lumbro\Core\Journal\MirrorRead;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OrderClosed;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OtherSensorNoted;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Journal\PhotoAdded;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\Reopened;
use Lumbro\Core\Journal\RoadTested;
use Lumbro\Core\Journal\RunFailed;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Journal\ScanTaken;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Journal\StanceTaken;
use Lumbro\Core\Journal\StandBumped;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandNudged;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Journal\StepBegun;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Measure\Node;

/** The kinds of lines there are, each with the rules it is written by: the one list of them. */
final class Kinds
{
    /** Lines of a repair order: what holds for the whole car. */
    public const ORDER = 'order';

    /** Lines of one sensor's task. */
    public const TASK = 'task';

    /**
     * Record → kind → its line, the command that decides it and, of a line without rules of its own, how it is written.
     * Names alone: a reading must not load what it has nothing to do with.
     */
    private const KNOWN = [
        self::ORDER => [
            'operation' => [OperationNoted::class, NoteOperation::class],
            'cover' => [CoverNoted::class, NoteCover::class],
            'owed-answer' => [OwedAnswered::class, AnswerOwed::class],
            'capture' => [Captured::class, Capture::class],
            'condition' => [ConditionAnswered::class, AnswerCondition::class],
            'conditions' => [ConditionAnswered::class, AnswerConditions::class],
            'scan' => [ScanTaken::class, AnyLine::class, ['goesAlone' => true]],
            'figure' => [FigureMeasured::class, MeasureFigure::class],
            'detail' => [DetailNoted::class, NoteDetail::class],
            'estimate-line' => [LineNotUnderstood::class, AnyLine::class, ['isWished' => false]],
            'estimate-settled' => [LineSettled::class, SettleLine::class],
            'photo' => [PhotoAdded::class, AddPhoto::class],
            'card' => [CardChosen::class, ChooseCard::class],
            'line' => [LineAnswered::class, AnyLine::class, ['goesAlone' => true]],
            'mark' => [MarkPlumbed::class, AnyLine::class, ['goesAlone' => true]],
            'floor' => [FloorRead::class, ReadFloor::class],
            'stance' => [StanceTaken::class, AnyLine::class, ['decides' => true, 'goesAlone' => true]],
            'bay' => [BayChosen::class, AnyLine::class, ['decides' => true, 'goesAlone' => true]],
            'drive' => [DriveTaken::class, AnyLine::class, ['isWished' => false]],
            'road' => [RoadTested::class, TestRoad::class],
            'left-open' => [LeftOpen::class, LeaveOpen::class],
            'other-sensor' => [OtherSensorNoted::class, AnyLine::class, ['goesAlone' => true]],
            'closed' => [OrderClosed::class, CloseOrder::class],
        ],
        self::TASK => [
            'reading' => [ReadingTaken::class, TakeReading::class],
            'strike' => [ReadingStruck::class, StrikeReading::class],
            'move' => [StandMoved::class, AnyLine::class],
            'bumped' => [StandBumped::class, AnyLine::class],
            'nudged' => [StandNudged::class, AnyLine::class],
            'answer' => [Answered::class, AnswerQuestion::class],
            'release' => [RunReleased::class, ReleaseRun::class],
            'run' => [RunMade::class, TakeRun::class],
            'run-failed' => [RunFailed::class, FailRun::class],
            'schools' => [SchoolsChosen::class, ChooseSchools::class],
            'reference' => [ReferenceChosen::class, ChooseReference::class],
            'stand' => [StandSet::class, SetStand::class],
            'asked' => [ToolAsked::class, AskTool::class],
            'answered' => [ToolAnswered::class, HearTool::class],
            'step-begun' => [StepBegun::class, BeginStep::class],
            'step' => [StepDone::class, DoStep::class],
            'correction' => [Corrected::class, CorrectAxis::class],
            'shift' => [TargetShifted::class, ShiftTarget::class],
            'mirror' => [MirrorRead::class, ReadMirror::class],
            'level' => [LevelRead::class, AnyLine::class, ['isWished' => false]],
            'check' => [CauseChecked::class, LookIntoCause::class],
            'sent-back' => [SentBack::class, SendBack::class],
            'accepted' => [BorderlineAccepted::class, AcceptBorderline::class],
            'reopened' => [Reopened::class, Reopen::class],
        ],
    ];

    /**
     * What a device decides by itself while no server answers: what the record and its basis alone decide. What moves a tool,
     * releases, seals, or names something of the shop's own lists waits for the server.
     */
    private const CARRIED = [
        'reading', 'strike', 'move', 'bumped', 'nudged', 'answer', 'schools', 'reference', 'stand', 'condition', 'conditions', 'figure', 'line', 'mark', 'floor',
    ];

    /** @var array<string, array<string, array{0: class-string<Line>, 1: class-string<Command<covariant Line>>, 2?: array<string, bool>}>> */
    private static array $known = self::KNOWN;

    /** @var array<string, Command<covariant Line>> kind → its command, where it was asked for */
    private static array $made = [];

    /** @return array<string, Command<covariant Line>> kind → how it is decided */
    public static function all(string $record): array
    {
        $all = [];
        foreach (self::names($record) as $kind) {
            $all[$kind] = self::command($record, $kind);
        }

        return $all;
    }

    /** Whether a device may take such a line while no server answers. */
    public static function isCarried(string $kind): bool
    {
        return in_array($kind, self::CARRIED, true);
    }

    /** @return list<string> */
    public static function names(string $record): array
    {
        return array_keys(self::$known[$record]);
    }

    /** @return Command<covariant Line> */
    private static function command(string $record, string $kind): Command
    {
        [$line, $command] = self::$known[$record][$kind];

        return self::$made[$kind] ??= $command === AnyLine::class ? new AnyLine($line, ...(self::$known[$record][$kind][2] ?? [])) : new $command();
    }

    /**
     * The command behind a kind that a person asks for.
     *
     * @param list<string> $records ORDER, TASK or both: whose lines may be asked for there
     *
     * @return Command<covariant Line>
     *
     * @throws InvalidInput where a person writes no such line
     */
    public static function wished(string $kind, array $records): Command
    {
        foreach ($records as $record) {
            if (isset(self::$known[$record][$kind]) && self::command($record, $kind)->isWished()) {
                return self::command($record, $kind);
            }
        }
        $wished = [];
        foreach ($records as $record) {
            array_push($wished, ...array_keys(array_filter(self::all($record), static fn(Command $command): bool => $command->isWished())));
        }

        throw InvalidInput::because('/kind', 'line.unknown-kind', ['kind' => InvalidInput::short($kind), 'known' => $wished]);
    }

    /**
     * The command that a line came of, or could have.
     *
     * @template L of Line
     *
     * @param L $line
     *
     * @return Command<L>
     */
    public static function of(Line $line): Command
    {
        /** @var Command<L> */
        return self::command($line instanceof OrderLine ? self::ORDER : self::TASK, $line->kind());
    }

    /**
     * A line of a sensor's task as a record has it.
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "record-line")
     */
    public static function taskLine(string $kind, string $id, string $person, string $at, Node $payload): Line
    {
        return self::line(self::TASK, $kind, ['id' => $id, 'person' => $person, 'at' => $at], $payload);
    }

    /**
     * A line of a repair order as a record has it.
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "order-line")
     */
    public static function orderLine(string $kind, string $id, string $person, string $at, Node $payload): OrderLine
    {
        $line = self::line(self::ORDER, $kind, ['id' => $id, 'person' => $person, 'at' => $at], $payload);
        assert($line instanceof OrderLine);

        return $line;
    }

    /** @param array<string, string> $stamp */
    private static function line(string $record, string $kind, array $stamp, Node $payload): Line
    {
        $known = self::$known[$record][$kind] ?? throw InvalidInput::because('/kind', 'line.unknown-kind', ['kind' => InvalidInput::short($kind), 'known' => self::names($record)]);

        return Document::read($known[0], $payload, $stamp);
    }
}
