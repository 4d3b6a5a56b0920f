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
use Lumbro\Core\Journal\OrderLine;
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
use Lumbro\Core\Journal\StandMoved;
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

    /** @var array<string, array<string, Command<covariant Line>>>|null */
    private static ?array $all = null;

    /** @return array<string, Command<covariant Line>> kind → how it is decided */
    public static function all(string $record): array
    {
        self::$all ??= [self::ORDER => [
            OperationNoted::KIND => new NoteOperation(),
            CoverNoted::KIND => new NoteCover(),
            OwedAnswered::KIND => new AnswerOwed(),
            Captured::KIND => new Capture(),
            ConditionAnswered::KIND => new AnswerCondition(),
            ScanTaken::KIND => new AnyLine(ScanTaken::class, goesAlone: true),
            FigureMeasured::KIND => new MeasureFigure(),
            DetailNoted::KIND => new NoteDetail(),
            LineNotUnderstood::KIND => new AnyLine(LineNotUnderstood::class, isWished: false),
            LineSettled::KIND => new SettleLine(),
            PhotoAdded::KIND => new AddPhoto(),
            CardChosen::KIND => new ChooseCard(),
            LineAnswered::KIND => new AnyLine(LineAnswered::class, goesAlone: true),
            MarkPlumbed::KIND => new AnyLine(MarkPlumbed::class, goesAlone: true),
            FloorRead::KIND => new ReadFloor(),
            StanceTaken::KIND => new AnyLine(StanceTaken::class, decides: true, goesAlone: true),
            BayChosen::KIND => new AnyLine(BayChosen::class, decides: true, goesAlone: true),
            DriveTaken::KIND => new AnyLine(DriveTaken::class, isWished: false),
            RoadTested::KIND => new TestRoad(),
            LeftOpen::KIND => new LeaveOpen(),
        ], self::TASK => [
            ReadingTaken::KIND => new TakeReading(),
            ReadingStruck::KIND => new StrikeReading(),
            StandMoved::KIND => new AnyLine(StandMoved::class),
            Answered::KIND => new AnswerQuestion(),
            RunReleased::KIND => new ReleaseRun(),
            RunMade::KIND => new TakeRun(),
            RunFailed::KIND => new AnyLine(RunFailed::class, isWished: false),
            SchoolsChosen::KIND => new ChooseSchools(),
            ReferenceChosen::KIND => new ChooseReference(),
            StandSet::KIND => new SetStand(),
            ToolAsked::KIND => new AskTool(),
            ToolAnswered::KIND => new HearTool(),
            StepBegun::KIND => new BeginStep(),
            StepDone::KIND => new DoStep(),
            Corrected::KIND => new CorrectAxis(),
            TargetShifted::KIND => new ShiftTarget(),
            MirrorRead::KIND => new ReadMirror(),
            LevelRead::KIND => new AnyLine(LevelRead::class, isWished: false),
            CauseChecked::KIND => new LookIntoCause(),
            SentBack::KIND => new SendBack(),
            BorderlineAccepted::KIND => new AcceptBorderline(),
            Reopened::KIND => new Reopen(),
        ]];

        return self::$all[$record];
    }

    /** @return list<string> */
    public static function names(string $record): array
    {
        return array_keys(self::all($record));
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
        $wished = [];
        foreach ($records as $record) {
            $wished += array_filter(self::all($record), static fn(Command $command): bool => $command->isWished());
        }

        return $wished[$kind] ?? throw InvalidInput::because('/kind', 'line.unknown-kind', ['kind' => InvalidInput::short($kind), 'known' => array_keys($wished)]);
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
        return self::all($line instanceof OrderLine ? self::ORDER : self::TASK)[$line->kind()];
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
        $known = self::all($record);
        $command = $known[$kind] ?? throw InvalidInput::because('/kind', 'line.unknown-kind', ['kind' => InvalidInput::short($kind), 'known' => array_keys($known)]);

        return Document::read($command->line(), $payload, $stamp);
    }
}
