<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Required;

/** Where a car stands in a bay: the middle of its rear hubs (mm) and where it faces (degrees, anticlockwise from the bay's x axis). */
final readonly class Stance
{
    /**
     * @param float $x       mm in the bay
     * @param float $y       mm in the bay
     * @param float $heading degrees; 0 is as a car usually stands there
     */
    public function __construct(
        #[Required, Number('mm', -Corners::FAR, Corners::FAR)]
        public float $x = 0.0,
        #[Required, Number('mm', -Corners::FAR, Corners::FAR)]
        public float $y = 0.0,
        #[Required, Number('°', -360, 360)]
        public float $heading = 0.0,
    ) {}

    /**
     * A place of the bay as seen from the car.
     *
     * @param array{float, float} $place mm in the bay
     *
     * @return array{float, float} mm in the vehicle frame
     */
    public function toCar(array $place): array
    {
        [$cos, $sin] = [cos(deg2rad($this->heading)), sin(deg2rad($this->heading))];
        [$x, $y] = [$place[0] - $this->x, $place[1] - $this->y];

        return [$x * $cos + $y * $sin, $y * $cos - $x * $sin];
    }

    /**
     * A place of the vehicle frame in the bay.
     *
     * @param array{float, float} $place mm in the vehicle frame
     *
     * @return array{float, float} mm in the bay
     */
    public function toBay(array $place): array
    {
        [$cos, $sin] = [cos(deg2rad($this->heading)), sin(deg2rad($this->heading))];

        return [$this->x + $place[0] * $cos - $place[1] * $sin, $this->y + $place[0] * $sin + $place[1] * $cos];
    }
}
