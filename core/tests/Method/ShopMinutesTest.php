<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Method;

use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\Minutes;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/** How long a shop takes to put things up is the shop's own. */
final class ShopMinutesTest extends TestCase
{
    public function testAShopsOwnMinutesTakeThePlaceOfTheUsualOnes(): void
    {
        self::assertSame(Policy::SET_UPS, array_keys(Minutes::SET_UPS));
        $ids = ['spot-offset', 'staff-FL'];
        self::assertEqualsWithDelta(Prospects::minutes($ids) + 20.0 - Minutes::SET_UPS['line'], Prospects::minutes($ids, ['line' => 20.0, 'rig' => 90.0]), 1e-9);
        $policy = Document::read(Policy::class, Node::parse('{"readings": 2, "most": 5, "rounds": 3, "unproven": "adjust", "minutes": {"line": 20}}'));
        self::assertSame(['line' => 20.0], $policy->minutes);
        Told::refusal(InvalidInput::class, static fn(): Policy => Document::read(Policy::class, Node::parse('{"readings": 2, "most": 5, "rounds": 3, "unproven": "adjust", "minutes": {"lunch": 20}}')));
    }
}
