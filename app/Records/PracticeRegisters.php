<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Bay;
use App\Models\ProcedureCard;
use App\Models\User;
use App\Models\VehicleSheet;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Card\ProcedureCard as Card;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet as Sheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** The cars, cards and bays that simulated cars rest on: they ship, and stand in no register of a real shop. */
final class PracticeRegisters
{
    /**
     * Those of a simulated car, put into the shop's tables where they are not there yet.
     *
     * @return array{string, string} ids of the vehicle's sheet and of the bay
     */
    public static function of(User $user, string $vehicle, string $bay): array
    {
        $sheet = self::known($user, VehicleSheet::query(), $vehicle);
        if ($sheet === null) {
            $document = self::read("vehicles/$vehicle.json");
            $sheet = (string) Str::uuid7();
            VehicleSheet::query()->insert(['shop_id' => $user->shop_id, 'id' => $sheet, 'family' => $sheet, 'name' => $vehicle, 'document' => $document, 'practice' => true]);
            self::cards($user, Document::read(Sheet::class, Node::parse($document)));
        }

        return [$sheet, self::known($user, Bay::query(), $bay) ?? self::bay($user, $bay)];
    }

    /** The kit that simulated cars are worked on with, as JSON. */
    public static function kit(): string
    {
        return self::read('practice-kit.json');
    }

    /** @param \Illuminate\Database\Eloquent\Builder<covariant \App\Models\Register> $register */
    private static function known(User $user, $register, string $name): ?string
    {
        $id = $register->where('shop_id', $user->shop_id)->where('name', $name)->where('practice', true)->value('id');

        return is_string($id) ? $id : null;
    }

    private static function bay(User $user, string $name): string
    {
        foreach (Node::parse(self::read('bays.json'))->items() as $bay) {
            if ($bay->member('name')?->text() === $name) {
                return Bay::query()->create(['shop_id' => $user->shop_id, 'name' => $name, 'document' => json_encode($bay->raw()), 'practice' => true])->id;
            }
        }

        throw new \LogicException("No practice bay is called $name.");
    }

    private static function cards(User $user, Sheet $sheet): void
    {
        foreach (glob(self::folder() . 'cards/*.json') ?: [] as $file) {
            $document = (string) file_get_contents($file);
            $fit = Document::read(Card::class, Node::parse($document))->fit;
            if ($fit !== null && $fit->make === $sheet->make && $fit->model === $sheet->model) {
                $id = (string) Str::uuid7();
                CardRegister::insert($user, $id, null, self::checked($document), null);
                ProcedureCard::query()->where('shop_id', $user->shop_id)->where('id', $id)->update(['practice' => true]);
            }
        }
    }

    /** Whether a second person has checked a card is no matter of practice. */
    private static function checked(string $document): string
    {
        $card = (array) json_decode($document, false, 64, JSON_THROW_ON_ERROR);

        return json_encode([...$card, 'checkedBy' => $card['checkedBy'] ?? 'Practice'], JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }

    private static function read(string $file): string
    {
        return (string) file_get_contents(self::folder() . $file);
    }

    private static function folder(): string
    {
        return base_path('database/demo/');
    }
}
