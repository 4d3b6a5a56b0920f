<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\ProcedureCard as CardRow;
use App\Models\User;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** How versions of procedure cards are put into the database. */
final class CardRegister
{
    /**
     * Adds a version; the one it follows is superseded, and kept.
     *
     * @param CardRow|null $after the version it follows; null for a new card
     */
    public static function insert(User $user, string $id, ?CardRow $after, string $document, ?string $checkedBy): void
    {
        $card = Document::read(ProcedureCard::class, Node::parse($document));
        if ($after !== null) {
            CardRow::query()->where('shop_id', $user->shop_id)->where('family', $after->family)->update(['newest' => false]);
        }
        CardRow::query()->insert([
            'shop_id' => $user->shop_id,
            'id' => $id,
            'family' => $after->family ?? $id,
            'version' => $after === null ? 1 : $after->version + 1,
            'newest' => true,
            'name' => $card->title,
            'document' => $document,
            'entered_by' => $user->id,
            'checked_by' => $checkedBy,
            'checked_at' => $card->isChecked() ? Moment::now() : null,
            'make' => mb_strtolower($card->fit->make ?? ''),
            'model' => mb_strtolower($card->fit->model ?? ''),
            'search' => mb_strtolower(trim("$card->title {$card->sensor->name} " . ($card->fit->make ?? '') . ' ' . ($card->fit->model ?? '') . " $card->source $card->targetName")),
        ]);
    }
}
