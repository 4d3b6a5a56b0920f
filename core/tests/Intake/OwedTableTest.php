<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Intake;

use Lumbro\Core\Tests\Support\DemoOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What each sensor is owed after what was done, car by car: written down from the trade's list of operations (need J1)
 * and from what the demo's cards and the shop's table say in words.
 */
final class OwedTableTest extends TestCase
{
    /** Sable: a front radar behind the badge, a rear pair behind the rear cover, a card for each. */
    private const SABLE = [
        // operations → front, rear-left, rear-right
        ['', 'not-owed', 'not-owed', 'not-owed'],
        ['front-cover-removed', 'owed static', 'not-owed', 'not-owed'],
        ['front-cover-painted', 'owed static', 'not-owed', 'not-owed'],
        ['front-cover-replaced', 'unknown', 'not-owed', 'not-owed'],
        ['front-badge-removed', 'owed static', 'not-owed', 'not-owed'],
        ['grille-removed', 'unknown', 'not-owed', 'not-owed'],
        ['front-trim-removed', 'unknown', 'not-owed', 'not-owed'],
        ['radiator-support-changed', 'owed static', 'not-owed', 'not-owed'],
        ['rear-cover-removed', 'not-owed', 'owed static', 'owed static'],
        ['rear-cover-painted', 'not-owed', 'owed static', 'owed static'],
        ['rear-cover-replaced', 'not-owed', 'owed static', 'owed static'],
        ['rear-trim-removed', 'not-owed', 'unknown', 'unknown'],
        ['rear-panel-repaired', 'not-owed', 'owed static', 'owed static'],
        ['knock-front', 'unknown', 'not-owed', 'not-owed'],
        ['knock-rear', 'not-owed', 'unknown', 'unknown'],
        ['heavy-damage-front', 'owed static', 'unknown', 'unknown'],
        ['heavy-damage-rear', 'unknown', 'owed static', 'owed static'],
        ['wheel-alignment', 'unknown', 'not-owed', 'not-owed'],
        ['suspension-work', 'unknown', 'unknown', 'unknown'],
        ['ride-height-changed', 'owed static', 'unknown', 'unknown'],
        ['tow-bar-fitted', 'not-owed', 'unknown', 'unknown'],
        ['windscreen-replaced', 'not-owed', 'not-owed', 'not-owed'],
        ['battery-disconnected', 'not-owed', 'not-owed', 'not-owed'],
        ['sensor-removed@front', 'owed static', 'not-owed', 'not-owed'],
        ['sensor-loosened@front', 'owed static', 'not-owed', 'not-owed'],
        ['bracket-straightened@front', 'owed static', 'not-owed', 'not-owed'],
        ['trouble-code@front', 'unknown', 'not-owed', 'not-owed'],
        ['complaint@front', 'unknown', 'not-owed', 'not-owed'],
        // A pair is two: the other one is only read, or the maker is asked.
        ['sensor-replaced@rear-left', 'not-owed', 'owed static', 'owed static or dynamic'],
        ['sensor-replaced@rear-right', 'not-owed', 'owed static or dynamic', 'owed static'],
        ['sensor-removed@rear-left', 'not-owed', 'owed static', 'unknown'],
        ['bracket-changed@rear-right', 'not-owed', 'unknown', 'owed static'],
        ['complaint@rear-left', 'not-owed', 'unknown', 'not-owed'],
        // Owed outweighs unknown, unknown outweighs not owed.
        ['rear-cover-removed wheel-alignment', 'unknown', 'owed static', 'owed static'],
        ['front-cover-removed wheel-alignment', 'owed static', 'not-owed', 'not-owed'],
        ['knock-rear rear-cover-removed', 'not-owed', 'owed static', 'owed static'],
        ['windscreen-replaced battery-disconnected', 'not-owed', 'not-owed', 'not-owed'],
        ['sensor-replaced@rear-left rear-cover-removed', 'not-owed', 'owed static', 'owed static'],
    ];

    /** Field: a front radar behind the grille; a blind-spot pair whose card leaves the choice of route. */
    private const FIELD = [
        // operations → front, blind-left, blind-right
        ['front-cover-removed', 'owed static', 'not-owed', 'not-owed'],
        ['grille-removed', 'owed static', 'not-owed', 'not-owed'],
        ['front-badge-removed', 'not-owed', 'not-owed', 'not-owed'],
        ['bracket-changed@front', 'owed static', 'not-owed', 'not-owed'],
        ['sensor-replaced@front', 'owed static', 'not-owed', 'not-owed'],
        ['rear-cover-removed', 'not-owed', 'owed static or dynamic', 'owed static or dynamic'],
        ['rear-cover-painted', 'not-owed', 'unknown', 'unknown'],
        ['tow-bar-fitted', 'not-owed', 'owed dynamic', 'owed dynamic'],
        ['rear-cover-removed tow-bar-fitted', 'not-owed', 'owed dynamic', 'owed dynamic'],
        ['sensor-replaced@blind-left', 'not-owed', 'owed static', 'not-owed'],
        ['sensor-replaced@blind-left tow-bar-fitted', 'not-owed', 'owed static then dynamic', 'owed dynamic'],
        // After heavy damage a drive alone would not do, whatever the card's route.
        ['heavy-damage-rear rear-cover-removed', 'unknown', 'owed static', 'owed static'],
        ['heavy-damage-rear tow-bar-fitted', 'unknown', 'owed static then dynamic', 'owed static then dynamic'],
        ['rear-panel-repaired', 'not-owed', 'owed static', 'owed static'],
        ['wheel-alignment', 'unknown', 'not-owed', 'not-owed'],
    ];

    /** Brink: one front radar in the cover. */
    private const BRINK = [
        ['front-cover-removed', 'owed static'],
        ['front-cover-replaced', 'owed static'],
        ['front-badge-removed', 'not-owed'],
        ['grille-removed', 'not-owed'],
        ['rear-cover-removed', 'not-owed'],
        ['rear-cover-replaced', 'not-owed'],
        ['rear-panel-repaired', 'not-owed'],
        ['sensor-replaced@front wheel-alignment', 'owed static'],
        ['tow-bar-fitted', 'not-owed'],
    ];

    /** Halyard: a front pair with a card that asks for both routes in order, a rear pair that has no card. */
    private const HALYARD = [
        // operations → front-left, front-right, rear-left, rear-right
        ['front-cover-removed', 'owed static then dynamic', 'owed static then dynamic', 'not-owed', 'not-owed'],
        ['front-cover-replaced', 'owed static then dynamic', 'owed static then dynamic', 'not-owed', 'not-owed'],
        ['front-badge-removed', 'not-owed', 'not-owed', 'not-owed', 'not-owed'],
        ['radiator-support-changed', 'owed static', 'owed static', 'not-owed', 'not-owed'],
        ['radiator-support-changed front-cover-removed', 'owed static then dynamic', 'owed static then dynamic', 'not-owed', 'not-owed'],
        ['sensor-replaced@front-left', 'owed static then dynamic', 'owed static', 'not-owed', 'not-owed'],
        ['bracket-changed@front-right', 'unknown', 'owed static then dynamic', 'not-owed', 'not-owed'],
        ['sensor-loosened@front-left', 'owed static', 'unknown', 'not-owed', 'not-owed'],
        ['rear-cover-removed', 'not-owed', 'not-owed', 'owed static', 'owed static'],
        ['heavy-damage-front rear-cover-removed', 'owed static', 'owed static', 'owed static', 'owed static'],
        ['sensor-replaced@rear-left', 'not-owed', 'not-owed', 'owed static', 'owed static or dynamic'],
        ['knock-rear', 'not-owed', 'not-owed', 'unknown', 'unknown'],
        ['ride-height-changed', 'owed static', 'owed static', 'unknown', 'unknown'],
    ];

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function table(): iterable
    {
        foreach (['quillon-sable' => self::SABLE, 'marrow-field' => self::FIELD, 'tessara-brink' => self::BRINK, 'tessara-halyard' => self::HALYARD] as $car => $rows) {
            foreach ($rows as $row) {
                yield "$car: " . ($row[0] === '' ? 'nothing' : $row[0]) => [$car, $row[0], array_slice($row, 1)];
            }
        }
    }

    /** @param list<string> $expected one for each of the car's sensors */
    #[DataProvider('table')]
    public function testEachSensorIsOwedWhatTheTableSays(string $car, string $operations, array $expected): void
    {
        $state = (new DemoOrder($car))->done(...array_filter(explode(' ', $operations)))->state();
        $found = [];
        foreach ($state->owed as $owed) {
            $found[] = trim($owed->state->value . ' ' . $owed->route?->value);
            foreach ($owed->reasons as $reason) {
                self::assertNotSame('', $reason->outcome->reason);
                self::assertNotSame('', $reason->source);
            }
            foreach ($owed->questions() as $question) {
                self::assertNotNull($question->question);
            }
        }
        self::assertSame($expected, $found);
    }

    public function testTheTableIsLongEnough(): void
    {
        $combinations = 0;
        foreach (self::table() as [, , $expected]) {
            $combinations += count($expected);
        }
        self::assertGreaterThanOrEqual(60, $combinations);
        self::assertGreaterThanOrEqual(60, iterator_count(self::table()));
    }

    public function testAnAnswerDecidesAndASourceIsNeededWhereNoRuleAsks(): void
    {
        $order = (new DemoOrder())->done('wheel-alignment');
        self::assertSame('unknown', $order->state()->owed['front']->state->value);
        $yes = (new DemoOrder())->done('wheel-alignment')->note('owed-answer', ['sensor' => 'front', 'operation' => 'wheel-alignment', 'answer' => 'yes', 'word' => 'Wen Harrow'])->state();
        self::assertSame('owed', $yes->owed['front']->state->value);
        self::assertSame('Wen Harrow', $yes->owed['front']->reasons[0]->answer?->word);
        $no = (new DemoOrder())->done('wheel-alignment')->note('owed-answer', ['sensor' => 'front', 'operation' => 'wheel-alignment', 'answer' => 'no'])->state();
        self::assertSame('not-owed', $no->owed['front']->state->value);
        $read = (new DemoOrder())->done('knock-rear')->note('owed-answer', ['sensor' => 'rear-left', 'operation' => 'knock-rear', 'answer' => 'owed', 'source' => 'Sheet 31, section 6', 'route' => 'dynamic'])->state();
        self::assertSame(['owed', 'dynamic', 'Sheet 31, section 6'], [$read->owed['rear-left']->state->value, $read->owed['rear-left']->route?->value, $read->owed['rear-left']->reasons[0]->source]);
        self::assertSame('unknown', $read->owed['rear-right']->state->value);
    }
}
