<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use App\Records\PracticeRegisters;
use App\Records\ShopFloor;
use App\Records\TaskFile;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Wanted;
use Lumbro\Core\Facts\AskedAdvice;
use Lumbro\Core\Facts\BaySheetDocument;
use Lumbro\Core\Facts\PracticeCarDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\TaskContext;

/** What a trainer does: makes cars, sets them to people, watches, and sees how people come on. */
final class Trainer
{
    /** So many finished exercises are looked back on. */
    private const MOST = 200;

    /** @return array<string, mixed> (openapi.yaml, "Trainer") */
    public static function page(User $user): array
    {
        return [
            'cars' => self::cars($user),
            'people' => array_values(DB::table('users')->where('shop_id', $user->shop_id)->where('active', true)->orderBy('name')->get(['id', 'name'])->map(static fn(\stdClass $row): array => ['id' => $row->id, 'name' => $row->name])->all()),
            'helps' => array_map(static fn(Help $help): array => ['id' => $help->value, 'says' => $help->said()], Help::cases()),
            'kinds' => Cars::kinds(),
            'watched' => self::watched($user),
            'scores' => self::scores($user),
            'mistakes' => self::mistakes($user),
        ];
    }

    /**
     * Keeps a car; the same id again is the same car.
     *
     * @throws Refusal where it rests on something that practice does not have
     */
    public static function keep(User $user, string $id, PracticeCar $car): void
    {
        Cars::check($car);
        DB::table('practice_cars')->insertOrIgnore([
            'shop_id' => $user->shop_id, 'id' => $id, 'title' => $car->title, 'document' => json_encode(Document::write($car), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
            'user_id' => $user->id, 'person' => $user->name, 'made_at' => Moment::now(),
        ]);
    }

    /** @throws Refusal where the shop has no such car */
    public static function car(User $user, string $id): PracticeCar
    {
        $document = DB::table('practice_cars')->where('shop_id', $user->shop_id)->where('id', $id)->value('document');

        return is_string($document) ? Document::read(PracticeCar::class, Node::stored($document)) : throw Refusal::notFound('practice-car');
    }

    /** A car that nobody is to be set any more; who has it goes on. */
    public static function putAway(User $user, string $id): void
    {
        self::car($user, $id);
        DB::table('practice_cars')->where('shop_id', $user->shop_id)->where('id', $id)->whereNull('put_away_at')->update(['put_away_at' => Moment::now()]);
    }

    /**
     * @param list<string> $people ids
     *
     * @throws Refusal where somebody is not of this shop
     */
    public static function set(User $user, string $id, array $people, Help $help): void
    {
        self::car($user, $id);
        foreach ($people as $i => $person) {
            if (! DB::table('users')->where('shop_id', $user->shop_id)->where('id', $person)->exists()) {
                throw Refusal::field("/people/$i", Message::of('practice.no-person'));
            }
            DB::table('practice_sets')->insert(['shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'practice_car_id' => $id, 'user_id' => $person, 'help' => $help->value, 'set_by' => $user->name, 'set_at' => Moment::now()]);
        }
    }

    /** @return array<string, mixed> a car with its truth, drawn (openapi.yaml, "PracticeCar") */
    public static function drawn(User $user, PracticeCar $car): array
    {
        Cars::check($car);

        return PracticeCarDocument::write(self::context($user, $car), $car, self::model($car));
    }

    /** @return array<string, mixed> (openapi.yaml, "BaySheet") */
    public static function sheet(User $user, PracticeCar $car): array
    {
        return BaySheetDocument::write(self::context($user, $car), $car);
    }

    /**
     * @param list<Wanted>|null $faults null where they are drawn as well
     */
    public static function draw(string $kind, int $seed, int $difficulty, ?array $faults): PracticeCar
    {
        $car = Cars::draw($kind, $seed, $difficulty);
        if ($faults === null) {
            return $car;
        }

        return CarDraw::of(self::model($car), $seed, $difficulty, array_values(array_filter($faults, static fn(Wanted $fault): bool => in_array($fault->kind, CarDraw::possible(self::model($car)), true))));
    }

    private static function model(PracticeCar $car): Model
    {
        return new Model($car->vehicle, $car->card, $car->sensor, $car->bay, Cars::card($car->card));
    }

    /** What a task at that car would rest on, with the shop's own kit. */
    private static function context(User $user, PracticeCar $car): TaskContext
    {
        $sheet = Cars::sheet($car->vehicle);
        $card = Cars::card($car->card);
        $sensor = $sheet->sensor($car->sensor) ?? throw Refusal::field('/car/sensor', Message::of('practice.other-sensor'));
        $floor = ShopFloor::of($user->shop_id);
        $kit = KitRegister::of(array_map(KitItem::read(...), Node::parse(PracticeRegisters::kit())->items()))->forTask(Moment::today(), $floor->rules->overdue) ?? throw Refusal::conflict('no-kit', Message::of('hindrance.kit'));
        $bay = null;
        foreach (Node::parse((string) file_get_contents(base_path('database/demo/bays.json')))->items() as $known) {
            $bay = $known->member('name')?->text() === $car->bay ? Document::read(Bay::class, $known) : $bay;
        }
        $bay ?? throw Refusal::field('/car/bay', Message::of('practice.no-bay', ['known' => []]));

        return new TaskContext(
            $card,
            $sheet,
            $kit,
            $bay->seenFrom(new Stance($sensor->looksBack() ? (float) OpenRun::FORWARD : 0.0)),
            array_map(static fn($operation): string => $operation->text(), $car->operations),
            $sensor,
            new TaskOrder(Owed::after($car->operations, $sensor, $card), $card->preparation, [], []),
        );
    }

    /** @return list<array<string, mixed>> newest first */
    private static function cars(User $user): array
    {
        $rows = DB::table('practice_cars')->where('shop_id', $user->shop_id)->whereNull('put_away_at')->orderByDesc('made_at')->get();
        $sets = self::sets($user);

        return array_values($rows->map(static function (\stdClass $row) use ($sets): array {
            $car = Document::read(PracticeCar::class, Node::stored($row->document));

            return ['id' => $row->id, 'title' => $row->title, 'by' => $row->person, 'at' => Moment::read($row->made_at), ...Cars::told($car), 'faults' => array_map(static fn($fault): Message => $fault->said(), Faults::of($car->truth, Cars::card($car->card)->sensor)), 'set' => $sets[$row->id] ?? []];
        })->all());
    }

    /** @return array<string, list<array<string, mixed>>> car → to whom it is set, and whether they have answered */
    private static function sets(User $user): array
    {
        $rows = DB::table('practice_sets as s')
            ->join('users as u', static fn($on) => $on->on('u.shop_id', 's.shop_id')->on('u.id', 's.user_id'))
            ->leftJoin('practice_runs as r', static fn($on) => $on->on('r.shop_id', 's.shop_id')->on('r.practice_set_id', 's.id'))
            ->where('s.shop_id', $user->shop_id)->orderBy('s.set_at')
            ->get(['s.practice_car_id', 'u.name', 's.help', 'r.ended_at', 'r.began_at']);
        $sets = [];
        foreach ($rows as $row) {
            $sets[$row->practice_car_id][] = ['person' => $row->name, 'help' => $row->help, 'state' => $row->ended_at !== null ? 'answered' : ($row->began_at !== null ? 'begun' : 'waiting')];
        }

        return $sets;
    }

    /** @return list<array<string, mixed>> who is at which call now, the longest at it first */
    private static function watched(User $user): array
    {
        $rows = DB::table('practice_runs')->where('shop_id', $user->shop_id)->whereNull('ended_at')->orderBy('began_at')->limit(20)->get();

        return array_values($rows->map(static function (\stdClass $row) use ($user): array {
            $file = TaskFile::open($user, $row->sensor_task_id);
            $present = $file->state()->present();
            $last = $file->journal->entries();

            return [
                ...Runs::document($row),
                'stage' => $present->stage()->value,
                'now' => AskedAdvice::of($file->journal)['says'],
                'readings' => count($file->state()->record->readings),
                'consistent' => $file->state()->setUp->isConsistent(),
                'lastAt' => $last === [] ? null : $last[count($last) - 1]->at,
                'truth' => array_map(static fn($fault): Message => $fault->said(), Faults::of(Runs::car($row)->truth, $file->context()->cardSensor)),
            ];
        })->all());
    }

    /** @return list<array<string, mixed>> what came of exercises, newest first */
    private static function scores(User $user): array
    {
        return array_values(self::ended($user)->get(['id', 'number', 'person', 'title', 'help', 'ended_at', 'began_at', 'method', 'result', 'asked'])->map(static fn(\stdClass $row): array => [
            'id' => $row->id, 'number' => "P-$row->number", 'person' => $row->person, 'title' => $row->title, 'help' => $row->help, 'at' => Moment::read($row->ended_at),
            'minutes' => (int) round((strtotime($row->ended_at) - strtotime($row->began_at)) / 60), 'method' => $row->method, 'result' => $row->result, 'asked' => $row->asked,
        ])->all());
    }

    /** @return list<array<string, mixed>> person → how often each kind of mistake was made, of how many exercises */
    private static function mistakes(User $user): array
    {
        $people = [];
        foreach (self::ended($user)->whereNotNull('reckoning')->get(['person', 'reckoning']) as $row) {
            $reckoning = json_decode($row->reckoning, true, 64, JSON_THROW_ON_ERROR);
            $people[$row->person] ??= ['exercises' => 0, 'kinds' => []];
            $people[$row->person]['exercises']++;
            foreach ([...$reckoning['score']['methodParts'], ...$reckoning['score']['resultParts']] as $part) {
                if ($part['most'] > 0 && $part['points'] < $part['most'] - 0.05) {
                    $kinds = $people[$row->person]['kinds'];
                    $people[$row->person]['kinds'][$part['id']] = ($kinds[$part['id']] ?? 0) + 1;
                }
            }
        }
        ksort($people);

        return array_map(static fn(string $person, array $made): array => [
            'person' => $person, 'exercises' => $made['exercises'],
            'kinds' => array_map(static fn(string $id, int $times): array => ['id' => $id, 'says' => Message::of("rubric.$id"), 'times' => $times], array_keys($made['kinds']), $made['kinds']),
        ], array_keys($people), $people);
    }

    private static function ended(User $user): Builder
    {
        return DB::table('practice_runs')->where('shop_id', $user->shop_id)->whereNotNull('ended_at')->orderByDesc('ended_at')->limit(self::MOST);
    }
}
