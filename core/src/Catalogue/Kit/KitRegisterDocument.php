<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\TargetDrawing;

/** Reads the JSON form of items of the kit register (schemas, "kit-item"). Lengths in mm. */
final class KitRegisterDocument
{
    public const KINDS = ['instrument', 'stand', 'target'];

    private const CHECK = ['lastCheck', 'nextCheck', 'note'];

    /** @param list<Instrument|Stand|Target> $items */
    public static function register(array $items): KitRegister
    {
        return new KitRegister(
            array_values(array_filter($items, static fn(object $item): bool => $item instanceof Instrument)),
            array_values(array_filter($items, static fn(object $item): bool => $item instanceof Stand)),
            array_values(array_filter($items, static fn(object $item): bool => $item instanceof Target)),
        );
    }

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function item(Node $node): Instrument|Stand|Target
    {
        $sort = $node->member('sort') ?? throw InvalidInput::missing($node->path(), 'sort');

        return match ($sort->oneOf(self::KINDS)) {
            'instrument' => self::instrument($node),
            'stand' => self::stand($node),
            default => self::target($node),
        };
    }

    private static function instrument(Node $node): Instrument
    {
        $f = $node->fields(['sort', 'id', 'name', 'kind', 'accuracy', 'resolution'], ['sScale', 'sZero', 'scale', 'zero', ...self::CHECK]);
        $f['id']->id();
        $f['name']->line(120);

        return new Instrument($f['kind']->oneOf(Instrument::KINDS), KitDocument::readInstrument($f), self::check($f), self::note($f));
    }

    private static function stand(Node $node): Stand
    {
        $f = $node->fields(['sort', 'id', 'name', 'targetAhead', 'targetLeft', 'halfWidth'], self::CHECK);

        return new Stand(
            $f['id']->id(),
            $f['name']->line(120),
            $f['targetAhead']->between(-5000, 5000),
            $f['targetLeft']->between(-5000, 5000),
            $f['halfWidth']->between(1, 5000),
            self::check($f),
            self::note($f),
        );
    }

    private static function target(Node $node): Target
    {
        $f = $node->fields(['sort', 'id', 'name', 'kind', 'heights'], ['phaseToPointer', 'standsInFor', ...self::CHECK]);
        $heights = [];
        foreach ($f['heights']->members() as $name => $height) {
            $heights[(string) $name] = $height->between(-2000, 2000);
        }
        $drawing = new TargetDrawing($heights);
        if (! $drawing->has('centre')) {
            throw InvalidInput::because($f['heights']->path(), 'kit.no-centre');
        }

        return new Target(
            $f['id']->id(),
            $f['name']->line(120),
            $f['kind']->line(60),
            $drawing,
            isset($f['phaseToPointer']) ? $f['phaseToPointer']->between(-2000, 2000) : null,
            array_map(static function (Node $standIn): StandIn {
                $s = $standIn->fields(['target', 'changes']);

                return new StandIn($s['target']->line(120), $s['changes']->line());
            }, isset($f['standsInFor']) ? $f['standsInFor']->fewItems(20) : []),
            self::check($f),
            self::note($f),
        );
    }

    /** @param array<array-key, Node> $f */
    private static function check(array $f): Check
    {
        $last = isset($f['lastCheck']) ? $f['lastCheck']->day() : null;
        $next = isset($f['nextCheck']) ? $f['nextCheck']->day() : null;
        if ($last !== null && $next !== null && $next <= $last) {
            throw InvalidInput::because($f['nextCheck']->path(), 'kit.check-order', ['next' => $next, 'last' => $last]);
        }

        return new Check($last, $next);
    }

    /** @param array<array-key, Node> $f */
    private static function note(array $f): string
    {
        return isset($f['note']) ? $f['note']->line(500) : '';
    }
}
