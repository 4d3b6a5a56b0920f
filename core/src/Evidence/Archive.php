<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/**
 * A repair order as one file for another installation: its sealed records, what its photos and tracks are, and the seal
 * over all of it. Taken in, every seal is checked and every record computed again.
 */
final readonly class Archive
{
    public const FORMAT = 'lumbro-archive/1';

    /** More than this no car has. */
    private const RECORDS = 32;

    /**
     * @param string                                                        $hash    seal of the whole, as it was found
     * @param array{shop: string, number: string, vehicle: string, plate: string, vin: string|null} $order
     * @param list<array{sensor: string, revision: int, sealedBy: string, sealedAt: string, hash: string, sealed: string|null, again: string|null, differences: list<string>, failure: string|null}> $records
     *                                                                      "sealed" and "again": the verdict in the file, and as it comes out now
     * @param list<string>                                                  $broken  what does not fit its seal, in words; empty where all is as it was sealed
     * @param list<array{hash: string, about: string, type: string, isHere: bool}> $photos  whether a photo's bytes came along
     */
    private function __construct(public string $hash, public array $order, public array $records, public array $broken, public array $photos) {}

    /**
     * The file an order leaves the house as.
     *
     * @param array<string, mixed>       $order   number, vehicle, plate, vin, shop, openedAt
     * @param list<array<string, mixed>> $records sealed records as their own files have them, oldest first
     * @param list<array<string, mixed>> $photos  id, hash, about, sensor, type
     * @param list<array<string, mixed>> $lines   the order's own record
     * @param array<string, string>      $files   hash of a photo's bytes → the bytes
     *
     * @return array<string, mixed>
     */
    public static function document(array $order, array $records, array $photos, array $lines, array $files): array
    {
        $content = json_decode((string) json_encode(['order' => $order, 'records' => $records, 'photos' => $photos, 'lines' => $lines], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 128, JSON_THROW_ON_ERROR);

        return ['format' => self::FORMAT, 'content' => $content, 'seal' => ['algorithm' => 'SHA-256', 'form' => 'RFC 8785', 'hash' => Seal::of($content)->hash], 'files' => (object) array_map(base64_encode(...), $files)];
    }

    /**
     * Reads an archive, checks its seals and computes its records again.
     *
     * @throws InvalidInput where the text is no archive at all
     */
    public static function read(string $json): self
    {
        $f = Node::parse($json)->fields(['format', 'content', 'seal'], ['files']);
        $f['format']->oneOf([self::FORMAT]);
        $stated = self::seal($f['seal']);
        $c = $f['content']->fields(['order', 'records', 'photos', 'lines']);
        $o = $c['order']->fields(['shop', 'number', 'vehicle', 'plate', 'vin', 'openedAt']);
        $found = Seal::read($f['content'])->hash;
        $broken = $found === $stated ? [] : ['The archive does not fit its seal: something in it was changed.'];
        $records = [];
        $seen = [];
        foreach ($c['records']->fewItems(self::RECORDS) as $i => $record) {
            [$read, $fits] = self::record($record);
            if (isset($seen["{$read['sensor']} {$read['revision']}"])) {
                throw InvalidInput::because($record->path(), sprintf('is a second record of revision %d of the sensor "%s".', $read['revision'], $read['sensor']));
            }
            $seen["{$read['sensor']} {$read['revision']}"] = true;
            if (! $fits) {
                $broken[] = sprintf('Record %d (%s, revision %d) does not fit its seal: something in it was changed.', $i + 1, $read['sensor'], $read['revision']);
            }
            $records[] = $read;
        }
        $photos = [];
        foreach ($c['photos']->fewItems(1_000) as $photo) {
            $p = $photo->fields(['id', 'hash', 'about', 'sensor', 'type', 'person', 'at']);
            $photos[$p['hash']->line(64)] = ['hash' => $p['hash']->text(), 'about' => $p['about']->line(80), 'type' => $p['type']->oneOf(['image/jpeg', 'image/png', 'image/webp']), 'isHere' => false];
        }
        foreach (isset($f['files']) ? $f['files']->members() : [] as $hash => $file) {
            if (! isset($photos[$hash])) {
                throw InvalidInput::because($file->path(), 'is a file that no photo of the archive names.');
            }
            $photos[$hash]['isHere'] = true;
            if (hash('sha256', (string) base64_decode($file->text(), true)) !== $hash) {
                $broken[] = sprintf('The photo %s… is not the one that was sealed.', substr($hash, 0, 12));
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
            $broken,
            array_values($photos),
        );
    }

    /** Whether it is as it was sealed, and every record comes out as it was sealed. */
    public function holds(): bool
    {
        return $this->broken === [] && array_filter($this->records, static fn(array $record): bool => $record['failure'] !== null || $record['differences'] !== []) === [];
    }

    /** @return array{array{sensor: string, revision: int, sealedBy: string, sealedAt: string, hash: string, sealed: string|null, again: string|null, differences: list<string>, failure: string|null}, bool} */
    private static function record(Node $node): array
    {
        $f = $node->fields(['format', 'record', 'seal']);
        $f['format']->oneOf([Seal::FORMAT]);
        $stated = self::seal($f['seal']);
        $r = $f['record']->fields(['shop', 'order', 'sealedBy', 'sealedAt', 'revision', 'follows', 'handover', 'basis', 'entries', 'result']);
        $sensor = $r['basis']->member('sensor') ?? throw InvalidInput::missing($r['basis']->path(), 'sensor');
        $again = null;
        $differences = [];
        $failure = null;
        try {
            $computed = Recomputation::of($f['record']);
            $again = $computed->state->run->log->sentBack !== null ? 'sent-back' : $computed->state->run->finding?->verdict()->value;
            $differences = $computed->differences;
        } catch (CoreFailure $caught) {
            $failure = $caught->getMessage();
        }

        return [[
            'sensor' => $sensor->id(),
            'revision' => (int) $r['revision']->between(1, 10_000),
            'sealedBy' => $r['sealedBy']->line(120),
            'sealedAt' => $r['sealedAt']->line(40),
            'hash' => $stated,
            'sealed' => self::verdict($r['result']),
            'again' => $again,
            'differences' => $differences,
            'failure' => $failure,
        ], Seal::read($f['record'])->hash === $stated];
    }

    private static function verdict(Node $result): ?string
    {
        $run = $result->isObject() ? $result->member('run') : null;
        if ($run === null || ! $run->isObject()) {
            return null;
        }
        $back = $run->member('sentBack');
        if ($back !== null && $back->isObject()) {
            return 'sent-back';
        }
        $finding = $run->member('finding');

        return $finding !== null && $finding->isObject() ? $finding->member('verdict')?->line(40) : null;
    }

    private static function seal(Node $node): string
    {
        $f = $node->fields(['algorithm', 'form', 'hash']);
        $f['algorithm']->oneOf(['SHA-256']);
        $f['form']->oneOf(['RFC 8785']);
        $hash = $f['hash']->text();

        return preg_match('/^[0-9a-f]{64}$/', $hash) === 1 ? $hash : throw InvalidInput::because($f['hash']->path(), 'must be a SHA-256 in 64 small hexadecimal digits.');
    }
}
