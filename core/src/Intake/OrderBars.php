<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitNeed;
use Lumbro\Core\Catalogue\ShopRules\CodeSort;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Message\Message;

/** Why a sensor's run may not start, as far as the order's record says so: codes, kit, card, covers, what is open, what contradicts. */
final readonly class OrderBars
{
    /**
     * @param list<SortedCode>    $codes          of the scan before the work
     * @param list<KitNeed>       $needs
     * @param list<Capture>       $captures
     * @param list<Contradiction> $contradictions
     */
    public function __construct(private OrderContext $context, private OrderRecord $record, private array $codes, private array $needs, private array $captures, private array $contradictions) {}

    /**
     * @param bool $inDoubt whether nobody has said where a cover is that was taken off
     *
     * @return list<Bar>
     */
    public function of(CarSensor $sensor, Owed $owed, bool $inDoubt, RuleSet $rules): array
    {
        $bars = [];
        foreach ($this->codes as $code) {
            if ($code->sort === CodeSort::Blocking) {
                $bars[] = new Bar('code', Message::of('bar.code', ['code' => $code->code->code, 'unit' => $code->code->unit, 'why' => $code->why]));
            }
        }
        foreach ($this->needs as $need) {
            if ($need->bars && in_array($sensor->id, $need->sensors, true)) {
                $bars[] = new Bar('kit', Message::of('bar.kit', ['item' => $need->item ?? $need->wanted, 'note' => $need->note]));
            }
        }
        $card = $this->context->cards[$sensor->id] ?? null;
        if ($card !== null && ! $card->isChecked()) {
            $bars[] = new Bar('card', Message::of('bar.card-unchecked'));
        }

        return $rules->weighsStatements() ? [...$bars, ...$this->cover($sensor, $card, $inDoubt), ...$this->captures($sensor), ...self::questions($owed), ...$this->contradictions($sensor)] : $bars;
    }

    /** @return list<Bar> */
    private function cover(CarSensor $sensor, ?ProcedureCard $card, bool $inDoubt): array
    {
        $cover = $sensor->cover();
        if ($cover === null) {
            return [];
        }
        $off = ($this->record->covers[$cover->value] ?? null)?->off;
        $bare = $card->sensor->runsUncovered ?? false;
        $code = match (true) {
            $off === null => $inDoubt ? 'bar.cover-unsaid' : null,
            $off && ! $bare => 'bar.cover-off',
            ! $off && $bare => 'bar.cover-on',
            default => null,
        };

        return $code === null ? [] : [new Bar('cover', Message::of($code, ['cover' => $cover->said()]))];
    }

    /** @return list<Bar> */
    private function captures(CarSensor $sensor): array
    {
        $bars = [];
        foreach ($this->captures as $capture) {
            if ($capture->sensor->id === $sensor->id && in_array($capture->state, [CaptureState::Now, CaptureState::Missed], true)) {
                $bars[] = new Bar('capture', Message::of('bar.capture', ['question' => $capture->item->question]));
            }
        }

        return $bars;
    }

    /** @return list<Bar> */
    private static function questions(Owed $owed): array
    {
        return $owed->state !== OwedState::Unknown ? [] : array_map(
            static fn(OwedReason $reason): Bar => new Bar('question', Message::of('bar.question', ['question' => $reason->question ?? Message::of('owed.maker-question')])),
            $owed->questions(),
        );
    }

    /** @return list<Bar> */
    private function contradictions(CarSensor $sensor): array
    {
        $about = array_filter($this->contradictions, static fn(Contradiction $found): bool => $found->sensor === null || $found->sensor === $sensor->id);

        return array_values(array_map(static fn(Contradiction $found): Bar => new Bar('contradiction', $found->said()), $about));
    }
}
