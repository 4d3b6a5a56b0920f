<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\Kit\Lesson;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Commands\Situation;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderStanding;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Role;

/** A repair order's journal with what it rests on: the door by which everybody comes to its state. */
final class OrderJournal implements OrderStanding
{
    /** Longer than this no order's journal is, nor a task's. */
    public const MOST = 2_000;

    /** As many items no shop's kit has. */
    private const ITEMS = 500;

    private ?OrderState $state = null;

    /** @param list<OrderLine> $lines oldest first */
    public function __construct(public readonly OrderContext $context, private array $lines) {}

    /**
     * @param array<array-key, Node> $basis "today", "vehicle", "cards", "rules" and "register" of what it rests on, "bay" where one is chosen, and "core" where it says which version it is from
     * @param list<Node>             $lines oldest first
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function read(array $basis, array $lines): self
    {
        return new self(self::context($basis), array_map(static fn(Node $line): OrderLine => Kinds::orderLine(...self::parts($line)), $lines));
    }

    /**
     * @param array<array-key, Node> $basis as above
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function context(array $basis): OrderContext
    {
        isset($basis['core']) && $basis['core']->text();
        [$cards, $read] = [[], []];
        foreach ($basis['cards']->members() as $sensor => $card) {
            $raw = $card->raw();
            // The card of a pair is one document: it is read once.
            $cards[(string) $sensor] = $raw === null ? null : $read[is_object($raw) ? spl_object_id($raw) : ''] ??= Document::read(ProcedureCard::class, $card);
        }

        return new OrderContext(
            Document::read(VehicleSheet::class, $basis['vehicle']),
            $cards,
            Document::read(ShopRules::class, $basis['rules']),
            KitRegister::of(
                array_map(KitItem::read(...), $basis['register']->fewItems(self::ITEMS)),
                array_map(static fn(Node $lesson): Lesson => Document::read(Lesson::class, $lesson), isset($basis['lessons']) ? $basis['lessons']->fewItems(self::ITEMS) : []),
            ),
            $basis['today']->day(),
            isset($basis['bay']) ? Document::read(Bay::class, $basis['bay']) : null,
        );
    }

    /**
     * @return array{kind: string, id: string, person: string, at: string, payload: Node} the parts of a line as records have it
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function parts(Node $line): array
    {
        $f = $line->fields(['id', 'person', 'at', 'kind', 'payload'], ['previous']);
        if (isset($f['previous']) && $f['previous']->raw() !== null && preg_match('/^[0-9a-f]{64}$/', $f['previous']->text()) !== 1) {
            throw InvalidInput::because($f['previous']->path(), 'seal.not-a-hash');
        }

        return ['kind' => $f['kind']->line(40), 'id' => $f['id']->line(60), 'person' => $f['person']->line(120), 'at' => $f['at']->line(40), 'payload' => $f['payload']];
    }

    /** @return list<OrderLine> */
    public function lines(): array
    {
        return $this->lines;
    }

    /** Where the order stands. */
    public function state(): OrderState
    {
        return $this->state ??= new OrderState($this->context, $this->lines);
    }

    /** A further line. */
    public function add(OrderLine $line): void
    {
        $this->lines[] = $line;
        $this->state = null;
    }

    /**
     * What a line about the whole car is decided against.
     *
     * @param bool                       $byHand  whether readings are typed by somebody who took them
     * @param (\Closure(): Closing)|null $closing what keeps the order open
     */
    public function situation(?Role $role, bool $byHand = false, ?\Closure $closing = null): Situation
    {
        return new Situation($this->state(...), role: $role, byHand: $byHand, closing: $closing);
    }
}
