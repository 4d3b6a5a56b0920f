<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Vehicle\FigureOrigin;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** The shop's vehicle sheets in the database: every version is kept, and an order keeps the one it began with. */
final class VehicleRegister
{
    /** The shop's own cars, all versions. */
    public static function query(User $user): Builder
    {
        return DB::table('vehicle_sheets')->where('shop_id', $user->shop_id)->where('practice', false);
    }

    /** What a sheet is called in the register. */
    public static function name(VehicleSheet $sheet): string
    {
        return "$sheet->make $sheet->model" . ($sheet->years === null ? '' : ", $sheet->years");
    }

    /**
     * A sheet that the register has not.
     *
     * @param list<string> $vins beginnings of vehicle numbers
     *
     * @return string its id
     *
     * @throws Refusal where there is one of this name
     */
    public static function enter(User $user, VehicleSheet $sheet, array $vins, string $reason): string
    {
        $name = self::name($sheet);
        if (self::isKnown($user, $name)) {
            throw Refusal::field('/model', Message::of('vehicle.known', ['name' => $name]));
        }
        $id = (string) Str::uuid7();
        DB::table('vehicle_sheets')->insert([
            'shop_id' => $user->shop_id, 'id' => $id, 'family' => $id, 'name' => $name, 'document' => json_encode(Document::write($sheet), JSON_THROW_ON_ERROR),
            'person' => $user->name, 'reason' => $reason, 'vins' => json_encode($vins, JSON_THROW_ON_ERROR),
        ]);

        return $id;
    }

    public static function isKnown(User $user, string $name, ?string $but = null): bool
    {
        return self::query($user)->where('newest', true)->whereRaw('lower(name) = ?', [mb_strtolower($name)])->when($but !== null, static fn($query) => $query->where('family', '<>', $but))->exists();
    }

    /**
     * Another version of a sheet.
     *
     * @param list<string> $vins
     *
     * @throws Refusal where somebody else was faster, or the name is another sheet's
     */
    public static function change(User $user, string $family, int $version, VehicleSheet $sheet, array $vins, string $reason): void
    {
        DB::transaction(static function () use ($user, $family, $version, $sheet, $vins, $reason): void {
            $newest = self::query($user)->where('family', $family)->where('newest', true)->lockForUpdate()->first() ?? throw Refusal::notFound('sheet');
            if ((int) $newest->version !== $version) {
                throw Refusal::conflict('sheet-moved-on', Message::of('moved-on.sheet'));
            }
            $name = self::name($sheet);
            if (self::isKnown($user, $name, $family)) {
                throw Refusal::field('/document/model', Message::of('vehicle.known', ['name' => $name]));
            }
            self::query($user)->where('family', $family)->update(['newest' => false]);
            DB::table('vehicle_sheets')->insert([
                'shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'family' => $family, 'version' => $version + 1, 'newest' => true, 'name' => $name,
                'document' => json_encode(Document::write($sheet), JSON_THROW_ON_ERROR), 'person' => $user->name, 'reason' => $reason, 'vins' => json_encode($vins, JSON_THROW_ON_ERROR),
            ]);
        });
    }

    /**
     * Two sheets that are one: the versions of the first become older ones of the other, and its orders keep theirs.
     *
     * @throws Refusal where one of them is not there, or they are the same
     */
    public static function merge(User $user, string $family, string $into, string $reason): void
    {
        DB::transaction(static function () use ($user, $family, $into, $reason): void {
            $rows = self::query($user)->whereIn('family', [$family, $into])->orderBy('version')->lockForUpdate()->get();
            $kept = $rows->first(static fn(\stdClass $row): bool => $row->family === $into && (bool) $row->newest);
            $gone = $rows->filter(static fn(\stdClass $row): bool => $row->family === $family);
            if ($family === $into || $kept === null || $gone->isEmpty()) {
                throw Refusal::notFound('sheet');
            }
            $version = (int) $rows->where('family', $into)->max('version');
            self::query($user)->whereIn('family', [$family, $into])->update(['newest' => false]);
            foreach ($gone as $row) {
                self::query($user)->where('id', $row->id)->update(['family' => $into, 'version' => ++$version]);
            }
            $vins = array_values(array_unique([...self::vins($kept), ...array_merge(...array_map(self::vins(...), array_values($gone->all())))]));
            DB::table('vehicle_sheets')->insert([
                'shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'family' => $into, 'version' => $version + 1, 'newest' => true, 'name' => $kept->name,
                'document' => $kept->document, 'person' => $user->name, 'reason' => $reason, 'vins' => json_encode($vins, JSON_THROW_ON_ERROR),
            ]);
        });
    }

    /** @return list<string> beginnings of vehicle numbers that the shop puts to a sheet */
    public static function vins(\stdClass $row): array
    {
        $vins = json_decode((string) $row->vins, true);

        return is_array($vins) ? array_values(array_filter($vins, is_string(...))) : [];
    }

    /**
     * The sheet whose pattern a vehicle number fits, the most telling one; null where none does or two tell as much.
     */
    public static function byVin(User $user, string $vin): ?string
    {
        [$best, $length, $twice] = [null, 0, false];
        foreach (self::query($user)->where('newest', true)->where('vins', '<>', '[]')->get(['id', 'vins']) as $row) {
            foreach (self::vins($row) as $pattern) {
                $signs = strlen(str_replace(['*', '?'], '', $pattern));
                if ($signs >= $length && fnmatch(strtoupper($pattern), strtoupper($vin))) {
                    $twice = $signs === $length && $best !== $row->id;
                    [$best, $length] = [$row->id, $signs];
                }
            }
        }

        return $twice ? null : $best;
    }

    /**
     * A sheet as somebody changed it: what is another figure now says where that comes from.
     *
     * @param string      $from one of FigureOrigin::FROM
     * @param string|null $said which document, or whose word
     */
    public static function changed(VehicleSheet $old, VehicleSheet $new, string $from, ?string $said): VehicleSheet
    {
        if (! $old->isGrown()) {
            return $new;
        }
        $origins = $new->origins;
        foreach (VehicleSheet::MEASURABLE as $figure) {
            if (abs($new->figure($figure) - $old->figure($figure)) > 1e-9) {
                $origins[$figure] = new FigureOrigin($from, $said);
            }
        }
        foreach ($new->sensors as $sensor) {
            foreach (['along', 'across', 'height'] as $coordinate) {
                $before = $old->sensor($sensor->id)?->at($coordinate);
                if ($before === null || abs($before - $sensor->at($coordinate)) > 1e-9) {
                    $origins["$sensor->id.$coordinate"] = new FigureOrigin($from, $said);
                }
            }
        }

        return Copy::of($new, ['origins' => $origins]);
    }

    /** @return array<string, mixed> a version as a list shows it */
    public static function line(\stdClass $row): array
    {
        $sheet = Document::read(VehicleSheet::class, Node::parse((string) $row->document));
        $unknown = count(array_filter($sheet->origins, static fn(FigureOrigin $origin): bool => ! $origin->isKnown()));

        return [
            'id' => $row->id, 'family' => $row->family, 'version' => (int) $row->version, 'name' => self::name($sheet), 'years' => $sheet->years, 'vins' => self::vins($row),
            'sensors' => array_map(static fn($sensor): string => $sensor->name, $sheet->sensors),
            'grown' => $sheet->isGrown(), 'unknown' => $unknown, 'person' => $row->person, 'reason' => $row->reason,
        ];
    }
}
