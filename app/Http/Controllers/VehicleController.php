<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\User;
use App\Records\VehicleRegister;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Vehicle\FigureOrigin;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Act;

/** The register of cars: what the shop knows of each make and model, version by version. */
final class VehicleController
{
    private const PAGE = 60;

    /** No sheet has more. */
    private const VINS = 40;

    public function index(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $search = mb_strtolower(trim((string) $request->query('search', '')));
        $rows = VehicleRegister::query($user)->where('newest', true)
            ->when($search !== '', static fn($query) => $query->where(static fn($where) => $where
                ->whereRaw("strpos(lower(name || ' ' || (document::jsonb->>'make') || ' ' || (document::jsonb->>'model')), ?) > 0", [$search])
                ->orWhereRaw('strpos(lower(vins::text), ?) > 0', [$search])));
        $count = (clone $rows)->count();

        return Answer::json([
            'vehicles' => $rows->orderBy('name')->orderBy('id')->offset(self::PAGE * max(0, (int) $request->query('page', '0')))->limit(self::PAGE)->get()->map(VehicleRegister::line(...))->all(),
            'count' => $count, 'page' => self::PAGE, 'mayEdit' => $user->may(Act::Register),
        ]);
    }

    public function show(Request $request, string $family): JsonResponse
    {
        return Answer::json(self::page(Answer::user($request), $family));
    }

    /** Another version of a sheet: its name, its figures, its sensors, the vehicle numbers that belong to it. */
    public function save(Request $request, string $family): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['document', 'vins', 'from'], ['said', 'reason']);
        $old = VehicleRegister::query($user)->where('family', $family)->where('newest', true)->first() ?? throw Refusal::notFound('sheet');
        $sheet = VehicleRegister::changed(
            Document::read(VehicleSheet::class, Node::parse((string) $old->document)),
            Document::read(VehicleSheet::class, $body->node('document')),
            $body->node('from')->oneOf(FigureOrigin::FROM),
            $body->optionalText('said', 200),
        );
        VehicleRegister::change($user, $family, $body->version, $sheet, self::patterns($body->node('vins')), $body->optionalText('reason', 300) ?? 'edited');

        return Answer::json(self::page($user, $family));
    }

    public function merge(Request $request, string $family): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['into'], ['reason']);
        VehicleRegister::merge($user, $family, $body->uuid('into'), $body->optionalText('reason', 300) ?? 'merged');

        return Answer::json(self::page($user, $body->uuid('into')));
    }

    /** @return list<string> */
    private static function patterns(Node $vins): array
    {
        $patterns = [];
        foreach ($vins->fewItems(self::VINS) as $one) {
            $pattern = strtoupper(trim($one->line(17)));
            if (preg_match('/^[A-HJ-NPR-Z0-9?]{3,17}\*?$/', $pattern) !== 1) {
                throw InvalidInput::because($one->path(), 'vehicle.pattern');
            }
            $patterns[] = $pattern;
        }

        return array_values(array_unique($patterns));
    }

    /** @return array<string, mixed> */
    private static function page(User $user, string $family): array
    {
        $rows = VehicleRegister::query($user)->where('family', $family)->orderByDesc('version')->get();
        $newest = $rows->first(static fn(\stdClass $row): bool => (bool) $row->newest) ?? throw Refusal::notFound('sheet');

        return [
            ...VehicleRegister::line($newest),
            'document' => json_decode((string) $newest->document),
            'versions' => $rows->map(static fn(\stdClass $row): array => [...VehicleRegister::line($row), 'orders' => DB::table('repair_orders')->where('shop_id', $row->shop_id)->where('vehicle_sheet_id', $row->id)->count()])->values()->all(),
            'mayEdit' => $user->may(Act::Register),
        ];
    }
}
