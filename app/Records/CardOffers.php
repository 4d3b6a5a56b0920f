<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** For each sensor of an order that is not sealed: the newest checked card for it, where it is not the one it has. */
final class CardOffers
{
    /** @return list<array{sensor: string, card: string, title: string, edition: string, version: int}> */
    public static function of(OrderFile $file): array
    {
        $sheet = $file->journal->context->sheet;
        $rows = DB::table('procedure_cards')
            ->where('shop_id', $file->row->shop_id)
            ->where('make', mb_strtolower($sheet->make))
            ->where('model', mb_strtolower($sheet->model))
            ->when(! $file->isInvented(), static fn($query) => $query->where('practice', false))
            ->whereNotNull('checked_at')
            ->orderByDesc('checked_at')
            ->orderByDesc('version')
            ->get(['id', 'document', 'version']);
        $offers = [];
        foreach ($file->tasks as $task) {
            foreach ($task->hash === null ? $rows : [] as $row) {
                $card = Document::read(ProcedureCard::class, Node::parse($row->document));
                if ($card->fit?->covers($sheet, $task->sensor) === true) {
                    if ($row->id !== $task->card_id) {
                        $offers[] = ['sensor' => $task->sensor, 'card' => $row->id, 'title' => $card->title, 'edition' => $card->edition, 'version' => (int) $row->version];
                    }
                    break;
                }
            }
        }

        return $offers;
    }
}
