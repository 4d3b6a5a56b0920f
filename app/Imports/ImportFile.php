<?php

declare(strict_types=1);

namespace App\Imports;

use App\Failure\Refusal;
use App\Models\Import;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/** A file that is being taken in: its row in the database, its bytes, and what has been found in it so far. */
final class ImportFile
{
    public const MOST_BYTES = 20 * 1024 * 1024;

    /** As many complaints as are kept; the rest are counted. */
    private const COMPLAINTS = 60;

    private function __construct(public readonly Import $row) {}

    /** @throws Refusal where it is too large or of an unknown kind */
    public static function begin(User $user, string $id, string $kind, string $name, string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Refusal::field('/file', Message::of('file.too-large', ['most' => 20]));
        }
        if ($bytes === '') {
            throw Refusal::field('/file', Message::of('file.empty'));
        }
        $row = Import::query()->where('shop_id', $user->shop_id)->where('id', $id)->first();
        if ($row === null) {
            @mkdir(self::folder(), 0o770, true);
            file_put_contents(self::folder() . "/$id", $bytes);
            Import::query()->insert([
                'shop_id' => $user->shop_id, 'id' => $id, 'user_id' => $user->id, 'kind' => $kind, 'name' => mb_substr($name, 0, 120), 'state' => 'reading', 'size' => strlen($bytes),
            ]);
        }

        return self::open($user, $id);
    }

    /** @throws Refusal where this person has no such import */
    public static function open(User $user, string $id, bool $forWriting = false): self
    {
        $row = Import::query()
            ->where('shop_id', $user->shop_id)
            ->where('id', $id)
            ->where('user_id', $user->id)
            ->when($forWriting, static fn($query) => $query->lockForUpdate())
            ->first();

        return new self($row ?? throw Refusal::notFound('import'));
    }

    public function path(): string
    {
        return self::folder() . '/' . $this->row->id;
    }

    /** A complaint about a place in the file; the file as a whole is refused once it has been read to its end. */
    public function complain(Message $message, ?string $path): void
    {
        $errors = $this->errors();
        if (count($errors) < self::COMPLAINTS) {
            $errors[] = ['says' => $message, 'path' => $path];
        }
        $this->row->errors = (string) json_encode($errors, JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
        $this->row->refused++;
    }

    /** @param array<string, mixed> $document */
    public function stage(int $row, string $key, array $document): void
    {
        DB::table('import_rows')->insert([
            'shop_id' => $this->row->shop_id, 'import_id' => $this->row->id, 'row' => $row, 'key' => $key, 'document' => json_encode($document, JSON_THROW_ON_ERROR),
        ]);
    }

    public function hasStaged(string $key): bool
    {
        return $this->staged()->where('key', $key)->exists();
    }

    public function staged(): \Illuminate\Database\Query\Builder
    {
        return DB::table('import_rows')->where('shop_id', $this->row->shop_id)->where('import_id', $this->row->id);
    }

    public function save(): void
    {
        Import::query()->where('shop_id', $this->row->shop_id)->where('id', $this->row->id)->update(array_intersect_key(
            $this->row->getAttributes(),
            array_flip(['state', 'place', 'rows', 'refused', 'heading', 'errors']),
        ));
    }

    /** Nothing of it stays. */
    public function cancel(): void
    {
        Import::query()->where('shop_id', $this->row->shop_id)->where('id', $this->row->id)->delete();
        @unlink($this->path());
    }

    /** @return array<string, mixed> */
    public function progress(): array
    {
        return [
            'id' => $this->row->id,
            'kind' => $this->row->kind,
            'name' => $this->row->name,
            'state' => $this->row->state,
            'size' => $this->row->size,
            'place' => min($this->row->place, $this->row->size),
            'rows' => $this->row->rows,
            'found' => $this->staged()->count(),
            'refused' => $this->row->refused,
            'errors' => $this->errors(),
            'preview' => $this->staged()->orderBy('row')->limit(30)->pluck('document')->map(static fn(string $document): mixed => json_decode($document, true)['preview'] ?? null)->all(),
        ];
    }

    /** @return list<array{says: mixed, path: string|null}> */
    private function errors(): array
    {
        $errors = json_decode((string) $this->row->errors, true);

        return is_array($errors) ? array_values($errors) : [];
    }

    private static function folder(): string
    {
        return storage_path('imports');
    }
}
