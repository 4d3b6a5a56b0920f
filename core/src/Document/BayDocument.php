<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Procedure\Bay;

/** Reads the JSON form of a bay. Lengths in mm, corners in the vehicle frame of the car as it stands. */
final class BayDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "bay") */
    public static function read(Node $node): Bay
    {
        $f = $node->fields(['name', 'outline', 'sFloor']);

        return new Bay(
            $f['name']->text(),
            array_map(self::corner(...), $f['outline']->items()),
            $f['sFloor']->positive(),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Bay $bay): array
    {
        return ['name' => $bay->name, 'outline' => $bay->outline, 'sFloor' => $bay->sFloor];
    }

    /** @return array{float, float} */
    public static function corner(Node $node): array
    {
        [$x, $y] = $node->items(2);

        return [$x->number(), $y->number()];
    }
}
