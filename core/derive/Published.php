<?php

declare(strict_types=1);

namespace Lumbro\Core\Derive;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\PlainBay;
use Lumbro\Core\Catalogue\Card\CardAdjustment;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\Lesson;
use Lumbro\Core\Catalogue\Shop\DayRules;
use Lumbro\Core\Catalogue\Shop\ShopSettings;
use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Exercise\Answer;
use Lumbro\Core\Exercise\Order\OrderAnswer;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Intake\CaptureState;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Journal\RoadTested;
use Lumbro\Core\Journal\Scan;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\People\Act;
use Lumbro\Core\People\Role;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Work\Present;
use Lumbro\Core\Work\Stage;

/** The JSON Schemas that are made from the tables of fields. */
final class Published
{
    /** What a schema is about, beside what its fields say. */
    private const ABOUT = [
        'card' => ['A procedure card', 'Heights are of the target\'s places over its centre; heightDatum names one of them. A card without checkedBy serves no proof. Steps wait for those they name, and none for itself. A plate is judged by its yaw and tilt, a reflector by its place; heightFrom sensor sets the target level with the sensor\'s middle as it is on the car, and height is then only what is expected. Under values stands where a single value comes from, under others what other sources give for it, by its JSON Pointer.'],
        'vehicle' => ['A vehicle sheet', 'A sensor\'s facing turns anticlockwise from straight ahead. Each of a pair names the other. placard in bar, rideHeight arch over hub.'],
        'shop' => ['What a shop is called and how it writes', 'zone is a name of the tz database, language such as en.'],
        'day-rules' => ['What a shop\'s days are planned by', 'Hours on the wall of the shop; day 1 is Monday, and a pause lies between two openings of one day. Somebody who is not among the people works as long as the shop is open, runs and drives. there and away in minutes; fee and hour in the currency.'],
        'plain-bay' => ['A rectangular bay', 'As it is told with a tape in the hand: mm from the wall behind the car and from the wall at its left. Its floor counts as not surveyed.'],
        'bay' => ['A bay', 'mm in the bay\'s own frame: that of a car that stands in it as usual, its rear hubs\' middle at the origin, x forward. sFloor is the standard uncertainty of its floor heights where it is not surveyed.'],
        'enumerations' => ['The enumerations of the core', 'What answers and documents refer to.'],
        'kit-item' => ['An item of the kit register', 'Lengths in mm. Instruments that do not measure lengths give accuracy and resolution in their own unit, named in the note. scale and zero are known errors: what the instrument shows too much, per mm and in mm.'],
        'practice-car' => ['A simulated car', 'What everybody may know of it, and under truth what nobody is told before the exercise is over. vehicle, card and bay are names of the practice register. schools is how it is measured, where that is not for the learner to choose; begins, how far somebody has gone before.'],
        'order-answer' => ['What a learner commits to at an order', 'Which sensors are owed a calibration, or whether the order can be closed and what keeps it open.'],
        'exercise-answer' => ['What a learner commits to', 'What is to be said of the sensor, for what the car goes back, and what was wrong.'],
        'scenario' => ['The hidden truth of a simulated car', 'mm and degrees; shifts are of points from where the vehicle\'s sheet has them, the stand from its spot. The mount is where the sensor truly looks, zero what is stored electronically, coverLoss dB one way beyond a sound cover, clutter and otherTarget dB against the right target, floorBelow how far the spot\'s floor lies under the car\'s. tool says which askings of a command (from 1) stay unanswered, are answered with nonsense, or never arrive. fault is what the car must go back for. offsets are of the survey\'s unknowns, slips of a call\'s first reading, rough of what is wrong in every bay, 1 being its ordinary size.'],
        'scan' => ['What a scan tool read of a car\'s trouble codes', 'readAt and status are the tool\'s own words.'],
        'lesson' => ['What a shop\'s own readings have taught of an instrument', 'The factor is how many times the stated uncertainty its readings scatter. zero and scale are what they came out as on the day at, in the last survey that checked them.'],
        'line' => ['A line as a person asks for it', 'As typed; what the record keeps of it is in order-line and record-line.'],
        'order-line' => ['A line of a repair order\'s record', 'Operations are named as in the catalogue, with @ and a sensor\'s id where they are done at one.'],
        'record-line' => ['A line of a task\'s record', 'Who recorded it when stands beside it in a sealed record.'],
        'shop-rules' => ['A shop\'s default tables', 'For where the procedure cards are silent. In a code rule * stands for anything.'],
    ];

    private const CLASSES = ['card' => ProcedureCard::class, 'vehicle' => VehicleSheet::class, 'shop' => ShopSettings::class, 'day-rules' => DayRules::class, 'plain-bay' => PlainBay::class, 'bay' => Bay::class, 'shop-rules' => ShopRules::class, 'scan' => Scan::class, 'scenario' => Scenario::class, 'exercise-answer' => Answer::class, 'order-answer' => OrderAnswer::class, 'practice-car' => PracticeCar::class, 'lesson' => Lesson::class];

    /** @return array<string, list<string>> name → the words that its values are: each list stands once, in PHP */
    public static function enumerations(): array
    {
        return [
            'Act' => array_column(Act::cases(), 'value'),
            'AdjustmentWay' => CardAdjustment::WAYS,
            'Answer' => array_column(AnswerKind::cases(), 'value'),
            'CaptureKind' => CaptureItem::KINDS,
            'CaptureState' => array_column(CaptureState::cases(), 'value'),
            'Cause' => array_column(Cause::cases(), 'value'),
            'CodeSort' => array_column(CodeSort::cases(), 'value'),
            'Mark' => array_column(Mark::cases(), 'value'),
            'MoveKind' => array_column(MoveKind::cases(), 'value'),
            'OwedAnswer' => OwedAnswered::ANSWERS,
            'OwedState' => array_column(OwedState::cases(), 'value'),
            'PolicyUnproven' => Policy::UNPROVEN,
            'PresentKind' => Present::KINDS,
            'Reads' => array_column(Reads::cases(), 'value'),
            'Reference' => ProcedureCard::REFERENCES,
            'RoadFound' => RoadTested::FOUND,
            'Role' => array_column(Role::cases(), 'value'),
            'Route' => array_column(Route::cases(), 'value'),
            'School' => ProcedureCard::SCHOOLS,
            'SensorKind' => CarSensor::KINDS,
            'SensorSide' => CarSensor::SIDES,
            'Stage' => array_column(Stage::cases(), 'value'),
            'ToolCommand' => array_column(ToolCommand::cases(), 'value'),
            'Verdict' => array_column(Verdict::cases(), 'value'),
        ];
    }

    /** @return array<string, array<string, mixed>> name → schema */
    public static function all(): array
    {
        $schemas = [];
        foreach (self::CLASSES as $name => $class) {
            $in = new Definitions();
            $schemas[$name] = self::schema($name, $in->object($class), $in);
        }
        foreach ([Kinds::ORDER => 'order-line', Kinds::TASK => 'record-line'] as $record => $name) {
            $in = new Definitions();
            $forms = [];
            foreach (Kinds::all($record) as $kind => $command) {
                $forms[] = ['if' => ['properties' => ['kind' => ['const' => $kind]]], 'then' => ['properties' => ['payload' => $in->of($command->line())]]];
            }
            $text = ['type' => 'string', 'minLength' => 1];
            $schemas[$name] = self::schema($name, [
                'type' => 'object', 'additionalProperties' => false, 'required' => ['kind', 'payload'],
                'properties' => ['kind' => ['enum' => Kinds::names($record)], 'payload' => ['type' => 'object'], 'id' => $text, 'person' => $text, 'at' => $text, 'previous' => ['$ref' => 'common.json#/$defs/previous']],
                'allOf' => $forms,
            ], $in);
        }
        $in = new Definitions();
        $wishes = [];
        foreach ([Kinds::TASK, Kinds::ORDER] as $record) {
            foreach (Kinds::all($record) as $kind => $command) {
                if ($command->isWished()) {
                    $wishes[] = ['title' => $kind, 'type' => 'object', 'required' => ['kind', 'payload'], 'properties' => ['kind' => ['const' => $kind], 'payload' => $in->of($command->wish())]];
                }
            }
        }
        $schemas['line'] = self::schema('line', ['oneOf' => $wishes], $in);
        $in = new Definitions();
        $sorts = [];
        foreach (KitItem::SORTS as $sort => $class) {
            $sorts[] = ['if' => ['properties' => ['sort' => ['const' => $sort]]], 'then' => $in->of($class)];
        }
        $schemas['enumerations'] = self::schema('enumerations', ['$defs' => array_map(static fn(array $words): array => ['type' => 'string', 'enum' => $words], self::enumerations())], new Definitions());
        $schemas['kit-item'] = self::schema('kit-item', ['type' => 'object', 'required' => ['sort'], 'properties' => ['sort' => ['enum' => array_keys(KitItem::SORTS)]], 'allOf' => $sorts], $in);

        return $schemas;
    }

    /**
     * @param array<string, mixed> $form
     *
     * @return array<string, mixed>
     */
    private static function schema(string $name, array $form, Definitions $in): array
    {
        $definitions = $in->all();

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => "https://lumbro.example/schemas/$name.json",
            'title' => self::ABOUT[$name][0],
            'description' => self::ABOUT[$name][1],
            ...$form,
            ...($definitions === [] ? [] : ['$defs' => $definitions]),
        ];
    }
}
