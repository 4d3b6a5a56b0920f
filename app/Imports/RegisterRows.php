<?php

declare(strict_types=1);

namespace App\Imports;

use App\Failure\Refusal;
use App\Models\KitItem as KitRow;
use App\Models\ProcedureCard as CardRow;
use App\Models\User;
use App\Records\CardRegister;
use App\Records\RulesBook;
use App\Records\VehicleRegister;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Codec\Register\Column;
use Lumbro\Core\Codec\Register\Rows;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Rows of a foreign file on their way into a register: each is looked at, and either all of them are taken in or none. */
final readonly class RegisterRows
{
    public const MOST = 500;

    /** Part of the rules → the field or fields that tell its rows apart. */
    private const RULES = ['rules-conditions' => ['conditions', ['id']], 'rules-owed' => ['owed', ['operation', 'at', 'kinds', 'behind']], 'rules-capture' => ['capture', ['id']], 'rules-codes' => ['codes', ['unit', 'code']]];

    private Rows $rows;

    public function __construct(private User $user, private string $register)
    {
        $this->rows = Rows::of($register);
    }

    /**
     * @param list<array{cells: array<string, string>, document: Node|null}> $rows
     * @param string $source what the file is called
     * @param bool   $take   whether they are taken in, where none is refused
     *
     * @return array{rows: list<array<string, mixed>>, taken: int|null}
     */
    public function look(array $rows, string $source, bool $take): array
    {
        $told = [];
        $read = [];
        $names = [];
        foreach ($rows as $row) {
            try {
                $document = $row['document'] ?? $this->rows->document($row['cells'], $source);
                $this->rows->check($document);
                $title = $this->rows->title($document);
                $clash = $this->clash($document, $title) ?? (isset($names[$this->key($document, $title)]) ? Message::of('register.twice', ['name' => $title]) : null);
                $names[$this->key($document, $title)] = true;
                $told[] = ['title' => $title, 'says' => $clash, 'path' => null];
                $read[] = [$document, $row['cells']];
            } catch (CoreFailure $failure) {
                $told[] = ['title' => null, 'says' => $failure->said, 'path' => $failure->path()];
            }
        }
        $refused = array_filter($told, static fn(array $row): bool => $row['says'] !== null);
        if (! $take || $refused !== [] || $read === []) {
            return ['rows' => $told, 'taken' => null];
        }
        DB::transaction(fn() => $this->take($read, $source));

        return ['rows' => $told, 'taken' => count($read)];
    }

    /** @return list<Column> */
    public function columns(): array
    {
        return $this->rows->columns();
    }

    /** What tells a row from another of the same register. */
    private function key(Node $document, string $title): string
    {
        if (isset(self::RULES[$this->register])) {
            return implode("\n", array_map(static fn(string $name): string => (string) json_encode($document->member($name)?->raw()), self::RULES[$this->register][1]));
        }

        return match ($this->register) {
            'kit', 'cards' => (string) $document->member('id')?->text(),
            default => mb_strtolower($title),
        };
    }

    /** What is in the register already: it is changed there and not from a file; rules are replaced by theirs. */
    private function clash(Node $document, string $title): ?Message
    {
        $shop = $this->user->shop_id;

        return match ($this->register) {
            'vehicles' => VehicleRegister::isKnown($this->user, $title) ? Message::of('vehicle.known', ['name' => $title]) : null,
            'kit' => KitRow::query()->where('shop_id', $shop)->where('item', $this->key($document, $title))->exists() ? Message::of('kit.id-used', ['id' => $this->key($document, $title)]) : null,
            'bays' => DB::table('bays')->where('shop_id', $shop)->where('practice', false)->where('name', $title)->exists() ? Message::of('bay.name-used', ['name' => $title]) : null,
            'cards' => CardRow::query()->where('shop_id', $shop)->where('practice', false)->where('document->id', $this->key($document, $title))->exists() ? Message::of('register.card-known', ['name' => $title]) : null,
            default => null,
        };
    }

    /** @param list<array{Node, array<string, string>}> $read */
    private function take(array $read, string $source): void
    {
        if (isset(self::RULES[$this->register])) {
            $this->rules(array_column($read, 0), $source);

            return;
        }
        foreach ($read as [$document, $cells]) {
            $json = (string) json_encode($document->raw(), JSON_THROW_ON_ERROR);
            match ($this->register) {
                'vehicles' => VehicleRegister::enter($this->user, Document::read(VehicleSheet::class, $document), self::patterns($cells['vins'] ?? ''), $source),
                'kit' => KitRow::query()->create(['shop_id' => $this->user->shop_id, 'item' => $this->key($document, ''), 'sort' => (string) $document->member('sort')?->text(), 'document' => $json]),
                'bays' => DB::table('bays')->insert(['shop_id' => $this->user->shop_id, 'id' => (string) Str::uuid7(), 'name' => $this->rows->title($document), 'document' => $json]),
                'cards' => CardRegister::insert($this->user, (string) Str::uuid7(), null, self::entered($json, $this->user->name), null),
                default => throw Refusal::notFound('register'),
            };
        }
    }

    /** @param list<Node> $documents */
    private function rules(array $documents, string $source): void
    {
        [$part, $keys] = self::RULES[$this->register];
        $now = RulesBook::now($this->user->shop_id, true);
        $list = $now['document']->{$part} ?? [];
        $of = static fn(mixed $rule): string => implode("\n", array_map(static fn(string $key): string => (string) json_encode(((array) $rule)[$key] ?? null), $keys));
        $new = array_map(static fn(Node $document): mixed => $document->raw(), $documents);
        $replaced = array_map($of, $new);
        // What the file names takes the place of the rule of that name, and comes before the more general ones.
        $now['document']->{$part} = [...$new, ...array_values(array_filter(is_array($list) ? $list : [], static fn(mixed $rule): bool => ! in_array($of($rule), $replaced, true)))];
        RulesBook::save($this->user, $now['version'], $now['document'], $source);
    }

    /** @return list<string> */
    private static function patterns(string $cell): array
    {
        return array_values(array_filter(array_map(static fn(string $one): string => strtoupper(trim($one)), preg_split('/[,;]/', $cell) ?: [])));
    }

    private static function entered(string $json, string $name): string
    {
        $card = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        assert($card instanceof \stdClass);
        unset($card->checkedBy);
        foreach ((array) ($card->values ?? []) as $value) {
            if ($value instanceof \stdClass) {
                unset($value->checkedBy);
            }
        }
        $card->enteredBy = $name;

        return (string) json_encode($card, JSON_THROW_ON_ERROR);
    }
}
