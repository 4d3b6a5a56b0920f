<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VinTest extends TestCase
{
    use TestTrait;

    public function testItIsReadAsReadersAndHandsSendIt(): void
    {
        foreach (['0CLSABL26R0002471', ' 0clsabl26r0002471 ', '*0CLSABL26R0002471*', 'I0CLSABL26R0002471', '0CL-SABL26R 0002471'] as $typed) {
            $vin = Vin::fromText($typed);
            self::assertSame(['0CLSABL26R0002471', true], [$vin->text, $vin->checks], $typed);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'too short' => ['0CLSABL26R', 'this has 10'];
        yield 'too long' => ['0CLSABL26R00024711', 'this has 18'];
        yield 'an O' => ['0CLSABL26R000247O', 'It is the digit 0'];
        yield 'an I' => ['0CLSABL26R000247I', 'It is the digit 1'];
        yield 'a strange character' => ['0CLSABL26R000247é', 'letters and digits'];
        yield 'nothing' => ['', 'this has 0'];
    }

    #[DataProvider('bad')]
    public function testABadOneIsRefusedWithWhatIsWrong(string $typed, string $reason): void
    {
        self::assertStringContainsString($reason, Told::refusal(InvalidInput::class, static fn(): Vin => Vin::fromText($typed)));
    }

    public function testAllOnesAndAllEightsAreTheirOwnCheck(): void
    {
        // Worked by hand: 1 times the sum of the weights, 89, leaves 1; of 8 times 89, 712, it is 8.
        self::assertSame(['1', '8'], [Vin::checkDigit(str_repeat('1', 17)), Vin::checkDigit(str_repeat('8', 17))]);
    }

    public function testASlipOfOneDigitAlwaysShows(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(0, 16), Generators::choose(0, 9))->disableShrinking()->then(static function (int $place, int $digit): void {
            $vin = '0CLSABL26R0002471';
            if ($place === 8 || ! ctype_digit($vin[$place]) || $vin[$place] === (string) $digit) {
                self::assertTrue(Vin::fromText($vin)->checks);

                return;
            }
            $vin[$place] = (string) $digit;
            self::assertFalse(Vin::fromText($vin)->checks, $vin);
        });
    }
}
