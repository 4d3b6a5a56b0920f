<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

/**
 * A laser dot thrown back by a mirror on the sensor's face: an offset e at distance d is a face off by atan(e/d)/2,
 * since the angle counts double (maths, section 6).
 */
final class MirrorSpot
{
    /**
     * How far the face is turned, degrees: left (azimuth) or up (elevation) is positive, like the dot seen along the
     * outgoing beam.
     *
     * @param float $offset   of the dot from the outgoing beam, mm; left or above is positive
     * @param float $distance from the sensor's face to where the dot is read, mm, > 0
     * @param float $sOffset  standard uncertainty of the offset, mm
     * @param float $sDistance of the distance, mm
     */
    public static function face(float $offset, float $distance, float $sOffset, float $sDistance = 0.0): PlacementError
    {
        $square = $offset ** 2 + $distance ** 2;

        return new PlacementError(
            rad2deg(atan2($offset, $distance)) / 2,
            rad2deg(hypot($distance * $sOffset, $offset * $sDistance) / $square) / 2,
        );
    }
}
