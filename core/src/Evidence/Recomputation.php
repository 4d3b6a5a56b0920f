<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OrderLineDocument;
use Lumbro\Core\Journal\TaskLineDocument;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Work\TaskBasis;
use Lumbro\Core\Work\TaskState;

/** A sealed record computed again from what it rested on, held against the result that was sealed with it. */
final readonly class Recomputation
{
    /** More lines than this no sensor's record has, nor an order's. */
    public const MOST = 2_000;

    /**
     * @param TaskState    $state       as it is computed now
     * @param OrderState   $order       the repair order it belongs to
     * @param list<string> $differences places of the result, as JSON Pointers, where it came out otherwise
     */
    private function __construct(public TaskState $state, public OrderState $order, public array $differences) {}

    /**
     * @param Node $record the "record" of a sealed record (schemas, "sealed-record")
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function of(Node $record): self
    {
        return self::from(SealedRecord::read($record));
    }

    /** @throws InvalidInput naming the field that is missing, unknown or wrong; of edition 1, which does not hold all it rests on */
    public static function from(SealedRecord $record): self
    {
        if ($record->edition === 1) {
            throw InvalidInput::because($record->basis->path(), 'record.first-edition');
        }
        if (isset($record->fields['rules'])) {
            RuleSet::read($record->fields['rules']);
        }
        $b = $record->basis->fields(['core', 'sensor', 'today', 'vehicle', 'cards', 'rules', 'register', 'bay', 'earlierLevels'], $record->edition === 2 ? ['order'] : []);
        $cards = [];
        foreach ($b['cards']->members() as $sensor => $card) {
            $cards[(string) $sensor] = $card->raw() === null ? null : Document::read(ProcedureCard::class, $card);
        }
        $context = new OrderContext(
            Document::read(VehicleSheet::class, $b['vehicle']),
            $cards,
            Document::read(ShopRules::class, $b['rules']),
            KitRegister::of(array_map(KitItem::read(...), $b['register']->fewItems(500))),
            $b['today']->day(),
        );
        $order = new OrderState($context, self::orderLines($record->orderLines()));
        $sensor = $b['sensor']->id();
        $card = $cards[$sensor] ?? throw InvalidInput::because($b['cards']->path(), 'record.no-card', ['sensor' => $sensor]);
        $kit = $order->kit() ?? throw InvalidInput::because($b['register']->path(), 'kit.incomplete');
        $levels = array_map(static fn(Node $level): float => $level->between(-300, 300), $b['earlierLevels']->fewItems(60));
        $state = new TaskState(TaskBasis::of($order, $sensor, $card, $kit, Document::read(Bay::class, $b['bay']), $levels), self::lines($record->taskLines()));
        $again = $record->edition === 2 ? TaskStateDocument::write($state) : SealedFacts::of($state);

        return new self($state, $order, Comparison::differences($record->result->raw(), json_decode((string) json_encode($again, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 128, JSON_THROW_ON_ERROR), $record->result->path(), $record->edition));
    }

    /**
     * @param list<Node> $lines
     *
     * @return list<OrderLine>
     */
    private static function orderLines(array $lines): array
    {
        return array_map(static function (Node $line): OrderLine {
            $f = $line->fields(['id', 'person', 'at', 'kind', 'payload'], ['previous']);

            return OrderLineDocument::entry($f['kind']->oneOf(OrderLineDocument::KINDS), $f['id']->line(60), $f['person']->line(120), $f['at']->line(40), $f['payload']);
        }, $lines);
    }

    /**
     * @param list<Node> $lines
     *
     * @return list<Line>
     */
    private static function lines(array $lines): array
    {
        return array_map(static function (Node $line): Line {
            $f = $line->fields(['id', 'person', 'at', 'kind', 'payload'], ['previous']);

            return TaskLineDocument::entry($f['kind']->oneOf(TaskLineDocument::KINDS), $f['id']->line(60), $f['person']->line(120), $f['at']->line(40), $f['payload']);
        }, $lines);
    }
}
