<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\VehicleRegister;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\UsualCar;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** A car that stands in no list: it comes in with its name and its sensors, and every figure of it unknown (need J41). */
final class EnterCar
{
    /**
     * @param Node $car make, model, sensors (places on a drawing of the car) and, where somebody says them, years
     *
     * @return string the id of its sheet
     *
     * @throws InvalidInput|Refusal naming the field
     */
    public function __invoke(User $user, Node $car): string
    {
        $told = $car->fields(['make', 'model', 'sensors'], ['years']);
        [$make, $model] = [trim($told['make']->line(60)), trim($told['model']->line(60))];
        $years = isset($told['years']) ? trim($told['years']->line(60)) : null;
        $places = [];
        foreach ($told['sensors']->fewItems(count(SensorPlace::cases())) as $place) {
            $places[] = SensorPlace::from($place->oneOf(array_column(SensorPlace::cases(), 'value')));
        }
        if ($places === []) {
            throw InvalidInput::because('/car/sensors', 'vehicle.no-sensor');
        }
        $sheet = Copy::of(UsualCar::of($make, $model, array_values(array_unique($places, SORT_REGULAR))), ['years' => $years]);
        if (VehicleRegister::isKnown($user, VehicleRegister::name($sheet))) {
            throw Refusal::field('/car/model', Message::of('vehicle.known', ['name' => VehicleRegister::name($sheet)]));
        }

        return VehicleRegister::enter($user, $sheet, [], 'entered');
    }
}
