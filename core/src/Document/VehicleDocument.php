<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Procedure\VehicleSheet;

/** Reads the JSON form of a vehicle sheet. Lengths and standard uncertainties in mm. */
final class VehicleDocument
{
    private const LENGTHS = [
        'wheelbase', 'trackFront', 'trackRear', 'frontOverhang', 'rearOverhang', 'width', 'height', 'hubHeight',
        'tyreDiameter', 'tyreWidth', 'frontMark', 'rearMark', 'sHub', 'sMarkAlong', 'sMarkAcross', 'sSensor', 'sSensorHeight',
    ];

    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "vehicle") */
    public static function read(Node $node): VehicleSheet
    {
        $f = $node->fields(['make', 'model', ...self::LENGTHS]);
        $lengths = [];
        foreach (self::LENGTHS as $name) {
            $lengths[$name] = $f[$name]->positive();
        }

        return new VehicleSheet($f['make']->text(), $f['model']->text(), ...$lengths);
    }
}
