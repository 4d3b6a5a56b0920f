<?php

declare(strict_types=1);

namespace App\Imports;

use App\Models\ProcedureCard as CardRow;
use App\Models\User;
use App\Records\CardRegister;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Takes in procedure cards as a JSON file: one card, or a list of them under "cards". Each becomes a version that somebody else checks. */
final readonly class CardImport implements ImportKind
{
    private const MOST_CARDS = 2000;

    public function __construct(private User $user) {}

    public function step(ImportFile $file, float $until): void
    {
        $cards = self::cards(Node::parse((string) file_get_contents($file->path())));
        while ($file->row->rows < count($cards) && microtime(true) < $until) {
            $node = $cards[$file->row->rows];
            $file->row->rows++;
            $file->row->place = intdiv($file->row->size * $file->row->rows, count($cards));
            try {
                $card = Document::read(ProcedureCard::class, $node);
                if ($file->hasStaged($card->id)) {
                    throw InvalidInput::because($node->path() . '/id', 'card.second', ['card' => $card->id]);
                }
                $file->stage($file->row->rows, $card->id, [
                    'preview' => ['title' => $card->title, 'text' => trim(($card->fit->make ?? '') . ' ' . ($card->fit->model ?? '')) . ", $card->source", 'understood' => [], 'open' => []],
                    'card' => $node->raw(),
                ]);
            } catch (CoreFailure $failure) {
                $file->complain(Message::of('import.card', ['row' => (int) $file->row->rows, 'why' => $failure->said]), $failure->path());
            }
        }
        if ($file->row->rows === count($cards)) {
            $file->row->place = $file->row->size;
            $file->row->state = $file->row->refused > 0 ? 'refused' : 'ready';
        }
    }

    public function take(ImportFile $file): int
    {
        $count = 0;
        foreach ($file->staged()->orderBy('row')->cursor() as $staged) {
            $card = json_decode($staged->document, false, 64, JSON_THROW_ON_ERROR)->card;
            unset($card->checkedBy);
            $card->enteredBy = $this->user->name;
            CardRegister::insert($this->user, (string) Str::uuid7(), self::newest($this->user, $staged->key), (string) json_encode($card), null);
            $count++;
        }

        return $count;
    }

    private static function newest(User $user, string $card): ?CardRow
    {
        return CardRow::query()->where('shop_id', $user->shop_id)->where('newest', true)->where('practice', false)->where('document->id', $card)->first();
    }

    /** @return list<Node> */
    private static function cards(Node $node): array
    {
        if (! $node->isObject() || $node->member('cards') === null) {
            return [$node];
        }
        $cards = $node->fields(['cards'])['cards']->fewItems(self::MOST_CARDS);

        return $cards === [] ? throw InvalidInput::because('/cards', 'cards.none') : $cards;
    }
}
