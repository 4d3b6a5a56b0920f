<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Shop;
use App\Photos\PhotoStore;
use App\Records\DrivePage;
use App\Records\OrderFile;
use App\Records\OrderPage;
use App\Records\TaskFile;
use App\Signing\SealBooks;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\View;
use Lumbro\Core\Evidence\BookEntry;
use Lumbro\Core\Evidence\EntryKind;
use Lumbro\Core\Facts\RecordFacts;
use Lumbro\Core\Version;

/** An order as a report shows it: what was sealed of each sensor as it was sealed, what is still open as it stands. */
final readonly class OrderReport
{
    /** More photos than this would make a report nobody can send. */
    private const PHOTOS = 24;

    public function __construct(private QrCode $qr, private SealBooks $books) {}

    /**
     * The report as one page of HTML that needs nothing from anywhere else.
     *
     * @param string|null $madeAt the moment that it says it was made at; none where it is null
     */
    public function html(OrderFile $file, ReportKind $kind, ?string $madeAt): string
    {
        $paper = Paper::of(Shop::query()->findOrFail($file->row->shop_id));

        return View::make('report.page', [...$this->data($file, $kind, $paper), 'madeAt' => $madeAt, 'paper' => $paper, 'font' => base64_encode((string) file_get_contents(resource_path('fonts/atkinson-hyperlegible-next-latin-wght-normal.woff2')))])->render();
    }

    /** What its file is called. */
    public static function name(OrderFile $file, ReportKind $kind, string $ending): string
    {
        return sprintf('lumbro-%s-%s.%s', preg_replace('/[^\w-]/', '', $file->row->number), $kind->value, $ending);
    }

    /** @return array<string, mixed> */
    private function data(OrderFile $file, ReportKind $kind, Paper $paper): array
    {
        /** @var array{sensors: mixed, closing: list<array{left: mixed, ...}>, ...} $order */
        $order = $paper->words->worded(OrderPage::of($file));
        $tasks = [];
        foreach ($file->tasks as $task) {
            $tasks[$task->sensor] = $task;
        }

        return [
            'kind' => $kind,
            'shop' => Shop::query()->findOrFail($file->row->shop_id)->name,
            'order' => $order,
            'sensors' => array_map(fn(array $sensor): array => $this->sensor($file, $sensor, $tasks[$sensor['id']] ?? null, $paper), is_array($order['sensors']) ? array_values($order['sensors']) : []),
            'open' => array_values(array_filter($order['closing'], static fn(array $item): bool => $item['left'] === null)),
            'left' => array_values(array_filter($order['closing'], static fn(array $item): bool => $item['left'] !== null)),
            'drives' => $kind->hasEvidence() ? $paper->words->worded(DrivePage::of($file)['drives']) : [],
            'photos' => $kind->hasEvidence() ? self::photos($file) : [],
            'photoCount' => count($file->state()->record->photos),
            'core' => Version::NUMBER,
            'book' => self::book($this->books->last($file->row->shop_id)),
        ];
    }

    /**
     * @param array<string, mixed> $sensor as the order's page has it
     *
     * @return array<string, mixed>
     */
    private function sensor(OrderFile $file, array $sensor, ?\stdClass $task, Paper $paper): array
    {
        $sealed = $task?->hash === null ? null : DB::table('sealed_records')->where('shop_id', $file->row->shop_id)->where('sensor_task_id', $task->id)->where('hash', $task->hash)->first(['record', 'hash', 'revision', 'outcome']);
        $record = $sealed === null ? null : json_decode($sealed->record, true, 128, JSON_THROW_ON_ERROR);
        $state = $sealed !== null && is_array($record) ? SealedView::of($sealed->record) : self::live($file, $task);
        $plan = is_array($state['plan'] ?? null) ? $state['plan'] : null;
        $state = $state === null ? null : $paper->words->worded($state);
        $handover = is_array($record) ? $record['handover'] : null;
        $owed = is_array($sensor['owed']) ? $sensor['owed'] : [];
        // What was sealed keeps its own verdict; what is open has the one it stands at.
        $outcome = $sealed?->outcome === null ? null : json_decode($sealed->outcome, true, 8, JSON_THROW_ON_ERROR);
        $verdict = is_array($outcome) ? $outcome['verdict'] : match (true) {
            ! is_array($state) => null,
            $state['run']['sentBack'] !== null => 'sent-back',
            default => $state['run']['finding']['verdict'] ?? null,
        };

        return [
            ...$sensor,
            'owed' => $owed,
            'state' => $state,
            'verdict' => $verdict ?? ($owed['state'] === 'not-owed' ? 'not-owed' : null),
            'seal' => $sealed === null || ! is_array($record) ? null : [
                'hash' => $sealed->hash,
                'revision' => (int) $sealed->revision,
                'by' => $record['sealedBy'],
                'at' => $record['sealedAt'],
                'follows' => $record['follows'] ?? null,
                'signs' => ! $file->row->practice,
                'entry' => self::book($this->books->of($file->row->shop_id, $sealed->hash)?->entry),
                'qr' => $this->qr->svg(sprintf('Lumbro seal, order %s, %s: SHA-256 %s', $file->row->number, $task->sensor ?? '', $sealed->hash)),
            ],
            'handover' => $handover,
            'plan' => $plan === null ? null : PlanSvg::of($plan, $paper),
        ];
    }

    /** @return array{number: int, head: string, key: string, earlier: bool}|null an entry of the seal book, as it is printed */
    private static function book(?BookEntry $entry): ?array
    {
        return $entry === null ? null : ['number' => $entry->number, 'head' => $entry->hash(), 'key' => $entry->says['next'] ?? $entry->key, 'earlier' => $entry->kind === EntryKind::Earlier];
    }

    /** @return array<string, mixed>|null how a sensor stands that is not sealed; null where it cannot be worked on */
    private static function live(OrderFile $file, ?\stdClass $task): ?array
    {
        if ($task === null || $task->card === null || $file->row->bay === null || $file->state()->kit() === null) {
            return null;
        }
        $written = json_decode((string) json_encode(RecordFacts::ofTask('task', TaskFile::within($file, $task)->journal)), true);

        return is_array($written) ? $written : null;
    }

    /** @return list<array<string, mixed>> */
    private static function photos(OrderFile $file): array
    {
        $photos = [];
        foreach (array_slice($file->state()->record->photos, 0, self::PHOTOS) as $added) {
            $hash = DB::table('photos')->where('shop_id', $file->row->shop_id)->where('id', $added->photo)->where('repair_order_id', $file->row->id)->value('hash');
            $bytes = is_string($hash) ? PhotoStore::read($hash, true) : null;
            $photos[] = [
                'src' => $bytes === null ? null : 'data:image/jpeg;base64,' . base64_encode($bytes),
                'hash' => $hash,
                'about' => $added->about,
                'sensor' => $added->sensor === null ? null : $file->state()->sheet->sensor($added->sensor)?->name,
                'person' => $added->person,
                'at' => $added->at,
            ];
        }

        return $photos;
    }
}
