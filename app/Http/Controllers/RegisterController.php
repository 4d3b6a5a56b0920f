<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Imports\RegisterFile;
use App\Imports\RegisterRows;
use App\Input\Body;
use App\Records\Stored;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Codec\Register\Column;
use Lumbro\Core\Codec\Register\Rows;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;
use Lumbro\Words\Words;

/** Every register from a file with whatever columns it has, and out again as one. */
final class RegisterController
{
    public function open(Request $request, string $register, Words $words): JsonResponse
    {
        $rows = new RegisterRows(Answer::user($request), $register);
        $file = RegisterFile::read($request->getContent());

        return Answer::json([
            'columns' => array_map(static fn(Column $column): array => ['id' => $column->id, 'label' => $column->label, 'kind' => $column->kind, 'required' => $column->required, 'choices' => $column->choices], $rows->columns()),
            'heading' => $file->heading,
            'rows' => $file->rows,
            'guess' => (object) $file->guess($rows->columns(), $words),
            'items' => self::whole($register, $file->items) ? $file->items : null,
        ]);
    }

    public function look(Request $request, string $register): JsonResponse
    {
        $body = Body::of($request, ['source', 'rows'], ['take']);
        $rows = array_map(static function (Node $row): array {
            $f = $row->fields([], ['cells', 'document']);

            return ['cells' => isset($f['cells']) ? array_map(static fn(Node $cell): string => $cell->raw() === '' ? '' : $cell->text(), $f['cells']->members()) : [], 'document' => $f['document'] ?? null];
        }, $body->node('rows')->fewItems(RegisterRows::MOST));

        return Answer::json((new RegisterRows(Answer::user($request), $register))->look($rows, $body->text('source', 120), $body->flag('take')));
    }

    public function export(Request $request, string $register, string $form): Response
    {
        $rows = Rows::of($register);
        $documents = self::documents(Answer::user($request)->shop_id, $register);
        $name = "$register.$form";
        if ($form === 'json') {
            $text = json_encode(['register' => $register, 'items' => array_map(static fn(array $one): mixed => $one[0]->raw(), $documents)], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

            return new Response($text, 200, ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"$name\""]);
        }
        $out = fopen('php://temp', 'w+b') ?: throw new \RuntimeException('No room for a temporary file.');
        $columns = array_map(static fn(Column $column): string => $column->id, $rows->columns());
        fputcsv($out, $columns, escape: '');
        foreach ($documents as [$document, $vins]) {
            $row = [...$rows->row($document), ...($vins === null ? [] : ['vins' => $vins])];
            // A text that a spreadsheet would run begins with a mark that says it is one.
            fputcsv($out, array_map(static fn(string $column): string => match (true) {
                is_float($row[$column] ?? null) => rtrim(rtrim(number_format($row[$column], 4, '.', ''), '0'), '.'),
                preg_match('/^[=+\-@\t\r]/', (string) ($row[$column] ?? '')) === 1 => "'" . $row[$column],
                default => (string) ($row[$column] ?? ''),
            }, $columns), escape: '');
        }
        rewind($out);

        return new Response("\u{feff}" . stream_get_contents($out), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    /** @param list<mixed> $items */
    private static function whole(string $register, array $items): bool
    {
        $rows = Rows::of($register);
        foreach ($items as $item) {
            try {
                $rows->check(Node::decoded($item));
            } catch (CoreFailure) {
                return false;
            }
        }

        return $items !== [];
    }

    /** @return list<array{Node, string|null}> each with its vehicle numbers, where it has any */
    private static function documents(string $shop, string $register): array
    {
        $node = static fn(string $json): Node => Node::parse($json);
        $part = ['rules-conditions' => 'conditions', 'rules-owed' => 'owed', 'rules-capture' => 'capture', 'rules-codes' => 'codes'][$register] ?? null;
        if ($part !== null) {
            $rules = DB::table('shop_rules')->where('shop_id', $shop)->value('document');

            return array_map(static fn(Node $rule): array => [$rule, null], Node::decoded(Stored::decoded(is_string($rules) ? $rules : '{}'))->member($part)?->items() ?? []);
        }
        $rows = match ($register) {
            'vehicles' => DB::table('vehicle_sheets')->where('practice', false)->where('newest', true)->orderBy('name')->select(['document', 'vins']),
            'kit' => DB::table('kit_items')->where('retired', false)->orderBy('item')->select(['document']),
            'bays' => DB::table('bays')->where('practice', false)->orderBy('name')->select(['document']),
            default => DB::table('procedure_cards')->where('practice', false)->where('newest', true)->orderBy('name')->select(['document']),
        };

        return array_values($rows->where('shop_id', $shop)->get()->map(static fn(\stdClass $row): array => [$node((string) $row->document), isset($row->vins) ? implode('; ', (array) json_decode((string) $row->vins, true)) : null])->all());
    }
}
