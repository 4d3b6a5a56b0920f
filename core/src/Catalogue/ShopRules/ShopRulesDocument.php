<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Reads the JSON form of the shop's default tables (schemas, "shop-rules"). */
final class ShopRulesDocument
{
    /**
     * The tables of a shop that keeps none: what is read of it is a new ShopRules.
     *
     * @return array<string, mixed>
     */
    public static function none(): array
    {
        $none = new ShopRules();

        return ['owed' => [], 'conditions' => [], 'capture' => [], 'codes' => [], 'phrases' => [], 'overdue' => ['bars' => $none->overdue->bars, 'widening' => $none->overdue->widening]];
    }

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): ShopRules
    {
        $f = $node->fields(['owed', 'conditions', 'capture', 'codes', 'phrases', 'overdue'], ['policy']);
        $overdue = $f['overdue']->fields(['bars', 'widening']);

        return new ShopRules(
            array_map(OwedRuleDocument::read(...), $f['owed']->items()),
            array_map(self::condition(...), $f['conditions']->items()),
            array_map(self::capture(...), $f['capture']->items()),
            array_map(self::code(...), $f['codes']->items()),
            array_map(self::phrase(...), $f['phrases']->items()),
            new OverdueRule($overdue['bars']->flag(), $overdue['widening']->between(1, 100)),
            isset($f['policy']) ? self::policy($f['policy']) : new Policy(),
        );
    }

    private static function policy(Node $node): Policy
    {
        $f = $node->fields(['readings', 'most', 'rounds', 'unproven']);
        $readings = (int) $f['readings']->between(1, 20);

        return new Policy($readings, (int) $f['most']->between($readings, 50), (int) $f['rounds']->between(1, 20), $f['unproven']->oneOf(Policy::UNPROVEN));
    }

    /** One item of the list of what to capture before refit. */
    public static function capture(Node $node): CaptureItem
    {
        $f = $node->fields(['id', 'question', 'kind', 'neededFor', 'afterRefit'], ['unit', 'most', 'when', 'kinds']);

        return new CaptureItem(
            $f['id']->id(),
            $f['question']->line(),
            $f['kind']->oneOf(CaptureItem::KINDS),
            isset($f['unit']) ? $f['unit']->line(20) : null,
            isset($f['most']) ? $f['most']->positive() : null,
            $f['neededFor']->line(),
            $f['afterRefit']->line(),
            OwedRuleDocument::words($f['when'] ?? null, array_keys(Operations::CATALOGUE)),
            OwedRuleDocument::words($f['kinds'] ?? null, CarSensor::KINDS),
        );
    }

    /** One row of the table that sorts trouble codes. */
    public static function code(Node $node): CodeRule
    {
        $f = $node->fields(['unit', 'code', 'sort', 'why']);

        return new CodeRule(
            $f['unit']->line(60),
            $f['code']->line(60),
            CodeSort::from($f['sort']->oneOf(['blocking', 'related', 'expected-before', 'unrelated'])),
            $f['why']->line(),
        );
    }

    private static function condition(Node $node): Condition
    {
        $f = $node->fields(['id', 'question', 'perSensor', 'unmet', 'why', 'source'], ['values', 'sag', 'kinds']);
        $sag = isset($f['sag']) ? $f['sag']->fields(['front', 'rear']) : null;

        return new Condition(
            $f['id']->id(),
            $f['question']->line(),
            $f['perSensor']->flag(),
            $f['unmet']->oneOf(['blocks', 'warns']) === 'blocks',
            $f['why']->line(),
            isset($f['values']) ? array_map(self::value(...), $f['values']->items()) : [],
            $sag === null ? null : ['front' => $sag['front']->between(-200, 200), 'rear' => $sag['rear']->between(-200, 200)],
            OwedRuleDocument::words($f['kinds'] ?? null, CarSensor::KINDS),
            $f['source']->line(),
        );
    }

    private static function value(Node $node): ConditionValue
    {
        $f = $node->fields(['id', 'label', 'unit', 'against'], ['least', 'most', 'within', 'mmPerUnit', 'axle']);

        return new ConditionValue(
            $f['id']->id(),
            $f['label']->line(60),
            $f['unit']->line(20),
            $f['against']->oneOf(ConditionValue::AGAINST),
            isset($f['least']) ? $f['least']->number() : null,
            isset($f['most']) ? $f['most']->number() : null,
            isset($f['within']) ? $f['within']->positive() : null,
            isset($f['mmPerUnit']) ? $f['mmPerUnit']->between(-1000, 1000) : 0.0,
            isset($f['axle']) ? $f['axle']->oneOf(['front', 'rear']) : null,
        );
    }

    private static function phrase(Node $node): Phrase
    {
        $f = $node->fields(['words', 'operation']);
        $words = array_map(static fn(Node $word): string => $word->line(60), $f['words']->items());
        if ($words === []) {
            throw InvalidInput::because($f['words']->path(), 'rules.no-word');
        }

        return new Phrase($words, Operation::fromCode($f['operation']->line(80), $f['operation']->path())->text());
    }
}
