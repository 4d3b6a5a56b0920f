<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Evidence;

use Eris\Generators;
use Eris\TestTrait;
use Lumbro\Core\Evidence\CanonicalJson;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Measure\Node;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SealTest extends TestCase
{
    use TestTrait;

    /**
     * The number samples of RFC 8785, appendix B, by their IEEE 754 bits.
     *
     * @return iterable<array-key, array{string, string}>
     */
    public static function numbers(): iterable
    {
        yield from [
            '0' => ['0000000000000000', '0'], '-0' => ['8000000000000000', '0'],
            'smallest' => ['0000000000000001', '5e-324'], 'largest' => ['7fefffffffffffff', '1.7976931348623157e+308'],
            'max safe' => ['4340000000000000', '9007199254740992'], '2^68' => ['4430000000000000', '295147905179352830000'],
            '9.999999999999997e22' => ['44b52d02c7e14af5', '9.999999999999997e+22'], '1e23' => ['44b52d02c7e14af6', '1e+23'],
            '1e21 below' => ['444b1ae4d6e2ef4e', '999999999999999700000'], '1e21' => ['444b1ae4d6e2ef50', '1e+21'],
            '1e-6' => ['3eb0c6f7a0b5ed8d', '0.000001'], '1e-7 above' => ['3e7ad7f29abcaf48', '1e-7'],
            'thirds' => ['41b3de4355555553', '333333333.3333332'], 'more thirds' => ['41b3de4355555557', '333333333.33333343'],
            'minus' => ['becbf647612f3696', '-0.0000033333333333333333'],
        ];
    }

    #[DataProvider('numbers')]
    public function testNumbersArePrintedAsTheSchemeSays(string $bits, string $expected): void
    {
        $number = unpack('E', (string) hex2bin($bits));
        self::assertIsArray($number);
        self::assertSame($expected, CanonicalJson::encode($number[1]));
    }

    public function testMembersAreSortedByUtf16AndTextsEscapedNoMoreThanNeeded(): void
    {
        // The sorting example of RFC 8785, section 3.2.3: the emoji's surrogates come before U+FB33.
        $document = json_decode('{"\u20ac":"Euro Sign","\r":"Carriage Return","\ufb33":"Dalet","1":"One","\ud83d\ude00":"Grin","\u0080":"Control","\u00f6":"O"}');
        self::assertSame(
            "{\"\\r\":\"Carriage Return\",\"1\":\"One\",\"\u{80}\":\"Control\",\"ö\":\"O\",\"€\":\"Euro Sign\",\"😀\":\"Grin\",\"\u{fb33}\":\"Dalet\"}",
            CanonicalJson::encode($document),
        );
        self::assertSame("\"€\$\\u000f\\nA'B\\\"\\\\\\\"/\u{2028}\"", CanonicalJson::encode("€\$\u{f}\nA'B\"\\\"/\u{2028}"));
    }

    public function testEveryDoubleReadsBackAsItself(): void
    {
        $this->limitTo(300)->forAll(Generators::float(), Generators::choose(-300, 300))->then(static function (float $mantissa, int $exponent): void {
            $number = $mantissa * 10 ** $exponent;
            if (is_finite($number)) {
                self::assertSame($number + 0.0, (float) CanonicalJson::encode($number) + 0.0);
            }
        });
    }

    public function testAnOrderOrSpacingChangesNothingAndAByteDoes(): void
    {
        $record = (object) ['a' => 1.0, 'b' => ['x', null, true], 'c' => new \stdClass()];
        $hash = static fn(string $json): string => Seal::read(Node::parse($json))->hash;
        self::assertSame(Seal::of($record)->hash, $hash("{\"c\":{}, \"b\":[\"x\",null,true],\n\"a\":1}"));
        self::assertNotSame(Seal::of($record)->hash, $hash('{"c":{},"b":["y",null,true],"a":1}'));
    }
}
