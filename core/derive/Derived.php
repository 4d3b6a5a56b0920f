<?php

declare(strict_types=1);

namespace Lumbro\Core\Derive;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitItem;

/** The files that follow from the tables of fields, by their place in the project. */
final class Derived
{
    /** @return array<string, string> file → what it holds */
    public static function files(): array
    {
        $files = [];
        foreach (Published::all() as $name => $schema) {
            $files["core/schemas/$name.json"] = self::json($schema);
        }

        $files['ui/src/api/forms.generated.ts'] = self::forms();

        return $files;
    }

    /** The forms by which cards and the kit are edited. */
    private static function forms(): string
    {
        $kit = [];
        foreach (KitItem::SORTS as $sort => $class) {
            $kit[$sort] = ['values' => FormMaker::values($class), 'lists' => FormMaker::lists($class)];
        }

        return "// Made from the tables of fields by core/bin/derive. Not to be edited.\n"
            . "import type { FormColumn, FormList } from './forms';\n\n"
            . 'export const cardLists: readonly FormList[] = ' . rtrim(self::json(FormMaker::lists(ProcedureCard::class))) . ";\n\n"
            . 'export const kitForms: Readonly<Record<' . implode(' | ', array_map(static fn(string $sort): string => "'$sort'", array_keys($kit))) . ', { values: readonly FormColumn[]; lists: readonly FormList[] }>> = ' . rtrim(self::json($kit)) . ";\n";
    }

    /** @param array<array-key, mixed> $document */
    private static function json(array $document): string
    {
        $four = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return (string) preg_replace_callback('/^(?: {4})+/m', static fn(array $m): string => str_repeat('  ', intdiv(strlen($m[0]), 4)), $four) . "\n";
    }
}
