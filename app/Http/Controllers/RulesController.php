<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Input\Body;
use App\Models\User;
use App\Records\RulesBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\UsualCar;
use Lumbro\Core\Facts\OwedDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\Minutes;
use Lumbro\Core\Method\SlipBounds;
use Lumbro\Core\People\Act;

/** The shop's rules: what they are, what they were, and what they would say. */
final class RulesController
{
    /** No car has more done to it. */
    private const OPERATIONS = 30;

    public function show(Request $request): JsonResponse
    {
        return Answer::json(self::page(Answer::user($request)));
    }

    public function save(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['document'], ['reason']);
        Document::read(ShopRules::class, $body->node('document'));
        $document = json_decode((string) json_encode($body->node('document')->raw()), false, 32, JSON_THROW_ON_ERROR);
        assert($document instanceof \stdClass);
        RulesBook::save($user, $body->version, $document, $body->optionalText('reason', 300) ?? '');

        return Answer::json(self::page($user));
    }

    /** An earlier version once more, as a new one. */
    public function back(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['to']);
        $to = $body->node('to')->between(1, 1_000_000);
        RulesBook::save($user, $body->version, RulesBook::version($user->shop_id, (int) $to), 'version ' . (int) $to);

        return Answer::json(self::page($user));
    }

    /** What these rules would say of a car with a radar at every place, where its cards are silent. */
    public function trial(Request $request): JsonResponse
    {
        Answer::user($request);
        $body = Body::of($request, ['document', 'operations']);
        $rules = Document::read(ShopRules::class, $body->node('document'));
        $operations = array_map(static fn(Node $code): Operation => Operation::fromCode($code->line(120), $code->path()), $body->node('operations')->fewItems(self::OPERATIONS));
        $car = UsualCar::of('Any', 'car', SensorPlace::cases());

        return Answer::json(['sensors' => array_map(static fn(CarSensor $sensor): array => [
            'id' => $sensor->id, 'name' => SensorPlace::from($sensor->id)->said(), ...OwedDocument::write(Owed::after($operations, $sensor, null, $rules->owed), $car),
        ], $car->sensors)]);
    }

    public function export(Request $request): Response
    {
        $document = json_encode(RulesBook::now(Answer::user($request)->shop_id)['document'], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        return new Response($document, 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="shop-rules.json"']);
    }

    /** @return array<string, mixed> */
    private static function page(User $user): array
    {
        return [...RulesBook::now($user->shop_id), 'defaults' => RulesBook::defaults(), 'history' => RulesBook::history($user->shop_id), 'usual' => self::usual(), 'mayEdit' => $user->may(Act::Register)];
    }

    /** @return array<string, mixed> what holds of the policy where the shop says nothing, by the names of its fields */
    private static function usual(): array
    {
        $named = static fn(string $part, array $values): array => array_combine(array_map(static fn(string $name): string => "$part.$name", array_map(strval(...), array_keys($values))), $values);

        return [...array_filter(get_object_vars(new Policy()), is_scalar(...)), ...$named('slips', SlipBounds::of(null)), ...$named('minutes', Minutes::SET_UPS)];
    }
}
