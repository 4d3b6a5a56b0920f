<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\User;
use App\Records\BayPage;
use App\Records\OrderFile;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Planning\Needs;
use Lumbro\Core\Planning\StanceRooms;

/** In which bays a car's sensors can be worked: searched once for each car of its kind with the same sensors, cards and bays, and kept. */
final class StanceBook
{
    /** @var array<string, Bay> */
    private array $bays = [];

    private readonly string $basis;

    /** @var array<string, string> hash → document */
    private array $kept;

    public function __construct(private readonly User $user)
    {
        $rows = DB::table('bays')->where('shop_id', $user->shop_id)->where('practice', false)->orderBy('name')->get(['id', 'document']);
        foreach ($rows as $row) {
            $this->bays[(string) $row->id] = Document::read(Bay::class, Node::stored($row->document));
        }
        $stands = DB::table('kit_items')->where('shop_id', $user->shop_id)->where('sort', 'stand')->where('retired', false)->orderBy('item')->pluck('document');
        $this->basis = hash('sha256', $rows->toJson() . $stands->toJson());
        $this->kept = DB::table('stance_rooms')->where('shop_id', $user->shop_id)->pluck('document', 'hash')->all();
    }

    /**
     * The stances of an order's car, where they are known.
     *
     * @param \stdClass    $order   id, vehicle_sheet_id
     * @param list<string> $sensors that are to be set up
     * @param list<string> $cards   of all its tasks
     *
     * @return array{stances: list<array{sensors: list<string>, bays: list<string>}>, unserved: list<string>}|null null where nobody has looked yet
     */
    public function known(\stdClass $order, array $sensors, array $cards): ?array
    {
        $kept = $this->kept[$this->hash($order, $sensors, $cards)] ?? null;

        return $kept === null ? null : json_decode($kept, true, 16, JSON_THROW_ON_ERROR);
    }

    /**
     * Looks for them, which takes about a second.
     *
     * @param list<string> $sensors
     * @param list<string> $cards
     */
    public function look(\stdClass $order, array $sensors, array $cards): void
    {
        $file = OrderFile::open($this->user, $order->id);
        $needs = array_values(array_filter(BayPage::needs($file, array_values($this->bays)[0] ?? null), static fn($need): bool => in_array($need->id, $sensors, true)));
        $found = StanceRooms::of($this->bays, Needs::car($file->state()->sheet), $needs);
        $hash = $this->hash($order, $sensors, $cards);
        $this->kept[$hash] = json_encode($found, JSON_THROW_ON_ERROR);
        DB::table('stance_rooms')->insertOrIgnore(['shop_id' => $this->user->shop_id, 'hash' => $hash, 'document' => $this->kept[$hash]]);
    }

    /**
     * @param list<string> $sensors
     * @param list<string> $cards
     */
    private function hash(\stdClass $order, array $sensors, array $cards): string
    {
        sort($sensors);
        sort($cards);

        return hash('sha256', json_encode([$this->basis, $order->vehicle_sheet_id, $sensors, $cards], JSON_THROW_ON_ERROR));
    }
}
