<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Catalogue;

use Lumbro\Core\Catalogue\ShopRules\OwedRule;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use PHPUnit\Framework\TestCase;

/** A table that a store keeps is read rule by rule; one that somebody sends is read whole. */
final class OwedRulesTest extends TestCase
{
    public function testAStoredTableSaysOfEveryOperationWhatOneReadAtOnceSays(): void
    {
        $json = (string) file_get_contents(__DIR__ . '/../../defaults/shop-rules.json');
        $whole = Document::read(ShopRules::class, Node::parse($json));
        $stored = Document::read(ShopRules::class, Node::stored($json));
        $operations = array_unique(array_map(static fn(mixed $rule): string => $rule instanceof OwedRule ? $rule->operation : '', $whole->owed->all()));
        self::assertGreaterThan(20, count($operations));
        foreach ([...$operations, 'nothing-of-the-kind'] as $operation) {
            self::assertEquals($whole->owed->about($operation), $stored->owed->about($operation), $operation);
        }
        self::assertEquals(Document::write($whole), Document::write($stored));
    }

    public function testATableThatIsSentIsRefusedAtOnceWhereARuleIsWrong(): void
    {
        /** @var array{owed: list<array<string, mixed>>} $rules */
        $rules = json_decode((string) file_get_contents(__DIR__ . '/../../defaults/shop-rules.json'), true);
        $rules['owed'][40]['state'] = 'perhaps';
        try {
            Document::read(ShopRules::class, Node::parse((string) json_encode($rules)));
            self::fail('A rule whose outcome is no outcome was taken.');
        } catch (InvalidInput $failure) {
            self::assertSame('/owed/40/state', $failure->path());
        }
    }
}
