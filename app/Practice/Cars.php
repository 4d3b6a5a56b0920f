<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\Order\OrderDraw;
use Lumbro\Core\Exercise\PathLesson;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** The simulated cars that ship, those of the path, and those that are drawn. */
final class Cars
{
    /** What free cars are drawn from: kind of sensor → vehicle, card, sensor. */
    private const MODELS = [
        'front' => [['quillon-sable', 'quillon-sable-front', 'front'], ['marrow-field', 'marrow-field-front', 'front'], ['tessara-brink', 'tessara-brink-front', 'front']],
        'front-corner' => [['tessara-halyard', 'tessara-halyard-front-pair', 'front-left'], ['tessara-halyard', 'tessara-halyard-front-pair', 'front-right']],
        'rear' => [['quillon-sable', 'quillon-sable-rear', 'rear-left'], ['tessara-halyard', 'tessara-halyard-rear', 'rear-right']],
        'blind-spot' => [['marrow-field', 'marrow-field-blind-spot', 'blind-left'], ['marrow-field', 'marrow-field-blind-spot', 'blind-right']],
    ];

    /** Cars whose trap is in their order: what they begin with. */
    public const ORDERS = ['intake', 'close'];

    private const BAY = 'Bay 1';

    /** @return list<string> kinds of sensors that free cars are drawn for */
    public static function kinds(): array
    {
        return [...array_keys(self::MODELS), ...self::ORDERS];
    }

    /** @return list<array{id: string, car: string, work: list<Message>}> told by car and work alone: what is wrong with each is for the learner to find */
    public static function shipped(): array
    {
        return array_map(static fn(string $number): array => ['id' => $number, ...self::told(self::take($number))], array_keys(self::files()));
    }

    /** @return array{car: string, work: list<Message>} what everybody may know of a car */
    public static function told(PracticeCar $car): array
    {
        $sheet = self::sheet($car->vehicle);

        return [
            // Where its trap is in its order, no sensor is the one it is about.
            'car' => "$sheet->make $sheet->model" . ($car->isOrder() ? '' : ', ' . lcfirst($sheet->sensor($car->sensor)->name ?? $car->sensor)),
            'work' => array_map(static fn(Operation $operation): Message => $operation->said($sheet), $car->operations),
        ];
    }

    /**
     * @param string $id its number in the list, or its file's own name
     *
     * @throws Refusal where none of this name ships
     */
    public static function take(string $id): PracticeCar
    {
        $files = self::files();
        $file = $files[$id] ?? $files[array_search($id, array_map(static fn(string $path): string => basename($path, '.json'), $files), true)] ?? throw Refusal::field('/scenario', Message::of('practice.no-car'));

        return Document::read(PracticeCar::class, Node::parse((string) file_get_contents($file)));
    }

    /** @return list<PathLesson> in the order of the path */
    public static function path(): array
    {
        $lessons = array_map(static fn(string $file): PathLesson => Document::read(PathLesson::class, Node::parse((string) file_get_contents($file))), glob(base_path('database/demo/lessons/*.json')) ?: []);
        usort($lessons, static fn(PathLesson $a, PathLesson $b): int => $a->place <=> $b->place);

        return $lessons;
    }

    /** @throws Refusal where the path has no such lesson */
    public static function lesson(string $id): PathLesson
    {
        foreach (self::path() as $lesson) {
            if ($lesson->id === $id) {
                return $lesson;
            }
        }

        throw Refusal::field('/lesson', Message::of('practice.no-car'));
    }

    /**
     * @param string $kind one of kinds()
     *
     * @throws Refusal where nothing is drawn for that kind
     */
    public static function draw(string $kind, int $seed, int $difficulty): PracticeCar
    {
        $isOrder = in_array($kind, self::ORDERS, true);
        $models = $isOrder ? array_merge(...array_values(self::MODELS)) : self::MODELS[$kind] ?? throw Refusal::field('/kind', Message::of('practice.no-car'));
        [$vehicle, $card, $sensor] = $models[$seed % count($models)];
        $model = new Model($vehicle, $card, $sensor, self::BAY, self::card($card));

        return $isOrder ? OrderDraw::of($model, $kind, $seed, $difficulty) : CarDraw::of($model, $seed, $difficulty);
    }

    /** @throws Refusal where a car rests on a sheet, a card or a bay that practice does not have */
    public static function check(PracticeCar $car): void
    {
        $known = static fn(string $folder): array => array_map(static fn(string $file): string => basename($file, '.json'), glob(base_path("database/demo/$folder/*.json")) ?: []);
        if (! in_array($car->vehicle, $known('vehicles'), true)) {
            throw Refusal::field('/car/vehicle', Message::of('practice.no-vehicle', ['known' => $known('vehicles')]));
        }
        if (! in_array($car->card, $known('cards'), true)) {
            throw Refusal::field('/car/card', Message::of('practice.no-card', ['known' => $known('cards')]));
        }
        $bays = array_map(static fn(Node $bay): string => $bay->member('name')?->text() ?? '', Node::parse((string) file_get_contents(base_path('database/demo/bays.json')))->items());
        if (! in_array($car->bay, $bays, true)) {
            throw Refusal::field('/car/bay', Message::of('practice.no-bay', ['known' => $bays]));
        }
        if (self::card($car->card)->fit?->covers(self::sheet($car->vehicle), $car->sensor) !== true) {
            throw Refusal::field('/car/sensor', Message::of('practice.other-sensor'));
        }
    }

    /** The sheet of a practice car. */
    public static function sheet(string $vehicle): VehicleSheet
    {
        return Document::read(VehicleSheet::class, Node::parse((string) file_get_contents(base_path("database/demo/vehicles/$vehicle.json"))));
    }

    /** The card of a practice car. */
    public static function card(string $name): ProcedureCard
    {
        return Document::read(ProcedureCard::class, Node::parse((string) file_get_contents(base_path("database/demo/cards/$name.json"))));
    }

    /** @return array<string, string> number → path, in an order that tells nothing */
    private static function files(): array
    {
        $files = [];
        foreach (['scenarios', 'order-cars'] as $folder) {
            $of = glob(base_path("database/demo/$folder/*.json")) ?: [];
            usort($of, static fn(string $a, string $b): int => sha1(basename($a)) <=> sha1(basename($b)));
            array_push($files, ...$of);
        }
        $numbered = [];
        foreach ($files as $i => $file) {
            $numbered['car-' . ($i + 1)] = $file;
        }

        return $numbered;
    }
}
