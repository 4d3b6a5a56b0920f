<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\TargetDrawing;
use Lumbro\Core\Procedure\CardSensor;
use Lumbro\Core\Procedure\CardSpot;
use Lumbro\Core\Procedure\OwedRule;
use Lumbro\Core\Procedure\OwedState;
use Lumbro\Core\Procedure\PreparationItem;
use Lumbro\Core\Procedure\ProcedureCard;

/** Reads the JSON form of a procedure card. Lengths in mm, angles in degrees. */
final class CardDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "card") */
    public static function read(Node $node): ProcedureCard
    {
        $f = $node->fields([
            'id', 'title', 'edition', 'dated', 'source', 'enteredBy', 'checkedBy', 'sensor', 'target', 'spot', 'echo',
            'rules', 'preparation', 'zone', 'cautions',
        ], ['thresholds']);
        $target = $f['target']->fields(['name', 'heights']);
        $drawing = new TargetDrawing(self::numbers($target['heights']));
        $echo = $f['echo']->fields(['expected', 'within']);
        $spot = self::spot($f['spot']);
        if (! $drawing->has('centre') || ! $drawing->has($spot->heightDatum)) {
            throw InvalidInput::because($target['heights']->path(), sprintf('must give "centre" and the card\'s own datum "%s".', $spot->heightDatum));
        }

        return new ProcedureCard(
            $f['id']->text(),
            $f['title']->text(),
            $f['edition']->text(),
            $f['dated']->text(),
            $f['source']->text(),
            $f['enteredBy']->text(),
            $f['checkedBy']->text(),
            self::sensor($f['sensor']),
            $target['name']->text(),
            $drawing,
            $spot,
            $echo['expected']->number(),
            $echo['within']->positive(),
            array_map(self::rule(...), $f['rules']->items()),
            array_map(self::item(...), $f['preparation']->items()),
            array_map(BayDocument::corner(...), $f['zone']->items()),
            array_map(static fn(Node $caution): string => $caution->text(), $f['cautions']->items()),
            DecisionDocument::thresholds($f['thresholds'] ?? null),
        );
    }

    private static function sensor(Node $node): CardSensor
    {
        $f = $node->fields(['name', 'along', 'across', 'height', 'limits', 'reported', 's'], ['placementFree']);
        $limits = $f['limits']->fields(['azimuth', 'elevation']);

        return new CardSensor(
            $f['name']->text(),
            $f['along']->number(),
            $f['across']->number(),
            $f['height']->positive(),
            $limits['azimuth']->positive(),
            $limits['elevation']->positive(),
            $f['reported']->oneOf(['misalignment', 'targetAngle']) === 'targetAngle',
            $f['s']->positive(),
            array_map(
                static fn(Node $axis): string => $axis->oneOf(['azimuth', 'elevation']),
                isset($f['placementFree']) ? $f['placementFree']->items() : [],
            ),
        );
    }

    private static function spot(Node $node): CardSpot
    {
        $f = $node->fields(['along', 'across', 'yaw', 'height', 'heightDatum', 'tolerance']);
        $t = $f['tolerance']->fields(['along', 'across', 'yaw', 'height']);

        return new CardSpot(
            $f['along']->number(),
            $f['across']->number(),
            $f['yaw']->number(),
            $f['height']->positive(),
            $f['heightDatum']->text(),
            $t['along']->positive(),
            $t['across']->positive(),
            $t['yaw']->positive(),
            $t['height']->positive(),
        );
    }

    private static function rule(Node $node): OwedRule
    {
        $f = $node->fields(['operation', 'state', 'reason', 'source'], ['route', 'question']);

        return new OwedRule(
            $f['operation']->text(),
            OwedState::from($f['state']->oneOf(array_column(OwedState::cases(), 'value'))),
            isset($f['route']) ? $f['route']->oneOf(['static', 'dynamic', 'static then dynamic']) : null,
            $f['reason']->text(),
            $f['source']->text(),
            isset($f['question']) ? $f['question']->text() : null,
        );
    }

    private static function item(Node $node): PreparationItem
    {
        $f = $node->fields(['id', 'question', 'unmet', 'why']);

        return new PreparationItem(
            $f['id']->text(),
            $f['question']->text(),
            $f['unmet']->oneOf(['blocks', 'warns']) === 'blocks',
            $f['why']->text(),
        );
    }

    /** @return array<string, float> */
    private static function numbers(Node $node): array
    {
        $numbers = [];
        foreach ($node->members() as $name => $number) {
            $numbers[(string) $name] = $number->number();
        }

        return $numbers;
    }
}
