<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Record\OrderJournal;

/**
 * A repair order as one file for another installation: its sealed records, what its photos and tracks are, and the seal
 * over all of it. Taken in, every seal is checked and every record computed again.
 */
final readonly class Archive
{
    public const FORMAT = 'lumbro-archive/2';

    /** Without the tracks of its drives, its journal not chained. */
    private const EARLIER = 'lumbro-archive/1';

    /** More than this no car has. */
    private const RECORDS = 32;

    /**
     * @param string                                                        $hash    seal of the whole, as it was found
     * @param array{shop: string, number: string, vehicle: string, plate: string, vin: string|null} $order
     * @param list<array{edition: int, sensor: string, revision: int, sealedBy: string, sealedAt: string, hash: string, sealed: string|null, again: string|null, differences: list<string>, refused: list<array{line: string, kind: string, says: Message}>, failure: Message|null}> $records
     *                                                                      "sealed" and "again": the verdict in the file, and as it comes out now
     * @param list<SealedFile> $files   the same records, taken apart
     * @param SignedEntry|null $signature the entry of a seal book about the whole
     * @param list<Message> $broken what does not fit its seal; empty where all is as it was sealed
     * @param list<array{hash: string, about: string, type: string, isHere: bool}> $photos  whether a photo's bytes came along
     */
    private function __construct(public string $hash, public array $order, public array $records, public array $files, public ?SignedEntry $signature, public array $broken, public array $photos) {}

    /**
     * The file an order leaves the house as.
     *
     * @param array<string, mixed>       $order   number, vehicle, plate, vin, shop, openedAt
     * @param list<array<string, mixed>> $records sealed records as their own files have them, oldest first
     * @param list<array<string, mixed>> $photos  id, hash, about, sensor, type
     * @param list<array<string, mixed>> $lines   the order's own journal
     * @param list<array<string, mixed>> $tracks  id and hash of each drive's track
     * @param array<string, string>      $files   hash of a photo's bytes → the bytes
     * @param (\Closure(mixed, string): (SignedEntry|null))|null $sign finds who vouches for the content, given it and its hash
     *
     * @return array<string, mixed>
     */
    public static function document(array $order, array $records, array $photos, array $lines, array $tracks, array $files, ?\Closure $sign = null): array
    {
        $content = json_decode((string) json_encode(['order' => $order, 'records' => $records, 'photos' => $photos, 'tracks' => $tracks, 'lines' => Chain::link($lines)], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 128, JSON_THROW_ON_ERROR);

        $hash = Seal::of($content)->hash;

        return ['format' => self::FORMAT, 'content' => $content, 'seal' => ['algorithm' => 'SHA-256', 'form' => 'RFC 8785', 'hash' => $hash, 'signature' => $sign === null ? null : $sign($content, $hash)?->document()], 'files' => (object) array_map(base64_encode(...), $files)];
    }

    /**
     * Reads an archive, checks its seals and computes its records again.
     *
     * @throws InvalidInput where the text is no archive at all
     */
    public static function read(string $json): self
    {
        $f = Node::parse($json)->fields(['format', 'content', 'seal'], ['files']);
        $isEarlier = $f['format']->oneOf([self::FORMAT, self::EARLIER]) === self::EARLIER;
        $stated = Seal::stated($f['seal']);
        $c = $f['content']->fields(['order', 'records', 'photos', 'lines', ...($isEarlier ? [] : ['tracks'])]);
        $o = $c['order']->fields(['shop', 'number', 'vehicle', 'plate', 'vin', 'openedAt']);
        $found = Seal::read($f['content'])->hash;
        $broken = $found === $stated ? [] : [Message::of('archive.changed')];
        $records = [];
        $files = [];
        $seen = [];
        foreach ($c['records']->fewItems(self::RECORDS) as $i => $record) {
            $file = SealedFile::read($record);
            $read = self::record($file);
            if (isset($seen["{$read['sensor']} {$read['revision']}"])) {
                throw InvalidInput::because($record->path(), 'archive.second-record', ['revision' => $read['revision'], 'sensor' => $read['sensor']]);
            }
            $seen["{$read['sensor']} {$read['revision']}"] = true;
            if ($file->breaks !== []) {
                $broken[] = Message::of('archive.chain-broken', ['number' => $i + 1, 'sensor' => $read['sensor'], 'revision' => $read['revision'], 'count' => count($file->breaks)]);
            }
            if ($file->stated !== $file->found) {
                $broken[] = Message::of('archive.record-changed', ['number' => $i + 1, 'sensor' => $read['sensor'], 'revision' => $read['revision']]);
            }
            $records[] = $read;
            $files[] = $file;
        }
        $breaks = $isEarlier ? [] : Chain::breaks($c['lines']->fewItems(OrderJournal::MOST));
        if ($breaks !== []) {
            $broken[] = Message::of('archive.lines-broken', ['count' => count($breaks)]);
        }
        foreach (isset($c['tracks']) ? $c['tracks']->fewItems(100) : [] as $track) {
            $t = $track->fields(['id', 'hash']);
            $t['id']->line(60);
            $t['hash']->line(64);
        }
        $photos = [];
        foreach ($c['photos']->fewItems(1_000) as $photo) {
            $p = $photo->fields(['id', 'hash', 'about', 'sensor', 'type', 'person', 'at']);
            $photos[$p['hash']->line(64)] = ['hash' => $p['hash']->text(), 'about' => $p['about']->line(80), 'type' => $p['type']->oneOf(['image/jpeg', 'image/png', 'image/webp']), 'isHere' => false];
        }
        foreach (isset($f['files']) ? $f['files']->members() : [] as $hash => $file) {
            if (! isset($photos[$hash])) {
                throw InvalidInput::because($file->path(), 'archive.stray-file');
            }
            $photos[$hash]['isHere'] = true;
            if (hash('sha256', (string) base64_decode($file->text(), true)) !== $hash) {
                $broken[] = Message::of('archive.photo-changed', ['photo' => substr($hash, 0, 12)]);
            }
        }

        return new self(
            $found,
            [
                'shop' => $o['shop']->line(200),
                'number' => $o['number']->line(40),
                'vehicle' => $o['vehicle']->line(120),
                'plate' => trim($o['plate']->text()) === '' ? '' : $o['plate']->line(20),
                'vin' => $o['vin']->raw() === null ? null : $o['vin']->line(40),
            ],
            $records,
            $files,
            Seal::signature($f['seal']),
            $broken,
            array_values($photos),
        );
    }

    /** Whether it is as it was sealed, and every record comes out as it was sealed. */
    public function holds(): bool
    {
        return $this->broken === [] && array_filter($this->records, static fn(array $record): bool => $record['failure'] !== null || $record['differences'] !== [] || $record['refused'] !== []) === [];
    }

    /** @return array{edition: int, sensor: string, revision: int, sealedBy: string, sealedAt: string, hash: string, sealed: string|null, again: string|null, differences: list<string>, refused: list<array{line: string, kind: string, says: Message}>, failure: Message|null} */
    private static function record(SealedFile $file): array
    {
        $record = $file->record;

        return [
            'edition' => $record->edition,
            'sensor' => $record->sensor(),
            'revision' => $record->revision(),
            'sealedBy' => $record->fields['sealedBy']->line(120),
            'sealedAt' => $record->fields['sealedAt']->line(40),
            'hash' => $file->stated,
            'sealed' => $record->verdict(),
            'again' => $file->again,
            'differences' => $file->differences,
            'refused' => $file->refused,
            'failure' => $file->failure,
        ];
    }
}
