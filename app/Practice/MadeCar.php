<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use App\Records\PracticeRegisters;
use App\Records\ShopFloor;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\Order\OrderFaults;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Wanted;
use Lumbro\Core\Facts\BaySheetDocument;
use Lumbro\Core\Facts\PracticeCarDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\TaskContext;

/** A simulated car with its truth, for whoever makes it. */
final class MadeCar
{
    /** @return list<Message> what is wrong with it, at the target or in its order */
    public static function faults(PracticeCar $car): array
    {
        return [...array_map(static fn($fault): Message => $fault->said(), Faults::of($car->truth, Cars::card($car->card)->sensor)), ...OrderFaults::said($car, Cars::sheet($car->vehicle))];
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
        if ($faults === null || $car->isOrder()) {
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
}
