<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Exercise\Answer;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\Learner;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\Player;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Rubric;
use Lumbro\Core\Exercise\Told;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Measure\Node;

/**
 * Drawn cars of every model of the demo, each played by the three scripted learners.
 *
 * @phpstan-type Played array{car: string, faults: list<string>, scores: array<string, array{int, int}>, said: array<string, string>}
 */
final class DrawnCars
{
    /** @var list<Model>|null */
    private static ?array $models = null;

    /** @return Played */
    public static function play(int $seed): array
    {
        $models = self::models();
        $model = $models[$seed % count($models)];
        $difficulty = 1 + intdiv($seed, count($models)) % 3;
        $car = CarDraw::of($model, $seed, $difficulty);
        $scores = $said = [];
        $advised = 0;
        foreach (Learner::cases() as $learner) {
            $player = self::at($car, $learner);
            try {
                $player->work();
            } catch (\LogicException $stuck) {
                $player->did[] = 'stuck: ' . substr($stuck->getMessage(), 0, 60);
            }
            $state = $player->state();
            $advised = $learner === Learner::Follows ? count($state->record->readings) + count($state->context->order->floor ?? []) : $advised;
            $sent = $state->run->log->sentBack;
            $answer = new Answer($player->outcome(), $sent === null ? null : Cause::from($sent->fault), Told::by($player->hands));
            $score = Rubric::score($player->hands, $car->truth, $answer, $advised);
            $scores[$learner->value] = [$score->method(), $score->result()];
            $said[$learner->value] = $answer->outcome->value . ' [' . implode(',', array_column($answer->faults, 'value')) . '] ' . implode(' ', array_map(static fn($part): string => "$part->id:" . round($part->points), [...$score->method, ...$score->result])) . ' < ' . implode(', ', $player->did);
        }

        return ['car' => "$car->card $seed/$difficulty", 'faults' => array_map(static fn($fault): string => $fault->kind->value, Faults::of($car->truth, $model->card->sensor)), 'scores' => $scores, 'said' => $said];
    }

    public static function at(PracticeCar $car, Learner $learner): Player
    {
        /** @var array<string, mixed> $truth */
        $truth = (array) json_decode((string) json_encode(Document::write($car)['truth']));

        return Follower::at([
            'title' => $car->title, 'vehicle' => $car->vehicle, 'card' => $car->card, 'sensor' => $car->sensor, 'bay' => $car->bay,
            'operations' => array_map(static fn($operation): string => $operation->text(), $car->operations),
            'changed' => ['enteredBy' => 'Oda', 'checkedBy' => 'Bram'],
            'truth' => $truth,
            'words' => array_map(static fn($word): string => $word->who, $car->truth->words),
        ], new Policy(), learner: $learner);
    }

    /** @return list<Model> */
    public static function models(): array
    {
        return self::$models ??= array_map(static function (array $car): Model {
            [$card, $vehicle, $sensor] = $car;

            return new Model($vehicle, $card, $sensor, 'Bay 1', Document::read(ProcedureCard::class, Node::parse((string) json_encode(DemoTask::node("cards/$card.json")->raw()))));
        }, RoughShop::CARS);
    }
}
