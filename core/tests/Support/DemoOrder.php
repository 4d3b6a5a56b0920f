<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\Scan;
use Lumbro\Core\Measure\Node;

/** A repair order of one of the demo's cars, written line by line. */
final class DemoOrder implements \Lumbro\Core\Intake\OrderStanding
{
    public const TODAY = '2026-11-25';

    /** @var list<OrderLine> */
    public array $entries = [];

    public function __construct(private readonly string $car = 'quillon-sable', public string $today = self::TODAY) {}

    public static function sheet(string $car): VehicleSheet
    {
        return Document::read(VehicleSheet::class, DemoTask::node("vehicles/$car.json"));
    }

    public static function card(string $name): ProcedureCard
    {
        return Document::read(ProcedureCard::class, DemoTask::node("cards/$name.json"));
    }

    public static function rules(): ShopRules
    {
        return Document::read(ShopRules::class, DemoTask::defaults('shop-rules.json'));
    }

    public static function kit(): KitRegister
    {
        return KitRegister::of(array_map(KitItem::read(...), DemoTask::node('kit.json')->items()));
    }

    public function context(): OrderContext
    {
        $sheet = self::sheet($this->car);
        $cards = [];
        foreach ($sheet->sensors as $sensor) {
            $cards[$sensor->id] = null;
            foreach (glob(dirname(__DIR__, 3) . '/database/demo/cards/*.json') ?: [] as $file) {
                $card = self::card(basename($file, '.json'));
                if ($card->fit?->covers($sheet, $sensor->id) === true) {
                    $cards[$sensor->id] = $card;
                }
            }
        }

        return new OrderContext($sheet, $cards, self::rules(), self::kit(), $this->today);
    }

    /** @param array<string, mixed> $payload */
    public function note(string $kind, array $payload, string $person = 'Ilse'): self
    {
        $id = 'n' . (count($this->entries) + 1);
        $this->entries[] = Kinds::orderLine($kind, $id, $person, '2026-11-25T08:00:00.000Z', Node::parse((string) json_encode((object) $payload)));

        return $this;
    }

    public function done(string ...$operations): self
    {
        foreach ($operations as $operation) {
            $this->note('operation', ['operation' => $operation, 'state' => 'done']);
        }

        return $this;
    }

    public function cover(string $cover, bool $off): self
    {
        return $this->note('cover', ['cover' => $cover, 'off' => $off]);
    }

    public function state(): OrderState
    {
        return new OrderState($this->context(), $this->entries);
    }

    public static function scan(): Scan
    {
        return new Scan('Bench scan tool', '2026-11-24 08:12', [
            new TroubleCode('Front radar', 'C2A52', 'Axis not learned', 'stored'),
            new TroubleCode('Gateway', 'U3001', '', ''),
        ], 12.9);
    }

    /** @return list<OrderLine> one line of each kind, and of each of its forms */
    public static function everyKind(): array
    {
        return (new self())
            ->done('front-cover-removed', 'sensor-replaced@front')
            ->note('operation', ['operation' => 'wheel-alignment', 'state' => 'due', 'word' => 'Wen Harrow'])
            ->cover('front', true)
            ->note('cover', ['cover' => 'rear', 'off' => false, 'missed' => ['Left rear radar: Lot code on the label']])
            ->note('owed-answer', ['sensor' => 'front', 'operation' => 'wheel-alignment', 'answer' => 'yes', 'word' => 'Wen Harrow'])
            ->note('owed-answer', ['sensor' => 'front', 'operation' => 'knock-front', 'answer' => 'owed', 'source' => 'Sheet 12, page 3', 'route' => 'static'])
            ->note('owed-answer', ['sensor' => 'front', 'operation' => 'knock-front', 'answer' => 'not-owed', 'source' => 'Sheet 12, page 3'])
            ->note('capture', ['sensor' => 'front', 'item' => 'lot-code', 'value' => 'L07K5'])
            ->note('capture', ['sensor' => 'front', 'item' => 'serial', 'reason' => 'The label is torn.'])
            ->note('condition', ['item' => 'supply', 'answer' => 'yes', 'values' => ['volt' => '13,1']])
            ->note('condition', ['item' => 'cover', 'sensor' => 'front', 'answer' => 'on-word', 'word' => 'Bram'])
            ->note('scan', ['phase' => 'pre', 'origin' => 'tool', 'scan' => ['tool' => 'Bench scan tool', 'readAt' => '08:12', 'codes' => [['unit' => 'Gateway', 'code' => 'U3001']]]])
            ->note('figure', ['figure' => 'wheelbase', 'typed' => '2907 mm', 's' => 1.5])
            ->note('detail', ['field' => 'plate', 'value' => 'CL 1'])
            ->note('estimate-line', ['text' => 'Polish the ashtray'])
            ->note('estimate-settled', ['line' => 'n16'])
            ->note('photo', ['photo' => '018f0000-0000-7000-8000-000000000000', 'sensor' => 'front', 'about' => 'photo'])
            ->note('card', ['sensor' => 'front', 'card' => '018f0000-0000-7000-8000-000000000000'])
            ->note('line', ['item' => 'line-laser', 'answer' => 'on-word', 'word' => 'Bram'])
            ->note('mark', ['end' => 'front', 'mark' => 'other', 'note' => 'The tow hook\'s cap'])
            ->note('floor', ['place' => 'site-front', 'typed' => '47 1/4 in'])
            ->note('stance', ['x' => 120.5, 'y' => -40, 'heading' => 180])
            ->note('bay', ['bay' => '018f0000-0000-7000-8000-000000000000', 'name' => 'Yard bay'])
            ->note('drive', ['track' => '018f0000-0000-7000-8000-000000000000', 'driver' => 'Ilse Corrant', 'file' => 'evening.gpx'])
            ->note('drive', ['track' => '018f0000-0000-7000-8000-000000000000', 'driver' => 'Ilse Corrant', 'file' => 'dusk.gpx', 'enough' => ['front']])
            ->note('road', ['function' => 'slows', 'found' => 'seen', 'driver' => 'Oda Merrin', 'route' => 'to the bridge', 'weather' => 'dry'])
            ->note('road', ['function' => 'keeps-gap', 'found' => 'untested', 'driver' => 'Oda Merrin', 'reason' => 'Nothing drove ahead.'])
            ->note('left-open', ['item' => 'post-scan', 'reason' => 'The customer was told in writing.'])
            ->entries;
    }
}
