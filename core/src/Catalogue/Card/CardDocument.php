<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Catalogue\Bay\BayDocument;
use Lumbro\Core\Catalogue\ShopRules\OwedRuleDocument;
use Lumbro\Core\Catalogue\ShopRules\ShopRulesDocument;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\TargetDrawing;

/** Reads the JSON form of a procedure card (schemas, "card"). Lengths in mm, angles in degrees, levels in dB. */
final class CardDocument
{
    public const SCHOOLS = ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares', 'wheel-lasers', 'reported-pose'];

    public const TARGETS = ['reflector', 'plate'];

    /** The target's height is the card's over the floor, or that of the sensor's middle as it is on the car. */
    public const HEIGHTS_FROM = ['floor', 'sensor'];

    public const REFERENCES = ['body-centreline', 'thrust-line', 'axles'];

    public const DATUMS = ['front-mark', 'rear-mark', 'sensor-face', 'front-bumper', 'rear-bumper', 'front-hub', 'rear-hub'];

    /** As many rows as a list of a card may have. */
    private const MANY = 200;

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): ProcedureCard
    {
        $f = $node->fields([
            'id', 'title', 'edition', 'dated', 'source', 'enteredBy', 'sensor', 'target', 'spot',
            'rules', 'preparation', 'zone', 'cautions',
        ], [
            'checkedBy', 'echo', 'thresholds', 'fits', 'schools', 'reference', 'capture', 'codes', 'kit', 'steps', 'adjustment', 'drive', 'values', 'others',
        ]);
        $target = $f['target']->fields(['name', 'heights'], ['kind']);
        $drawing = new TargetDrawing(self::heights($target['heights']));
        $echo = isset($f['echo']) ? $f['echo']->fields(['expected'], ['within']) : [];
        $spot = self::spot($f['spot']);
        if (! $drawing->has('centre') || ! $drawing->has($spot->heightDatum)) {
            throw InvalidInput::because($target['heights']->path(), 'card.heights', ['datum' => $spot->heightDatum]);
        }

        return new ProcedureCard(
            $f['id']->id(),
            $f['title']->line(160),
            $f['edition']->line(40),
            $f['dated']->day(),
            $f['source']->line(200),
            $f['enteredBy']->line(80),
            isset($f['checkedBy']) ? $f['checkedBy']->line(80) : null,
            self::sensor($f['sensor']),
            $target['name']->line(120),
            $drawing,
            $spot,
            isset($echo['expected']) ? $echo['expected']->between(-200, 200) : null,
            isset($echo['within']) ? $echo['within']->between(1e-9, 200) : null,
            array_map(OwedRuleDocument::read(...), $f['rules']->fewItems(self::MANY)),
            self::preparation($f['preparation']),
            array_map(BayDocument::corner(...), $f['zone']->fewItems(self::MANY)),
            array_map(static fn(Node $caution): string => $caution->line(), $f['cautions']->fewItems(self::MANY)),
            Thresholds::read($f['thresholds'] ?? null),
            isset($f['fits']) ? self::fit($f['fits']) : null,
            OwedRuleDocument::words($f['schools'] ?? null, self::SCHOOLS),
            isset($f['reference']) ? $f['reference']->oneOf(self::REFERENCES) : null,
            array_map(ShopRulesDocument::capture(...), isset($f['capture']) ? $f['capture']->fewItems(self::MANY) : []),
            array_map(ShopRulesDocument::code(...), isset($f['codes']) ? $f['codes']->fewItems(self::MANY) : []),
            array_map(self::need(...), isset($f['kit']) ? $f['kit']->fewItems(self::MANY) : []),
            isset($f['steps']) ? CardStepsDocument::read($f['steps']) : [],
            isset($f['values']) ? CardSourcesDocument::provenance($f['values'], $node) : [],
            isset($f['others']) ? CardSourcesDocument::others($f['others'], $node) : [],
            isset($f['adjustment']) ? CardAdjustmentDocument::read($f['adjustment']) : null,
            isset($target['kind']) && $target['kind']->oneOf(self::TARGETS) === 'plate',
            isset($f['drive']) ? self::drive($f['drive']) : null,
        );
    }

    /** What a learning drive must be like; minutes and kilometres in the file, seconds and metres inside. */
    private static function drive(Node $node): DriveRule
    {
        $f = $node->fields(['slowest', 'fastest', 'turning', 'minutes', 'kilometres'], ['daylight', 'glare']);
        $slowest = $f['slowest']->between(0, 300);

        return new DriveRule(
            $slowest,
            $f['fastest']->between(1, 300) > $slowest ? $f['fastest']->number() : throw InvalidInput::because($f['fastest']->path(), 'card.fastest'),
            $f['turning']->between(0.1, 90),
            60 * $f['minutes']->between(0, 600),
            1_000 * $f['kilometres']->between(0, 1_000),
            isset($f['daylight']) && $f['daylight']->flag(),
            isset($f['glare']) ? $f['glare']->between(1, 90) : null,
        );
    }

    private static function sensor(Node $node): CardSensor
    {
        $f = $node->fields(['name', 'along', 'across', 'height', 'limits', 'reported', 's'], ['placementFree']);
        $limits = $f['limits']->fields([], ['azimuth', 'elevation']);

        return new CardSensor(
            $f['name']->line(60),
            $f['along']->between(-20_000, 20_000),
            $f['across']->between(-5_000, 5_000),
            $f['height']->between(1, 5_000),
            isset($limits['azimuth']) ? $limits['azimuth']->between(1e-6, 45) : null,
            isset($limits['elevation']) ? $limits['elevation']->between(1e-6, 45) : null,
            $f['reported']->oneOf(['misalignment', 'targetAngle']) === 'targetAngle',
            $f['s']->between(1e-6, 10),
            OwedRuleDocument::words($f['placementFree'] ?? null, ['azimuth', 'elevation']),
        );
    }

    private static function spot(Node $node): CardSpot|CardPolarSpot
    {
        if ($node->member('range') !== null) {
            $f = $node->fields(['range', 'bearing', 'height', 'heightDatum', 'tolerance'], ['datum', 'heightFrom', 'tilt']);
            $t = $f['tolerance']->fields([], ['range', 'bearing', 'height']);

            return new CardPolarSpot(
                $f['range']->between(100, 50_000),
                $f['bearing']->between(-180, 180),
                $f['height']->between(1, 5_000),
                $f['heightDatum']->line(40),
                self::halfWidth($t, 'range', 5_000),
                self::halfWidth($t, 'bearing', 45),
                self::halfWidth($t, 'height', 5_000),
                isset($f['datum']) ? $f['datum']->oneOf(self::DATUMS) : 'sensor-face',
                isset($f['heightFrom']) && $f['heightFrom']->oneOf(self::HEIGHTS_FROM) === 'sensor',
                isset($f['tilt']) ? $f['tilt']->between(-45, 45) : 0.0,
            );
        }
        $f = $node->fields(['along', 'across', 'yaw', 'height', 'heightDatum', 'tolerance'], ['datum', 'heightFrom', 'tilt']);
        $t = $f['tolerance']->fields([], ['along', 'across', 'yaw', 'height']);

        return new CardSpot(
            $f['along']->between(-50_000, 50_000),
            $f['across']->between(-20_000, 20_000),
            $f['yaw']->between(-360, 360),
            $f['height']->between(1, 5_000),
            $f['heightDatum']->line(40),
            self::halfWidth($t, 'along', 5_000),
            self::halfWidth($t, 'across', 5_000),
            self::halfWidth($t, 'yaw', 45),
            self::halfWidth($t, 'height', 5_000),
            isset($f['datum']) ? $f['datum']->oneOf(self::DATUMS) : 'front-mark',
            isset($f['heightFrom']) && $f['heightFrom']->oneOf(self::HEIGHTS_FROM) === 'sensor',
            isset($f['tilt']) ? $f['tilt']->between(-45, 45) : 0.0,
        );
    }

    /** @param array<array-key, Node> $tolerances */
    private static function halfWidth(array $tolerances, string $name, float $most): ?float
    {
        return isset($tolerances[$name]) ? $tolerances[$name]->between(1e-6, $most) : null;
    }

    private static function fit(Node $node): CardFit
    {
        $f = $node->fields(['make', 'model', 'sensors']);
        $sensors = array_map(static fn(Node $id): string => $id->id(), $f['sensors']->fewItems(4));
        if ($sensors === []) {
            throw InvalidInput::because($f['sensors']->path(), 'card.no-sensor');
        }

        return new CardFit($f['make']->line(60), $f['model']->line(60), $sensors);
    }

    /** @return list<PreparationItem> */
    private static function preparation(Node $node): array
    {
        $items = [];
        foreach ($node->fewItems(self::MANY) as $item) {
            $f = $item->fields(['id', 'question', 'unmet', 'why']);
            $id = $f['id']->id();
            if (isset($items[$id])) {
                throw InvalidInput::because($f['id']->path(), 'card.second-question', ['id' => $id]);
            }
            $items[$id] = new PreparationItem($id, $f['question']->line(), $f['unmet']->oneOf(['blocks', 'warns']) === 'blocks', $f['why']->line());
        }

        return array_values($items);
    }

    private static function need(Node $node): CardNeed
    {
        $f = $node->fields(['kind', 'why'], ['name']);

        return new CardNeed($f['kind']->oneOf(CardNeed::KINDS), isset($f['name']) ? $f['name']->line(120) : null, $f['why']->line());
    }

    /** @return array<string, float> */
    private static function heights(Node $node): array
    {
        $numbers = [];
        foreach ($node->members() as $name => $number) {
            $numbers[(string) $name] = $number->between(-5_000, 5_000);
        }

        return $numbers;
    }
}
