<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Kit\KitNeed;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Message\Message;

/** What an order's owed sensors need of the kit, each thing once (need J8). */
final class KitNeeds
{
    private const ALWAYS = ['stand', 'tape', 'rule', 'staff'];

    /**
     * @param list<CarSensor> $concerned sensors that are owed a calibration, or may be
     *
     * @return list<KitNeed> missing and overdue ones first
     */
    public static function of(OrderContext $context, array $concerned): array
    {
        $wanted = [];
        $want = static function (string $kind, ?string $name, string $sensor, string|Message $why) use (&$wanted): void {
            $key = $kind . '/' . mb_strtolower($name ?? '');
            $wanted[$key] ??= ['kind' => $kind, 'name' => $name, 'sensors' => [], 'why' => $why];
            $wanted[$key]['sensors'][] = $sensor;
        };
        foreach ($concerned as $sensor) {
            $card = $context->cards[$sensor->id] ?? null;
            if ($card === null) {
                continue;
            }
            $want('target', $card->targetName, $sensor->id, Message::of('kit.why.target'));
            foreach (self::ALWAYS as $kind) {
                $want($kind, null, $sensor->id, Message::of("kit.why.$kind"));
            }
            foreach ($card->kit as $need) {
                $want($need->kind, $need->name, $sensor->id, $need->why);
            }
        }
        $needs = [];
        foreach ($wanted as ['kind' => $kind, 'name' => $name, 'sensors' => $sensors, 'why' => $why]) {
            $needs[] = $context->kit->need($kind, $name, array_values(array_unique($sensors)), $why, $context->today, $context->shop->overdue);
        }
        $weight = ['missing' => 0, 'overdue' => 1, 'stands-in' => 2, 'owned' => 3];
        usort($needs, static fn(KitNeed $a, KitNeed $b): int => $weight[$a->state] <=> $weight[$b->state]);

        return $needs;
    }
}
