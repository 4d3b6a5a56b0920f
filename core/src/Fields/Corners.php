<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Corners in plan, each x and y in mm. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Corners implements Kind
{
    private const MOST = 200;

    /** No hall reaches further, mm. */
    public const FAR = 200_000.0;

    /** @param int $least 3 for a polygon; 0 where there may be none */
    public function __construct(public int $least = 3) {}

    /** @return list<array{float, float}> */
    public function read(Node $node): array
    {
        $corners = array_map(static function (Node $corner): array {
            [$x, $y] = $corner->items(2);

            return [$x->between(-self::FAR, self::FAR), $y->between(-self::FAR, self::FAR)];
        }, $node->fewItems(self::MOST));
        if (count($corners) < $this->least) {
            throw InvalidInput::because($node->path(), 'bay.corners');
        }

        return $corners;
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        $number = ['type' => 'number', 'minimum' => -self::FAR, 'maximum' => self::FAR];

        return [
            'type' => 'array', 'maxItems' => self::MOST, ...($this->least > 0 ? ['minItems' => $this->least] : []),
            'items' => ['type' => 'array', 'description' => 'x and y', 'prefixItems' => [$number, $number], 'minItems' => 2, 'maxItems' => 2],
        ];
    }
}
