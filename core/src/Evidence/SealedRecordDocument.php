<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Version;

/** A task's record as it is sealed: its journal, what it rests on, and the facts that came of them. */
final class SealedRecordDocument
{
    public const EDITION = 3;

    /**
     * @param array<string, mixed> $facts of the sealed state
     * @param RuleSet              $rules it was judged by
     * @param array{shop: string, order: array{number: string, vehicle: string, plate: string}, sealedBy: string, sealedAt: string, revision: int, follows: string|null, handover: array{name: string, reason: string}|null} $head
     * @param array<string, mixed>                                                                                $basis    what it rests on, but for the order's journal and this program's version
     * @param list<OrderLine>                                                                                     $order    the order's journal
     * @param list<Line>                                                                                          $task     the task's journal
     * @param array{photos: list<array<string, mixed>>, tracks: list<array<string, mixed>>}                       $evidence hashes of what the order keeps beside its journal
     *
     * @return array<string, mixed>
     */
    public static function write(array $facts, RuleSet $rules, array $head, array $basis, array $order, array $task, array $evidence): array
    {
        return [
            ...$head,
            'rules' => $rules->value,
            'basis' => ['core' => Version::NUMBER, ...$basis],
            'journal' => [
                'order' => Chain::link(array_map(static fn(OrderLine $line): array => $line->written(), $order)),
                'task' => Chain::link(array_map(static fn(Line $line): array => $line->written(), $task)),
            ],
            'evidence' => $evidence,
            'facts' => $facts,
        ];
    }
}
