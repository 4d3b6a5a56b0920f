<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Catalogue\Bay\BayDocument;
use Lumbro\Core\Catalogue\Card\CardDocument;
use Lumbro\Core\Catalogue\Kit\KitRegisterDocument;
use Lumbro\Core\Catalogue\ShopRules\ShopRulesDocument;
use Lumbro\Core\Catalogue\Vehicle\VehicleDocument;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Failure\InvalidInput;
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
    /** Figures that differ by less are the same, computed on another machine: absolute, and as a share. */
    private const SAME = 1e-6;

    /** More lines than this no sensor's record has, nor an order's. */
    private const MOST = 2_000;

    /** At most this many differences are told. */
    private const TOLD = 20;

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
        $f = $record->fields(['shop', 'order', 'sealedBy', 'sealedAt', 'revision', 'follows', 'handover', 'basis', 'entries', 'result']);
        $b = $f['basis']->fields(['core', 'sensor', 'today', 'vehicle', 'cards', 'rules', 'register', 'bay', 'earlierLevels', 'order']);
        $cards = [];
        foreach ($b['cards']->members() as $sensor => $card) {
            $cards[(string) $sensor] = $card->raw() === null ? null : CardDocument::read($card);
        }
        $context = new OrderContext(
            VehicleDocument::read($b['vehicle']),
            $cards,
            ShopRulesDocument::read($b['rules']),
            KitRegisterDocument::register(array_map(KitRegisterDocument::item(...), $b['register']->fewItems(500))),
            $b['today']->day(),
        );
        $order = new OrderState($context, self::orderLines($b['order']));
        $sensor = $b['sensor']->id();
        $card = $cards[$sensor] ?? throw InvalidInput::because($b['cards']->path(), sprintf('has no card for the sensor "%s" that the record is of.', $sensor));
        $kit = $order->kit() ?? throw InvalidInput::because($b['register']->path(), 'lacks a tape, a rule, a staff or a stand.');
        $levels = array_map(static fn(Node $level): float => $level->between(-300, 300), $b['earlierLevels']->fewItems(60));
        $state = new TaskState(TaskBasis::of($order, $sensor, $card, $kit, BayDocument::read($b['bay']), $levels), self::lines($f['entries']));
        $differences = [];
        $again = json_decode((string) json_encode(TaskStateDocument::write($state), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 128, JSON_THROW_ON_ERROR);
        self::compare($f['result']->raw(), $again, '/result', $differences);

        return new self($state, $order, array_slice($differences, 0, self::TOLD));
    }

    /** @return list<OrderLine> */
    private static function orderLines(Node $node): array
    {
        return array_map(static function (Node $line): OrderLine {
            $f = $line->fields(['id', 'person', 'at', 'kind', 'payload']);

            return OrderLineDocument::entry($f['kind']->oneOf(OrderLineDocument::KINDS), $f['id']->line(60), $f['person']->line(120), $f['at']->line(40), $f['payload']);
        }, self::unique($node));
    }

    /** @return list<Line> */
    private static function lines(Node $node): array
    {
        return array_map(static function (Node $line): Line {
            $f = $line->fields(['id', 'person', 'at', 'kind', 'payload']);

            return TaskLineDocument::entry($f['kind']->oneOf(TaskLineDocument::KINDS), $f['id']->line(60), $f['person']->line(120), $f['at']->line(40), $f['payload']);
        }, self::unique($node));
    }

    /**
     * @return list<Node>
     *
     * @throws InvalidInput where two lines have one id: which of them a later line strikes could not be told
     */
    private static function unique(Node $node): array
    {
        $seen = [];
        foreach ($node->fewItems(self::MOST) as $line) {
            $id = $line->member('id') ?? throw InvalidInput::missing($line->path(), 'id');
            if (isset($seen[$id->text()])) {
                throw InvalidInput::because($id->path(), 'is the id of an earlier line too; every line has its own.');
            }
            $seen[$id->text()] = true;
        }

        return $node->items();
    }

    /** @param list<string> $differences */
    private static function compare(mixed $sealed, mixed $again, string $path, array &$differences): void
    {
        if ($sealed instanceof \stdClass && $again instanceof \stdClass) {
            [$sealed, $again] = [get_object_vars($sealed), get_object_vars($again)];
        }
        if (is_array($sealed) && is_array($again)) {
            foreach (array_keys($sealed + $again) as $key) {
                $at = $path . '/' . InvalidInput::escape((string) $key);
                if (! array_key_exists($key, $sealed) || ! array_key_exists($key, $again)) {
                    $differences[] = $at;
                } else {
                    self::compare($sealed[$key], $again[$key], $at, $differences);
                }
            }

            return;
        }
        $same = (is_float($sealed) || is_int($sealed)) && (is_float($again) || is_int($again))
            ? abs($sealed - $again) <= self::SAME * max(1.0, abs((float) $sealed))
            : $sealed === $again;
        if (! $same) {
            $differences[] = $path;
        }
    }
}
