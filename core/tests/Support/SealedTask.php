<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealedFacts;
use Lumbro\Core\Evidence\SealedRecordDocument;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Work\TaskBasis;
use Lumbro\Core\Work\TaskState;

/** The demo's front radar, set up, read and sealed: the record as it leaves the house, made of the core alone. */
final class SealedTask
{
    /** What puts the demo's target on its spot. */
    public const PLACED = ['spot-offset' => 0.0, 'spot-along' => 1840.0, 'split' => 0.0, 'height' => 642.0, 'hub-left' => 2861.0, 'hub-right' => 2861.0];

    /** @return \stdClass the decoded record */
    public static function record(float $azimuth = 0.05, int $revision = 1): \stdClass
    {
        $order = (new DemoOrder())->done('front-cover-removed')->cover('front', false);
        foreach ($order->state()->captures as $capture) {
            $order->note('capture', ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'reason' => 'not on this car']);
        }
        foreach ($order->state()->conditions as $condition) {
            $order->note('condition', ['item' => $condition->condition->id, 'answer' => 'yes', ...($condition->sensor === null ? [] : ['sensor' => $condition->sensor])]);
        }
        foreach (DemoTask::floor('front') as $place => $read) {
            $order->note('floor', ['place' => $place, 'typed' => $read->typed]);
        }
        $entries = (new DemoTask())->prepared()->settled(self::PLACED)->routine()->run($azimuth)->run($azimuth)->back()->entries;
        $context = $order->context();
        $card = $context->cards['front'] ?? throw new \LogicException('The demo has a card for the front radar.');
        $bay = DemoTask::node('bays.json')->items()[0];
        $state = new TaskState(TaskBasis::of($order->state(), 'front', $card, $order->state()->kit() ?? throw new \LogicException('The demo kit is whole.'), Document::read(Bay::class, $bay), [24.1]), $entries);
        $cards = [];
        foreach (array_keys($context->cards) as $sensor) {
            $cards[$sensor] = $sensor === 'front' ? DemoTask::node('cards/quillon-sable-front.json')->raw() : DemoTask::node('cards/quillon-sable-rear.json')->raw();
        }
        $record = SealedRecordDocument::write(SealedFacts::of(TaskStateDocument::write(new Standing($state))), $state->context->rules, [
            'shop' => 'Copper Lane Body Works',
            'order' => ['number' => '2471', 'vehicle' => 'Quillon Sable', 'plate' => 'CL 2471 K'],
            'sealedBy' => 'Ilse Corrant',
            'sealedAt' => '2026-11-25T10:00:00.000Z',
            'revision' => $revision,
            'follows' => $revision === 1 ? null : str_repeat('a', 64),
            'handover' => null,
        ], [
            'sensor' => 'front',
            'today' => $order->today,
            'vehicle' => DemoTask::node('vehicles/quillon-sable.json')->raw(),
            'cards' => $cards,
            'rules' => DemoTask::defaults('shop-rules.json')->raw(),
            'register' => DemoTask::node('kit.json')->raw(),
            'bay' => $bay->raw(),
            'earlierLevels' => [24.1],
        ], $order->entries, $entries, ['photos' => [], 'tracks' => []]);
        $decoded = json_decode((string) json_encode($record, JSON_THROW_ON_ERROR), false, 128, JSON_THROW_ON_ERROR);

        return $decoded instanceof \stdClass ? $decoded : throw new \LogicException('A record is an object.');
    }

    /** @return array<string, mixed> what the command "state" takes */
    public static function basisAndJournal(): array
    {
        $record = self::record();

        return ['basis' => $record->basis, 'journal' => $record->journal, 'parts' => ['order', 'task', 'survey', 'schools', 'stakeOut', 'seal']];
    }

    /**
     * @param list<array<string, mixed>> $wishes
     *
     * @return array{basis: mixed, journal: array{order: list<\stdClass>, task: list<\stdClass>}, role: string, byHand: bool, ruleSet: string, wishes: list<array<string, mixed>>} what the command "carry" takes: the same task, as a device has it
     */
    public static function carried(array $wishes): array
    {
        $record = self::record();
        /** @var array{order: list<\stdClass>, task: list<\stdClass>} $journal */
        $journal = (array) $record->journal;

        return ['basis' => $record->basis, 'journal' => $journal, 'role' => 'technician', 'byHand' => true, 'ruleSet' => RuleSet::NOW->value, 'wishes' => $wishes];
    }

    /** Puts a value in the place a JSON Pointer names. */
    public static function put(\stdClass $record, string $pointer, mixed $value): void
    {
        $at = &self::place($record, $pointer);
        $at = $value;
    }

    public static function get(\stdClass $record, string $pointer): mixed
    {
        return self::place($record, $pointer);
    }

    private static function &place(\stdClass $record, string $pointer): mixed
    {
        $at = &$record;
        foreach (explode('/', substr($pointer, 1)) as $escaped) {
            $key = strtr($escaped, ['~1' => '/', '~0' => '~']);
            if ($at instanceof \stdClass) {
                $at = &$at->{$key};
            } elseif (is_array($at)) {
                $at = &$at[(int) $key];
            } else {
                throw new \LogicException("There is no place $pointer.");
            }
        }

        return $at;
    }

    /** @param list<\stdClass> $records */
    public static function archive(array $records): string
    {
        return (string) json_encode(Archive::document(
            ['shop' => 'Copper Lane Body Works', 'number' => '2471', 'vehicle' => 'Quillon Sable', 'plate' => 'CL 2471 K', 'vin' => null, 'openedAt' => '2026-11-25T06:00:00.000Z'],
            array_map(static fn(\stdClass $record): array => Seal::of($record)->document($record, SealedRecordDocument::EDITION), $records),
            [['id' => 'p1', 'hash' => hash('sha256', 'a picture'), 'about' => 'the label', 'sensor' => 'front', 'type' => 'image/jpeg', 'person' => 'Ilse', 'at' => 'now']],
            [],
            [],
            [hash('sha256', 'a picture') => 'a picture'],
        ), JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
