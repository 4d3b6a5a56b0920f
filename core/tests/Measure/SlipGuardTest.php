<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Measure;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\SlipGuard;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SlipGuardTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, string}> typed where 1840 mm is expected, and what the question holds */
    public static function slips(): iterable
    {
        yield 'a figure too many' => ['18400', '1,840 mm would fit: a figure too many?'];
        yield 'a figure missing' => ['184', '1,840 mm would fit: a figure missing'];
        yield 'centimetres without their unit' => ['184.2', '1,842 mm would fit: a figure missing, or centimetres typed without their unit?'];
        yield 'metres without their unit' => ['1.84', '1,840 mm would fit: metres typed without their unit?'];
        yield 'inches without their unit' => ['72.4', '1,839 mm would fit: inches typed without their unit?'];
        yield 'millimetres as inches' => ['1840 in', '1,840 mm would fit: millimetres typed as inches?'];
        yield 'nothing that would fit' => ['3100', 'Look at the tape once more.'];
    }

    #[DataProvider('slips')]
    public function testAReadingFarOffIsAskedAbout(string $typed, string $question): void
    {
        $asked = SlipGuard::question($typed, Length::fromReading($typed)->millimetres, 1840.0);
        self::assertNotNull($asked);
        $asked = Told::words($asked);
        self::assertStringContainsString("“{$typed}”", $asked);
        self::assertStringContainsString('about 1,840 mm is expected here', $asked);
        self::assertStringContainsString($question, $asked);
    }

    public function testWhatASetUpMayTrulyReadIsTakenWithoutAWord(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(1480, 3150), Generators::choose(-300, 300))->then(static function (int $expected, int $off): void {
            self::assertNull(SlipGuard::question('', $expected + $off, $expected));
        });
        // Across the line the expectation is nothing, and either side counts.
        self::assertNull(SlipGuard::question('', -250.0, 0.0));
        self::assertSame('“350 right” is 350 mm, and about 0 mm is expected here. Look at the tape once more.', Told::words(SlipGuard::question('350 right', -350.0, 0.0)));
        self::assertNotNull(SlipGuard::question('', -642.0, 642.0));
    }

    public function testATenFoldSlipNeverPasses(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(700, 9000), Generators::choose(-40, 40))->then(static function (int $expected, int $off): void {
            foreach ([10.0, 0.1] as $factor) {
                self::assertStringContainsString('would fit', Told::words(SlipGuard::question('x', ($expected + $off) * $factor, $expected)));
            }
        });
    }
}
