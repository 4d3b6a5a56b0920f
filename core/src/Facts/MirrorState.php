<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\MirrorSpot;
use Lumbro\Core\Journal\MirrorRead;

/** Where the sensor's face looks by its mirror spots: mechanical, whatever is stored electronically (need J27). */
final class MirrorState
{
    /** How well a spot's middle is read, mm, standard. */
    private const S = 0.6;

    /**
     * @param list<MirrorRead> $taken
     * @param bool             $back  whether the sensor looks behind the car
     *
     * @return list<array<string, mixed>> oldest first
     */
    public static function write(array $taken, bool $back): array
    {
        return array_map(static function (MirrorRead $read) use ($back): array {
            $azimuth = MirrorSpot::face($read->left, $read->distance, self::S);
            $elevation = MirrorSpot::face($read->above, $read->distance, self::S);

            return [
                'azimuth' => [...RunDocument::degrees('azimuth', $azimuth->deviation, $back), 'uncertainty' => $azimuth->uncertainty],
                'elevation' => [...RunDocument::degrees('elevation', $elevation->deviation, $back), 'uncertainty' => $elevation->uncertainty],
                'distance' => $read->distance,
                'person' => $read->person,
                'at' => $read->at,
            ];
        }, $taken);
    }
}
