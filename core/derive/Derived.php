<?php

declare(strict_types=1);

namespace Lumbro\Core\Derive;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\ShopRules\ConditionValue;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Fields\Definitions;

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
        $files['ui/src/api/lines.generated.ts'] = self::lines();

        return $files;
    }

    /** What the interface must know of the kinds of lines. */
    private static function lines(): string
    {
        $alone = [];
        $carried = [];
        $wishes = '';
        $in = new Definitions();
        foreach ([Kinds::TASK, Kinds::ORDER] as $record) {
            foreach (Kinds::all($record) as $kind => $command) {
                if ($command->isWished()) {
                    $alone[$kind] = $command->goesAlone();
                    $carried[$kind] = Kinds::isCarried($kind);
                    $wishes .= "\n  | { kind: '$kind'; payload: " . TypeMaker::of($in->of($command->wish())) . ' }';
                }
            }
        }
        $types = '';
        foreach ($in->all() as $name => $schema) {
            $types .= "export type $name = " . TypeMaker::of($schema) . ";\n\n";
        }

        return "// Made from the kinds of lines by core/bin/derive. Not to be edited.\n\n"
            . $types
            . "/** A line as somebody asks for it. */\nexport type Wish =$wishes;\n\n"
            . "/** Whether a line that waited for the server may go without another word of its person. */\n"
            . "export const goesAlone: Readonly<Record<Wish['kind'], boolean>> = " . rtrim(self::json($alone)) . ";\n\n"
            . "/** Whether a device decides such a line by itself while no server answers. */\n"
            . "export const isCarried: Readonly<Record<Wish['kind'], boolean>> = " . rtrim(self::json($carried)) . ";\n";
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
            . 'export const ruleLists: readonly FormList[] = ' . rtrim(self::json(FormMaker::lists(ShopRules::class))) . ";\n\n"
            . 'export const valueColumns: readonly FormColumn[] = ' . rtrim(self::json(FormMaker::values(ConditionValue::class))) . ";\n\n"
            . 'export const policyColumns: readonly FormColumn[] = ' . rtrim(self::json(FormMaker::values(Policy::class))) . ";\n\n"
            . 'export const vehicleForm: { values: readonly FormColumn[]; lists: readonly FormList[] } = ' . rtrim(self::json(['values' => FormMaker::values(VehicleSheet::class), 'lists' => FormMaker::lists(VehicleSheet::class)])) . ";\n\n"
            . 'export const kitForms: Readonly<Record<' . implode(' | ', array_map(static fn(string $sort): string => "'$sort'", array_keys($kit))) . ', { values: readonly FormColumn[]; lists: readonly FormList[] }>> = ' . rtrim(self::json($kit)) . ";\n";
    }

    /** @param array<array-key, mixed> $document */
    private static function json(array $document): string
    {
        $four = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return (string) preg_replace_callback('/^(?: {4})+/m', static fn(array $m): string => str_repeat('  ', intdiv(strlen($m[0]), 4)), $four) . "\n";
    }
}
