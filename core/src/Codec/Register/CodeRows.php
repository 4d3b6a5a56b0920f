<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\ShopRules\CodeRule;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** How trouble codes are sorted. */
final readonly class CodeRows extends Rows
{
    public function columns(): array
    {
        return [
            new Column('unit', 'text', Message::of('column.code.unit'), true),
            new Column('code', 'text', Message::of('column.code.code'), true),
            new Column('sort', 'choice', Message::of('column.code.sort'), true, ['blocking', 'related', 'expected-before', 'unrelated']),
            new Column('why', 'text', Message::of('column.rule.why'), true),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        return $values->all;
    }

    public function check(Node $document): void
    {
        Document::read(CodeRule::class, $document);
    }

    public function title(Node $document): string
    {
        $rule = Document::read(CodeRule::class, $document);

        return "$rule->unit $rule->code";
    }
}
