<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Measure;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\LengthUnit;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    use TestTrait;

    /** @return iterable<array{string, float, LengthUnit}> */
    public static function readings(): iterable
    {
        yield ['1480', 1480, LengthUnit::Millimetre];
        yield [' 1480 mm ', 1480, LengthUnit::Millimetre];
        yield ['1480MM', 1480, LengthUnit::Millimetre];
        yield ['148 cm', 1480, LengthUnit::Centimetre];
        yield ['1.48 m', 1480, LengthUnit::Metre];
        yield ['.5 m', 500, LengthUnit::Metre];
        yield ['0', 0, LengthUnit::Millimetre];
        yield ['58 1/4 in', 1479.55, LengthUnit::Inch];
        yield ['58.25"', 1479.55, LengthUnit::Inch];
        yield ['58¼”', 1479.55, LengthUnit::Inch];
        yield ['3/8 in', 9.525, LengthUnit::Inch];
        yield ["4' 10 1/4\"", 1479.55, LengthUnit::Foot];
        yield ["4'", 1219.2, LengthUnit::Foot];
        yield ['4′10″', 1473.2, LengthUnit::Foot];
        yield ["4'-10 1/4\"", 1479.55, LengthUnit::Foot];
        yield ['58-1/4 in', 1479.55, LengthUnit::Inch];
        yield ['58 1/4 inches', 1479.55, LengthUnit::Inch];
        yield ['1 inch', 25.4, LengthUnit::Inch];
        yield ['4 ft. 10 in.', 1473.2, LengthUnit::Foot];
        yield ['4 feet', 1219.2, LengthUnit::Foot];
        yield ['4 ft 10 in', 1473.2, LengthUnit::Foot];
        yield ['2,275 mm', 2275, LengthUnit::Millimetre];
        yield ['2,275', 2275, LengthUnit::Millimetre];
        yield ['2 275', 2275, LengthUnit::Millimetre];
        yield ["2\u{202f}275,5 mm", 2275.5, LengthUnit::Millimetre];
        yield ['2275,5 mm', 2275.5, LengthUnit::Millimetre];
        yield ['2,275.5', 2275.5, LengthUnit::Millimetre];
        yield ['2.275,5', 2275.5, LengthUnit::Millimetre];
        yield ['0,275', 0.275, LengthUnit::Millimetre];
        yield ['12,5', 12.5, LengthUnit::Millimetre];
        yield ['148,5 cm', 1485, LengthUnit::Centimetre];
        yield ['2,275 m', 2275, LengthUnit::Metre];
        yield ['0,08 in', 2.032, LengthUnit::Inch];
        yield ['2,125 in', 53.975, LengthUnit::Inch];
        yield ['18 3/16', 461.9625, LengthUnit::Inch];
        yield ['3/16', 4.7625, LengthUnit::Inch];
    }

    #[DataProvider('readings')]
    public function testWhatATapeShowsIsTaken(string $typed, float $millimetres, LengthUnit $unit): void
    {
        $length = Length::fromReading($typed);
        self::assertEqualsWithDelta($millimetres, $length->millimetres, 1e-9);
        self::assertSame($unit, $length->unit);
        self::assertSame(trim($typed), $length->typed);
    }

    /** @return iterable<array{string, string}> */
    public static function refusals(): iterable
    {
        yield ['', 'nothing was typed'];
        yield ['-12', 'no sign'];
        yield ['−12 mm', 'no sign'];
        yield ['1,480 cm', 'comma'];
        yield ['1,48,5', 'not a length'];
        yield ['22 75', 'not a length'];
        yield ['2 275 75', 'not a length'];
        yield ['02 275', 'not a length'];
        yield ['2.275.5', 'not a length'];
        yield ['18 16/3', 'not a length'];
        yield ["4' 3/4", 'not a length'];
        yield ['twelve', 'not a length'];
        yield ['12 parsecs', 'not a length'];
        yield ['58 5/4 in', 'not a length'];
        yield ['58 1/0 in', 'not a length'];
        yield ['58.5 1/4 in', 'not a length'];
        yield ["4' 13\"", 'not a length'];
        yield ['NaN', 'not a length'];
        yield ['1e300', 'not a length'];
        yield ['999999999', 'longer than 100 m'];
        yield ["4' 10", 'not a length'];
        yield ["4'-", 'not a length'];
        yield ['58-1/4', 'not a length'];
        yield ['58 - 4 in', 'not a length'];
        yield ['1.4.8 m', 'not a length'];
        yield ['1480 mm mm', 'not a length'];
        yield ['٣٤', 'not a length'];
        yield ['0x10', 'not a length'];
        yield ['1480;', 'not a length'];
        yield ["1480\n12", 'not a length'];
    }

    #[DataProvider('refusals')]
    public function testAnythingElseIsRefusedWithTextReasonAndExample(string $typed, string $reason): void
    {
        try {
            Length::fromReading($typed);
            self::fail("“{$typed}” was taken.");
        } catch (UnreadableReading $failure) {
            self::assertStringContainsString(trim($typed), Told::words($failure->said));
            self::assertStringContainsString($reason, Told::words($failure->said));
            self::assertStringContainsString('For example', Told::words($failure->said));
            self::assertSame('/typed', $failure->path());
        }
    }

    public function testEveryUnitRoundTrips(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(0, 90000))->then(static function (int $tenths): void {
            $mm = $tenths / 10;
            foreach (["$mm mm", sprintf('%.2f cm', $mm / 10), sprintf('%.4f m', $mm / 1000)] as $typed) {
                self::assertEqualsWithDelta($mm, Length::fromReading($typed)->millimetres, 1e-9, $typed);
            }
        });
    }

    public function testFeetInchesAndFractionsRoundTrip(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(1, 20000))->then(static function (int $sixteenths): void {
            $inches = intdiv($sixteenths, 16);
            $fraction = $sixteenths % 16 === 0 ? '' : ' ' . ($sixteenths % 16) . '/16';
            $expected = $sixteenths * 25.4 / 16;
            self::assertEqualsWithDelta($expected, Length::fromReading("$inches$fraction in")->millimetres, 1e-9);
            $feet = intdiv($inches, 12);
            self::assertEqualsWithDelta($expected, Length::fromReading("$feet' " . ($inches % 12) . "$fraction\"")->millimetres, 1e-9);
        });
    }

    public function testWhateverIsTypedIsALengthOrIsRefused(): void
    {
        $signs = ['0', '1', '4', '8', '58', '1480', ' ', '.', ',', '/', "'", '"', '-', '+', 'm', 'mm', 'cm', 'in', 'ft', '¼', '”', 'e', '%s', "\xff", 'left'];
        $taken = 0;
        $this->limitTo(2000)->forAll(Generators::vector(5, Generators::choose(0, count($signs) - 1)), Generators::choose(1, 5))->then(
            static function (array $picks, int $length) use ($signs, &$taken): void {
                $typed = implode('', array_map(static fn(mixed $pick): string => is_int($pick) ? $signs[$pick] : '', array_slice($picks, 0, $length)));
                try {
                    $read = Length::fromReading($typed);
                    self::assertTrue($read->millimetres >= 0 && $read->millimetres <= 100_000, $typed);
                    $taken++;
                } catch (UnreadableReading $failure) {
                    self::assertStringContainsString('For example', Told::words($failure->said));
                }
            },
        );
        self::assertGreaterThan(20, $taken);
    }

    public function testASideIsAWordAndLeftIsPositive(): void
    {
        self::assertSame(12.0, SidedLength::fromReading('12 mm left')->millimetres);
        self::assertSame(-12.0, SidedLength::fromReading('R 1.2 cm')->millimetres);
        self::assertEqualsWithDelta(-6.35, SidedLength::fromReading('1/4 in right')->millimetres, 1e-12);
        self::assertSame(0.0, SidedLength::fromReading('0')->millimetres);
    }

    /** @return iterable<array{string, string}> */
    public static function sides(): iterable
    {
        yield ['12 mm', 'which side'];
        yield ['12 left right', 'twice'];
        yield ['left', 'nothing'];
        yield ['-12 left', 'sign'];
        yield ['12 port', 'not a length'];
    }

    #[DataProvider('sides')]
    public function testASideThatCannotBeToldIsRefused(string $typed, string $reason): void
    {
        self::assertMatchesRegularExpression("/$reason|which side|not a length/", Told::refusal(UnreadableReading::class, static fn(): SidedLength => SidedLength::fromReading($typed)));
    }
}
