<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Facts\StanceDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;
use Lumbro\Core\Planning\Need;
use Lumbro\Core\Planning\Needs;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SpotRoom;
use Lumbro\Core\SetUp\TaskContext;

/** What the screens about bays show. */
final class BayPage
{
    /** @return array<string, mixed> */
    public static function list(User $user): array
    {
        $rows = DB::table('bays')->where('shop_id', $user->shop_id)->where('practice', false)->orderBy('name')->get(['id', 'version', 'document']);

        return [
            'bays' => $rows->map(static fn(\stdClass $row): array => [
                'id' => $row->id,
                'version' => (int) $row->version,
                'document' => Document::write(Document::read(Bay::class, Node::stored($row->document))),
            ])->all(),
            'mayChange' => $user->may(Act::Register),
        ];
    }

    /**
     * Targets that have no room where the car stands.
     *
     * @return list<array{sensor: string, says: Message}>
     */
    public static function hindrances(OrderFile $file): array
    {
        $kit = $file->row->bay === null ? null : $file->state()->kit();
        if ($kit === null) {
            return [];
        }
        $found = [];
        foreach (self::contexts($file, $kit) as $context) {
            $at = (new MeasuringPlan($context, []))->ground->nominal;
            $says = SpotRoom::hindrance($context->bay, $at->x['target'], $at->y['target']);
            if ($says !== null) {
                $found[] = ['sensor' => $context->sensor->name, 'says' => $says];
            }
        }

        return $found;
    }

    /** @return array<string, array{float, float}> sensor → where its target's foot is, mm in the vehicle frame */
    public static function sites(OrderFile $file, Kit $kit): array
    {
        $sites = [];
        foreach (self::contexts($file, $kit) as $context) {
            $at = (new MeasuringPlan($context, []))->ground->nominal;
            $sites[$context->sensor->id] = [$at->x['target'], $at->y['target']];
        }

        return $sites;
    }

    /** @return list<TaskContext> of each concerned sensor that has a card, as the car stands */
    private static function contexts(OrderFile $file, Kit $kit): array
    {
        return self::contextsIn($file, $kit, Document::read(Bay::class, Node::stored($file->row->bay))->seenFrom($file->state()->record->stance->stance ?? new Stance()));
    }

    /**
     * Room that each concerned sensor with a card needs about the car, wherever it may come to stand.
     *
     * @param Bay|null $bay any of the shop's, until the car has one
     *
     * @return list<Need>
     */
    public static function needs(OrderFile $file, ?Bay $bay): array
    {
        $kit = $file->state()->kit();

        return $kit === null || $bay === null ? [] : array_map(
            static fn(TaskContext $context): Need => Needs::sensor($context, (new MeasuringPlan($context, []))->ground),
            self::contextsIn($file, $kit, $bay->seenFrom(new Stance())),
        );
    }

    /** @return list<TaskContext> */
    private static function contextsIn(OrderFile $file, Kit $kit, Bay $seen): array
    {
        $state = $file->state();
        $contexts = [];
        foreach ($state->concerned() as $sensor) {
            $card = $file->journal->context->cards[$sensor->id] ?? null;
            if ($card !== null) {
                $contexts[] = new TaskContext($card, $state->sheet, $kit, $seen, array_keys($state->record->operations), $sensor, $state->forTask($sensor->id));
            }
        }

        return $contexts;
    }

    /**
     * Where the car of an order stands and what fits there.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal where no bay is chosen, or the kit has no stand
     */
    public static function stance(OrderFile $file, bool $search): array
    {
        if ($file->row->bay === null) {
            throw Refusal::conflict('no-bay', Message::of('hindrance.bay'));
        }
        $kit = $file->state()->kit()
            ?? throw Refusal::conflict('no-kit', Message::of('hindrance.kit'));
        $bay = Document::read(Bay::class, Node::stored($file->row->bay));
        $state = $file->state();
        $stance = $state->record->stance->stance ?? new Stance();
        $needs = array_map(static fn(TaskContext $context): Need => Needs::sensor($context, (new MeasuringPlan($context, []))->ground), self::contexts($file, $kit));

        return [
            ...StanceDocument::write($bay, $stance, Needs::car($state->sheet), $needs, $search),
            'version' => $file->version,
            'bays' => DB::table('bays')->where('shop_id', $file->row->shop_id)->when(! $file->isInvented(), static fn($query) => $query->where('practice', false))->orderBy('name')->get(['id', 'name'])->map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'name' => $row->name, 'here' => $row->id === $file->row->bay_id,
            ])->all(),
            'said' => $state->record->stance?->person,
            'without' => array_values(array_map(
                static fn(CarSensor $sensor): string => $sensor->name,
                array_filter($state->concerned(), static fn(CarSensor $sensor): bool => ($file->journal->context->cards[$sensor->id] ?? null) === null),
            )),
        ];
    }
}
