<?php

declare(strict_types=1);

namespace Lumbro\Core\Derive;

use Lumbro\Core\Catalogue\ShopRules\OperationCode;
use Lumbro\Core\Catalogue\ShopRules\Operations;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\OwnForm;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Table;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Wrapped;

/** What an edit form asks for, out of the tables of fields: its single values, and its lists with their columns. */
final class FormMaker
{
    /** A text that may be longer stands in a line of its own, characters. */
    private const WIDE = 120;

    /**
     * @param class-string $class
     *
     * @return list<array<string, mixed>> the single values of a document that stand in it directly
     */
    public static function values(string $class): array
    {
        return array_values(array_filter(self::columns(Table::of($class)), static fn(array $column): bool => ! in_array($column['kind'], ['words', 'choices', 'operations'], true)));
    }

    /**
     * @param class-string $class
     *
     * @return list<array<string, mixed>> the lists of a document, wherever they lie in it
     */
    public static function lists(string $class, string $at = ''): array
    {
        $lists = [];
        foreach (Table::of($class)->fields as $field) {
            $pointer = "$at/" . ($field->group === null ? '' : "$field->group/") . $field->name;
            $kind = $field->kind;
            if ($field->form === [null]) {
                continue;
            }
            if ($kind instanceof Part && ! is_subclass_of($kind->of, OwnForm::class)) {
                array_push($lists, ...self::lists($kind->of, $pointer));
            }
            $rows = match (true) {
                $kind instanceof ListOf && $kind->of instanceof Part => ['objects', self::columns(Table::of($kind->of->of))],
                $kind instanceof ListOf => ['texts', [self::column('', $kind->of, false, '')]],
                $kind instanceof Corners => ['pairs', [self::number('0', 'mm'), self::number('1', 'mm')]],
                $kind instanceof Wrapped && $kind->of instanceof Members => ['members', [self::column('name', new Text(40), false, ''), self::column('value', $kind->of->of, false, '')]],
                default => null,
            };
            if ($rows !== null) {
                $lists[] = ['pointer' => $pointer, 'form' => $rows[0], 'needed' => ! $field->optional, 'columns' => array_values(array_filter($rows[1]))];
            }
        }

        return $lists;
    }

    /** @return list<array<string, mixed>> */
    private static function columns(Table $table, string $before = '', bool $optional = false): array
    {
        $columns = [];
        foreach ($table->fields as $field) {
            $kind = $field->kind;
            $key = $before . ($field->group === null ? '' : "$field->group.") . $field->name;
            if ($kind instanceof Inline) {
                array_push($columns, ...self::columns(Table::of($kind->of), $before, $optional));
            } elseif ($kind instanceof Part && ! is_subclass_of($kind->of, OwnForm::class)) {
                array_push($columns, ...self::columns(Table::of($kind->of), "$key.", $optional || $field->optional));
            } else {
                $column = self::column($key, $kind, $optional || $field->optional, $field->form[0] ?? '');
                if ($column !== null) {
                    $columns[] = $column;
                }
            }
        }

        return $columns;
    }

    /** @return array<string, mixed>|null null where no form shows it */
    private static function column(string $key, Kind|Inline $kind, bool $optional, ?string $group): ?array
    {
        $of = $kind instanceof ListOf ? $kind->of : $kind;
        [$sort, $unit, $choices, $wide] = match (true) {
            $group === null => [null, '', [], false],
            $kind instanceof ListOf && ($of instanceof Id || $of instanceof Text) => ['words', '', [], false],
            $kind instanceof ListOf && $of instanceof Choice => ['choices', '', $of->known(), false],
            $kind instanceof ListOf && $of instanceof OperationCode => ['operations', '', array_keys(Operations::CATALOGUE), false],
            $kind instanceof ListOf => [null, '', [], false],
            $kind instanceof Text => ['text', '', [], $kind->most === null || $kind->most > self::WIDE],
            $kind instanceof Id => ['text', '', [], false],
            $kind instanceof Day => ['day', '', [], false],
            $kind instanceof Number => ['number', $kind->unit, [], false],
            $kind instanceof Choice => ['choice', '', $kind->known(), false],
            $kind instanceof Either => ['choice', '', [$kind->true, $kind->false], false],
            $kind instanceof OperationCode => ['operation', '', array_keys(Operations::CATALOGUE), false],
            $kind instanceof Flag => [null, '', [], false],
            default => [null, '', [], false],
        };

        $said = match (true) {
            $of instanceof OperationCode => 'operation',
            $of instanceof Choice => $of->said,
            default => 'choice',
        };

        return $sort === null ? null : ['key' => $key, 'kind' => $sort, 'unit' => $unit, 'optional' => $optional, 'wide' => $wide, 'choices' => $choices, 'said' => $said];
    }

    /** @return array<string, mixed> */
    private static function number(string $key, string $unit): array
    {
        return ['key' => $key, 'kind' => 'number', 'unit' => $unit, 'optional' => false, 'wide' => false, 'choices' => [], 'said' => 'choice'];
    }
}
