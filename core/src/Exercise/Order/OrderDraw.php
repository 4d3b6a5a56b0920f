<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\SeededNoise;

/** Draws a simulated car whose trap is in its order: the same seed, model and difficulty are the same car. */
final class OrderDraw
{
    /** What a shop writes down, and what is done beside it that nobody writes down. */
    private const TOLD = ['front-cover-removed', 'rear-cover-removed', 'wheel-alignment', 'front-badge-removed', 'battery-disconnected', 'rear-trim-removed'];
    private const UNSAID = ['front-cover-painted', 'rear-cover-painted', 'wheel-alignment', 'tow-bar-fitted', 'bracket-changed', 'sensor-loosened'];

    /** Of them those that show with the covers on. */
    private const OUTSIDE = 4;

    /** Codes of the work, and one that has nothing to do with it. */
    private const CODES = [['Front radar', 'C2B14'], ['Engine', 'P1F70']];

    /** The chance that nothing is wrong. */
    private const SOUND = 0.15;

    /**
     * @param string $begins     "intake" or "close"
     * @param int    $seed       0 to 2,147,483,647
     * @param int    $difficulty 1 to 3: so many things are not on the order, at most
     */
    public static function of(Model $model, string $begins, int $seed, int $difficulty): PracticeCar
    {
        $noise = new SeededNoise($seed * 10 + $difficulty);
        $told = [self::one($noise, 'told', self::TOLD)];
        $unsaid = $codes = [];
        $off = $begins === 'intake' ? ['front', 'rear'] : [];
        if ($noise->even('sound') >= self::SOUND) {
            for ($i = 0; $i < $difficulty; $i++) {
                // At the closing a cover or a code may be it as well.
                $what = $begins === 'close' && $noise->even("what $i") < 0.5 ? self::one($noise, "else $i", ['front', 'rear', 'codes']) : self::one($noise, "unsaid $i", $begins === 'close' ? array_slice(self::UNSAID, 0, self::OUTSIDE) : self::UNSAID);
                match (true) {
                    $what === 'codes' => $codes = [self::CODES[(int) floor(2 * $noise->even('code') * 0.9999)]],
                    in_array($what, ['front', 'rear'], true) => $off = array_values(array_unique([...$off, $what])),
                    default => $unsaid[] = in_array($what, ['bracket-changed', 'sensor-loosened'], true) ? "$what@$model->sensor" : $what,
                };
            }
        }
        $unsaid = array_values(array_diff(array_unique($unsaid), $told));
        $plain = CarDraw::of($model, $seed, $difficulty, []);

        return new PracticeCar(
            title: $plain->title,
            vehicle: $model->vehicle,
            card: $model->name,
            sensor: $model->sensor,
            bay: $model->bay,
            operations: array_map(static fn(string $text): Operation => Operation::fromCode($text), $told),
            truth: $plain->truth,
            begins: $begins,
            order: Document::read(OrderTruth::class, Node::parse((string) json_encode([
                'unsaid' => $unsaid,
                'off' => $off,
                'answers' => (object) array_map(static fn(): string => $noise->even('answer') < 0.5 ? 'yes' : 'no', array_flip([...$told, ...$unsaid])),
                'codes' => array_map(static fn(array $code): array => ['unit' => $code[0], 'code' => $code[1]], $codes),
            ]))),
        );
    }

    /** @param list<string> $of */
    private static function one(SeededNoise $noise, string $for, array $of): string
    {
        return $of[(int) floor(count($of) * $noise->even($for) * 0.9999)];
    }
}
