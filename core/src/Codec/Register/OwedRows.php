<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Catalogue\ShopRules\Operations;
use Lumbro\Core\Catalogue\ShopRules\OwedRule;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What an operation means for a sensor. */
final readonly class OwedRows extends Rows
{
    public function columns(): array
    {
        return [
            new Column('operation', 'choice', Message::of('column.rule.operation'), true, array_keys(Operations::CATALOGUE)),
            new Column('state', 'choice', Message::of('column.rule.state'), true, ['owed', 'not-owed', 'unknown']),
            new Column('reason', 'text', Message::of('column.rule.reason'), true),
            new Column('route', 'choice', Message::of('column.rule.route'), false, array_column(Route::cases(), 'value')),
            new Column('at', 'choice', Message::of('column.rule.at'), false, ['itself', 'pair', 'elsewhere']),
            new Column('question', 'text', Message::of('column.rule.question')),
            new Column('source', 'text', Message::of('column.rule.source')),
        ];
    }

    protected function made(Values $values, string $source): array
    {
        return [...$values->all, 'source' => $values->optional('source') ?? $source];
    }

    public function check(Node $document): void
    {
        Document::read(OwedRule::class, $document);
    }

    public function title(Node $document): string
    {
        $rule = Document::read(OwedRule::class, $document);

        return "$rule->operation: {$rule->outcome->state->value}";
    }
}
