<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What is taken down while a cover is off. */
final readonly class CaptureRows extends Rows
{
    public function columns(): array
    {
        return [
            new Column('id', 'text', Message::of('column.rule.id')),
            new Column('question', 'text', Message::of('column.rule.question'), true),
            new Column('kind', 'choice', Message::of('column.rule.kind'), true, CaptureItem::KINDS),
            new Column('unit', 'text', Message::of('column.rule.unit')),
            new Column('most', 'number', Message::of('column.rule.most')),
            new Column('neededFor', 'text', Message::of('column.rule.neededFor'), true),
            new Column('afterRefit', 'text', Message::of('column.rule.afterRefit'), true),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        return ['id' => $values->optional('id') ?? self::id($values->text('question')), ...$values->all];
    }

    public function check(Node $document): void
    {
        Document::read(CaptureItem::class, $document);
    }

    public function title(Node $document): string
    {
        return Document::read(CaptureItem::class, $document)->question;
    }
}
