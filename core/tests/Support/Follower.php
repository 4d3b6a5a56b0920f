<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Exercise\Hands;
use Lumbro\Core\Exercise\Learner;
use Lumbro\Core\Exercise\Player;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Intake\TaskOrder;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\Prospect;
use Lumbro\Core\SetUp\Prospects;
use Lumbro\Core\SetUp\TaskContext;

/** A learner at one of the demo's cars, with the demo's kit, by a card and in a bay of the demo. */
final class Follower
{
    /** @var array<string, array{Prospect|null}> card and sensor → what is cheapest there with nothing read: the same for every such car */
    private static array $plans = [];

    /**
     * @param array{vehicle: string, card: string, sensor: string, operations: list<string>, truth: array<string, mixed>, bay: string, sFloor?: float, changed?: array<string, mixed>, title: string, words?: array<string, string>} $file
     * @param (\Closure(Call): float)|null $slip what a reading shows too much, mm
     */
    public static function at(array $file, Policy $policy = new Policy(), ?Roughness $rough = null, ?\Closure $slip = null, Learner $learner = Learner::Follows): Player
    {
        $context = self::context($file, $policy);
        $scenario = Document::read(Scenario::class, Node::parse((string) json_encode($file['truth'])));
        $hands = new Hands($context, $scenario, rough: $rough, slip: $slip);

        return new Player($hands, $learner, $hands->isRough() ? self::plan($file, $context) : null);
    }

    /**
     * @param array<string, string> $words precondition → who says it is met
     *
     * @return array<string, Answered>
     */
    private static function heard(array $words): array
    {
        $heard = [];
        foreach ($words as $item => $who) {
            $heard[$item] = new Answered("word-$item", 'Ilse', 'now', $item, AnswerKind::OnWord, $who);
        }

        return $heard;
    }

    /** @param array{card: string, sensor: string, ...} $file */
    private static function plan(array $file, TaskContext $context): ?Prospect
    {
        $key = "{$file['card']} {$file['sensor']}";
        self::$plans[$key] ??= [Prospects::of($context, new MeasuringPlan($context, []))->cheapest];

        return self::$plans[$key][0];
    }

    /** @param array{vehicle: string, card: string, sensor: string, operations: list<string>, truth: array<string, mixed>, bay: string, sFloor?: float, changed?: array<string, mixed>, title: string, words?: array<string, string>} $file */
    private static function context(array $file, Policy $policy): TaskContext
    {
        $card = Document::read(ProcedureCard::class, Node::parse((string) json_encode(array_replace_recursive((array) json_decode((string) json_encode(DemoTask::node("cards/{$file['card']}.json")->raw()), true), $file['changed'] ?? []))));
        $sheet = Document::read(VehicleSheet::class, DemoTask::node("vehicles/{$file['vehicle']}.json"));
        $bay = [];
        foreach ((array) json_decode((string) json_encode(DemoTask::node('bays.json')->raw()), true) as $known) {
            if (is_array($known) && $known['name'] === $file['bay']) {
                $bay = array_replace($known, array_intersect_key($file, ['sFloor' => 0]));
            }
        }
        $sensor = $sheet->sensor($file['sensor']) ?? throw new \LogicException('No such sensor.');
        $operations = array_map(static fn(string $text): Operation => Operation::fromCode($text), $file['operations']);

        return new TaskContext(
            $card,
            $sheet,
            DemoOrder::kit()->forTask('2026-11-25', new OverdueRule(false, 2.0)) ?? throw new \LogicException('The demo kit is not whole.'),
            // What looks back needs the room behind the car.
            Document::read(Bay::class, Node::parse((string) json_encode($bay)))->seenFrom(new Stance($sensor->looksBack() ? 3_500.0 : 0.0)),
            $file['operations'],
            $sensor,
            new TaskOrder(Owed::after($operations, $sensor, $card), [], self::heard($file['words'] ?? []), [], policy: $policy),
        );
    }
}
