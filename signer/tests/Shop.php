<?php

declare(strict_types=1);

namespace Lumbro\Signer\Tests;

use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealBook;
use Lumbro\Core\Evidence\SealedRecordDocument;
use Lumbro\Core\Evidence\SignedEntry;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\SealedTask;
use Lumbro\Signer\Home;
use Lumbro\Signer\Signing;

/** A shop with a signing service of its own, in a folder that goes with it. */
final class Shop
{
    public const ID = '01980000-0000-7000-8000-000000000001';

    public readonly Home $home;

    public readonly Signing $signing;

    public readonly string $folder;

    public int $second = 0;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir() . '/lumbro-signer-' . bin2hex(random_bytes(6));
        $this->home = new Home($this->folder, self::ID);
        $this->signing = new Signing($this->home, fn(): string => sprintf('2026-11-25T10:%02d:%02d.000Z', intdiv($this->second, 60), $this->second++ % 60));
    }

    public function gone(): void
    {
        foreach (glob("$this->folder/*/*") ?: [] as $file) {
            unlink($file);
        }
        foreach ([...(glob("$this->folder/*") ?: []), $this->folder] as $folder) {
            is_dir($folder) && rmdir($folder);
        }
    }

    /** @param array<string, mixed> $with */
    public function ask(string $do, array $with, mixed $known = null): SignedEntry
    {
        $answer = $this->signing->answer($do, ['known' => Node::decoded($known), ...array_map(Node::decoded(...), $with)]);

        return SignedEntry::read(Node::decoded(json_decode((string) json_encode($answer['signed']))));
    }

    /** The demo's record of an order, as it is sealed. */
    public static function record(string $number, float $azimuth, ?string $follows = null): \stdClass
    {
        $record = SealedTask::record($azimuth);
        SealedTask::put($record, '/order/number', $number);
        SealedTask::put($record, '/revision', $follows === null ? 1 : 2);
        SealedTask::put($record, '/follows', $follows);

        return $record;
    }

    /** A record's file, signed or as it is given. */
    public static function file(\stdClass $record, ?SignedEntry $signed): string
    {
        return (string) json_encode(Seal::of($record)->document($record, SealedRecordDocument::EDITION, $signed), JSON_THROW_ON_ERROR);
    }

    /**
     * An archive's file.
     *
     * @param list<array{\stdClass, SignedEntry|null}> $records
     * @param (\Closure(mixed, string): (SignedEntry|null))|null $sign
     */
    public static function archive(string $number, array $records, ?\Closure $sign = null, string $note = 'the label'): string
    {
        return (string) json_encode(Archive::document(
            ['shop' => 'Copper Lane Body Works', 'number' => $number, 'vehicle' => 'Quillon Sable', 'plate' => 'CL 2471 K', 'vin' => null, 'openedAt' => '2026-11-25T06:00:00.000Z'],
            array_map(static fn(array $one): array => Seal::of($one[0])->document($one[0], SealedRecordDocument::EDITION, $one[1]), $records),
            [['id' => 'p1', 'hash' => hash('sha256', 'a picture'), 'about' => $note, 'sensor' => 'front', 'type' => 'image/jpeg', 'person' => 'Ilse', 'at' => 'now']],
            [['id' => 'l1', 'kind' => 'note', 'text' => 'one'], ['id' => 'l2', 'kind' => 'note', 'text' => 'two'], ['id' => 'l3', 'kind' => 'note', 'text' => 'three']],
            [],
            [],
            $sign,
        ), JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /** @return list<SignedEntry> */
    public function entries(): array
    {
        return $this->home->after(0, 1_000);
    }

    /** @param list<SignedEntry> $entries */
    public static function book(array $entries): SealBook
    {
        return SealBook::read(Node::parse((string) json_encode(SealBook::document('Copper Lane Body Works', array_map(static fn(SignedEntry $one): array => $one->document(), $entries)))));
    }
}
