<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Codec;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Codec\Register\Rows;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows of foreign tables become documents of the registers, or say which cell is wrong. */
final class RegisterRowsTest extends TestCase
{
    /** @var array<string, array<string, string>> register → a whole row */
    private const ROWS = [
        'vehicles' => ['make' => 'Vossen', 'model' => 'Ketch', 'years' => '2019 to 2023', 'sensors' => 'front; Rear Left, rear-right', 'wheelbase' => '2,764 mm', 'trackFront' => '158.3 cm', 'front.ahead' => '832', 'front.height' => '20 in', 'rear.aside' => '702', 'rear.behind' => '774'],
        'kit' => ['sort' => 'Instrument', 'name' => 'Tape by the door', 'kind' => 'tape', 'accuracy' => '1', 'resolution' => '1 mm', 'lastCheck' => '2.3.2026', 'nextCheck' => '2027-03-02'],
        'bays' => ['name' => 'North', 'length' => '11,5 m', 'width' => '5200', 'obstacle.name' => 'the lift', 'obstacle.fromBack' => '3 m', 'obstacle.fromLeft' => '200', 'obstacle.length' => '1 m', 'obstacle.width' => '400'],
        'cards' => ['title' => 'Front radar', 'source' => 'Vossen sheet 12 (invented)', 'edition' => '2', 'dated' => '2026-02-03', 'fits.make' => 'Vossen', 'fits.model' => 'Ketch', 'fits.sensors' => 'front', 'sensor.name' => 'Front radar', 'target.name' => 'Corner reflector', 'sensor.along' => '-40', 'sensor.height' => '508', 'spot.along' => '1840', 'spot.height' => '505', 'spot.tolerance.along' => '15', 'sensor.limits.azimuth' => '0,8'],
        'rules-conditions' => ['question' => 'Sun blinds down', 'unmet' => 'warns', 'why' => 'Glare on the laser plate.', 'for' => 'car'],
        'rules-owed' => ['operation' => 'windscreen-replaced', 'state' => 'not owed', 'reason' => 'No radar looks through it.'],
        'rules-capture' => ['question' => 'Colour of the plug', 'kind' => 'text', 'neededFor' => 'Record', 'afterRefit' => 'Only with the cover off.'],
        'rules-codes' => ['unit' => 'Body', 'code' => 'B10*', 'sort' => 'unrelated', 'why' => 'Lamps.'],
    ];

    #[DataProvider('registers')]
    public function testARowIsADocumentAndComesBackAsItWas(string $register): void
    {
        $rows = Rows::of($register);
        $document = $rows->document(self::ROWS[$register], 'our list.csv');
        self::assertNotSame('', $rows->title($document));
        $back = array_map(static fn(string|float|null $cell): string => is_float($cell) ? (string) round($cell, 6) : (string) $cell, $rows->row($document));
        if ($register !== 'bays' && $register !== 'vehicles') {
            self::assertEquals($document->raw(), $rows->document($back, 'our list.csv')->raw(), 'what goes out comes in again');
        }
        foreach ($rows->columns() as $column) {
            self::assertArrayHasKey($column->id, $back);
            if ($column->required) {
                self::assertSame("/$column->id", self::path(static fn() => $rows->document([$column->id => ''] + self::ROWS[$register], 'x')));
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function registers(): iterable
    {
        foreach (array_keys(Rows::REGISTERS) as $register) {
            yield $register => [$register];
        }
    }

    public function testACarOfATableKnowsWhatTheTableSaysAndNothingElse(): void
    {
        $sheet = Document::read(VehicleSheet::class, Rows::of('vehicles')->document(self::ROWS['vehicles'], 'our list.csv'));
        self::assertSame(['document', 'our list.csv'], [$sheet->origins['wheelbase']->from, $sheet->origins['wheelbase']->said]);
        self::assertSame('unknown', $sheet->origins['trackRear']->from);
        self::assertSame([], $sheet->measured, 'nothing was measured on a car');
        self::assertEqualsWithDelta([2764.0, 1583.0, 2764.0 + 832, 508.0], [$sheet->wheelbase, $sheet->trackFront, $sheet->sensor('front')?->along, $sheet->sensor('front')?->height], 1e-6);
        self::assertSame([702.0, -702.0], [$sheet->sensor('rear-left')?->across, $sheet->sensor('rear-right')?->across]);
        self::assertSame(-774.0, $sheet->sensor('rear-left')?->along);
        $row = Rows::of('vehicles')->row(DemoTask::node('vehicles/quillon-sable.json'));
        self::assertSame([2905.0, 742.0, 688.0], [$row['wheelbase'], $row['rear.behind'], $row['rear.aside']]);
    }

    public function testACardOutOfAFileIsCheckedByNobody(): void
    {
        $card = Document::read(ProcedureCard::class, Rows::of('cards')->document(self::ROWS['cards'], 'our list.csv'));
        self::assertFalse($card->isChecked());
        self::assertSame(15.0, $card->spot->toleranceAlong ?? null);
        $polar = array_diff_key(self::ROWS['cards'], ['spot.along' => 0, 'spot.tolerance.along' => 0]) + ['spot.range' => '2610', 'spot.bearing' => '31'];
        self::assertSame(2610.0, Document::read(ProcedureCard::class, Rows::of('cards')->document($polar, 'x'))->spot->range ?? null);
    }

    /** @param array<string, string> $cells */
    #[DataProvider('poorCells')]
    public function testAPoorCellIsNamed(string $register, array $cells, string $path): void
    {
        self::assertSame($path, self::path(static fn() => Rows::of($register)->document($cells + self::ROWS[$register], 'x')));
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function poorCells(): iterable
    {
        yield 'a sensor that no car has' => ['vehicles', ['sensors' => 'front, roof'], '/sensors'];
        yield 'a length in words' => ['vehicles', ['wheelbase' => 'about 2.7'], '/wheelbase'];
        yield 'a day that is none' => ['kit', ['lastCheck' => '31.2.2026'], '/lastCheck'];
        yield 'a kind that is none' => ['kit', ['kind' => 'crowbar'], '/kind'];
        yield 'an operation that is none' => ['rules-owed', ['operation' => 'wash'], '/operation'];
        yield 'a bay too short' => ['bays', ['length' => '900'], '/length'];
        yield 'a cell without end' => ['cards', ['title' => str_repeat('x', 600)], '/title'];
    }

    public function testAnUnknownRegisterIsRefused(): void
    {
        self::assertStringContainsString('vehicles', Told::refusal(InvalidInput::class, static fn(): Rows => Rows::of('people')));
    }

    private static function path(\Closure $read): ?string
    {
        try {
            $read();
        } catch (CoreFailure $failure) {
            return $failure->path();
        }
        self::fail('It was read.');
    }
}
