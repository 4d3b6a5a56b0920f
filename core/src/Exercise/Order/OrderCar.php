<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\CaptureState;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OpenItem;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Intake\Owed;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Journal\Scan;
use Lumbro\Core\Journal\ScanTaken;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Practice\SeededNoise;

/** A simulated car whose trap is in its order: what its order says, what is true, and what is seen where somebody looks. */
final class OrderCar
{
    /** Paint as it left the factory, and over a second coat, µm. */
    private const FACTORY = [70.0, 95.0];
    private const AGAIN = [128.0, 146.0];

    /** Whoever wrote what stood in the order when it came. */
    public const WHO = 'Practice';

    private ?OrderState $noted = null;

    private ?OrderState $true = null;

    private readonly OrderTruth $hidden;

    private readonly SeededNoise $noise;

    /** @param list<OrderLine> $lines of the order as it stands */
    public function __construct(public readonly OrderContext $context, private readonly PracticeCar $car, private readonly array $lines)
    {
        $this->hidden = $car->order ?? new OrderTruth();
        $this->noise = new SeededNoise($car->truth->seed);
    }

    /** Where the order stands by what is written in it. */
    public function noted(): OrderState
    {
        return $this->noted ??= new OrderState($this->context, $this->lines);
    }

    /** Where it would stand if everything that is true were written in it. */
    public function true(): OrderState
    {
        if ($this->true !== null) {
            return $this->true;
        }
        $lines = $this->lines;
        foreach ($this->hidden->unsaid as $operation) {
            if (! isset($this->noted()->record->operations[$operation->text()])) {
                $lines[] = new OperationNoted('true', self::WHO, 'now', $operation, 'done');
            }
        }
        if ($this->car->begins === 'close') {
            foreach ($this->hidden->off as $cover) {
                $lines[] = new CoverNoted('true', self::WHO, 'now', $cover, true);
            }
            $lines[] = new ScanTaken('true', self::WHO, 'now', 'post', 'tool', $this->scan());
        }
        foreach ((new OrderState($this->context, $lines))->owed as $sensor => $owed) {
            foreach ($owed->reasons as $reason) {
                $answer = $this->hidden->answers[$reason->operation->text()] ?? null;
                if ($reason->canAnswer && $answer !== null) {
                    $lines[] = new OwedAnswered('true', self::WHO, 'now', $sensor, $reason->operation->text(), $answer);
                }
            }
        }

        return $this->true = new OrderState($this->context, $lines);
    }

    /** @return list<Operation> done to it and not on its order when it came */
    public function unsaid(): array
    {
        return $this->hidden->unsaid;
    }

    /** @return list<Place> where one can look */
    public function places(): array
    {
        // At the closing the order has the covers on: where they truly are is for whoever walks round to see.
        return array_values(array_filter(Place::cases(), fn(Place $place): bool => $this->car->begins === 'close' ? $place->behind() === null : $place !== Place::Scan));
    }

    /** Whether nothing can be seen there now, because a cover is on. */
    public function isCovered(Place $place): bool
    {
        $cover = $place->behind();

        return $cover !== null && ! ($this->noted()->record->covers[$cover->value]->off ?? false);
    }

    /** @return list<Find> what is seen there */
    public function find(Place $place): array
    {
        $finds = match (true) {
            $place->paint() !== null => [$this->paint($place->paint())],
            $place->behind() !== null => $this->labels($place->behind()),
            $place === Place::Around && $this->car->begins === 'close' => array_map($this->cover(...), Cover::cases()),
            $place === Place::Scan => [$this->codes()],
            default => [],
        };
        foreach ($this->hidden->unsaid as $operation) {
            if (Place::of($operation, $this->context->sheet) === $place) {
                $finds[] = $this->operation($operation);
            }
        }
        foreach ($this->questions() as [$sensor, $operation, $question, $answer]) {
            if (Place::of($operation, $this->context->sheet) === $place) {
                $finds[] = new Find(
                    Message::of("find.answer-$answer", ['sensor' => $sensor->name, 'question' => $question]),
                    'owed-answer',
                    ['sensor' => $sensor->id, 'operation' => $operation->text(), 'answer' => $answer],
                    ($this->noted()->record->owedAnswers[$sensor->id][$operation->text()]->answer ?? null) === $answer,
                );
            }
        }

        return $finds === [] ? [new Find(Message::of('find.nothing'))] : $finds;
    }

    /** @return list<Place> where something is to be seen that is not as the order had it when the car came */
    public function telling(): array
    {
        $tells = array_map(fn(Operation $operation): Place => Place::of($operation, $this->context->sheet), [
            ...$this->hidden->unsaid,
            ...array_map(static fn(array $question): Operation => $question[1], $this->questions()),
        ]);
        if ($this->car->begins === 'close') {
            array_push($tells, ...($this->hidden->off === [] ? [] : [Place::Around]), ...($this->hidden->codes === [] ? [] : [Place::Scan]));
        }

        return array_values(array_unique($tells, SORT_REGULAR));
    }

    /** @return list<Capture> what was to be had while a cover was off, as it stands when the learner is done: the covers go back then */
    public function captures(): array
    {
        return array_values(array_filter($this->true()->captures, fn(Capture $capture): bool => $this->value($capture) !== null && in_array($capture->cover, $this->hidden->off, true)));
    }

    /** Whether something was taken down in time. */
    public static function isHad(Capture $capture): bool
    {
        return $capture->state === CaptureState::Had;
    }

    /** @return list<string> what truly keeps the order open, as an answer names it */
    public function open(): array
    {
        $things = [];
        foreach ($this->true()->closing($this->sealed())->open() as $item) {
            $thing = self::thing($item);
            if ($thing !== null) {
                $things[] = $thing;
            }
        }

        return array_values(array_unique($things));
    }

    /** What keeps the order open by what is written in it. */
    public function closing(): Closing
    {
        return $this->noted()->closing($this->sealed());
    }

    /** @return list<string> sensors whose record is sealed: those that the order called for when it came, but for what was left */
    public function sealed(): array
    {
        if ($this->car->begins !== 'close') {
            return [];
        }
        $sealed = [];
        foreach ($this->context->sheet->sensors as $sensor) {
            $answers = [];
            foreach ($this->hidden->answers as $operation => $answer) {
                $answers[$operation] = new OwedAnswered('told', self::WHO, 'now', $sensor->id, (string) $operation, $answer);
            }
            $owed = Owed::after($this->car->operations, $sensor, $this->context->cards[$sensor->id] ?? null, $this->context->shop->owed, $answers);
            if ($owed->state !== OwedState::NotOwed && ! in_array($sensor->id, $this->hidden->unsealed, true)) {
                $sealed[] = $sensor->id;
            }
        }

        return $sealed;
    }

    /** What an open matter comes to in an answer; null where nobody is asked about it. */
    public static function thing(OpenItem $item): ?string
    {
        return match (explode(' ', $item->id)[0]) {
            'sensor', 'cover' => $item->id,
            'code' => OrderAnswer::CODES,
            default => null,
        };
    }

    private function operation(Operation $operation): Find
    {
        return new Find(
            Message::of('find.operation', ['operation' => $operation->said($this->context->sheet)]),
            OperationNoted::KIND,
            ['operation' => $operation->text(), 'state' => 'done'],
            isset($this->noted()->record->operations[$operation->text()]),
        );
    }

    private function paint(Cover $cover): Find
    {
        return new Find(Message::of($this->isPainted($cover) ? 'find.painted' : 'find.not-painted', ['cover' => $cover->said(), 'thickness' => Quantity::number($this->thickness($cover))]));
    }

    private function isPainted(Cover $cover): bool
    {
        return in_array("$cover->value-cover-painted", array_map(static fn(Operation $operation): string => $operation->text(), [...$this->car->operations, ...$this->hidden->unsaid]), true);
    }

    /** Of the paint on a cover, µm. */
    private function thickness(Cover $cover): float
    {
        [$low, $high] = $this->isPainted($cover) ? self::AGAIN : self::FACTORY;

        return round($low + ($high - $low) * $this->noise->even("paint $cover->value"));
    }

    /** @return list<Find> */
    private function labels(Cover $cover): array
    {
        $finds = [];
        $captures = $this->true()->captures;
        // What was noted stays in its place, or the next thing noted would be another.
        usort($captures, static fn(Capture $a, Capture $b): int => [$a->sensor->id, $a->item->id] <=> [$b->sensor->id, $b->item->id]);
        foreach ($captures as $capture) {
            $value = $this->value($capture);
            if ($capture->cover !== $cover || $value === null) {
                continue;
            }
            $value = $value === '' ? strtoupper(substr(hash('sha256', "{$this->car->truth->seed} {$capture->sensor->id} {$capture->item->id}"), 0, 7)) : $value;
            $finds[] = new Find(
                Message::of('find.label', ['sensor' => $capture->sensor->name, 'question' => $capture->item->question, 'value' => $value]),
                'capture',
                ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'value' => $value],
                self::isHad($capture),
            );
        }

        return $finds;
    }

    /** What is seen of it; "" where it is drawn, null where nothing is to be read there in practice. */
    private function value(Capture $capture): ?string
    {
        $item = $capture->item;

        return match ($item->kind) {
            'text' => '',
            'number' => (string) ($item->unit === 'µm' ? $this->thickness($capture->cover) : round(0.3 * ($item->most ?? 1.0), 1)),
            'yes' => 'yes',
            default => null,
        };
    }

    private function cover(Cover $cover): Find
    {
        $off = in_array($cover, $this->hidden->off, true);

        return new Find(
            Message::of($off ? 'find.cover-off' : 'find.cover-on', ['cover' => $cover->said()]),
            CoverNoted::KIND,
            ['cover' => $cover->value, 'off' => $off],
            ($this->noted()->record->covers[$cover->value]->off ?? null) === $off,
        );
    }

    private function codes(): Find
    {
        $last = $this->noted()->record->lastScan('post')?->scan->codes ?? [];
        $named = static fn(TroubleCode $code): string => "$code->unit $code->code";

        return new Find(
            $this->hidden->codes === [] ? Message::of('find.no-codes') : Message::of('find.codes', ['codes' => array_map($named, $this->hidden->codes)]),
            ScanTaken::KIND,
            ['phase' => 'post', 'origin' => 'tool', 'scan' => Document::write($this->scan())],
            array_map($named, $last) === array_map($named, $this->hidden->codes),
        );
    }

    private function scan(): Scan
    {
        return new Scan('Practice', 'now', $this->hidden->codes);
    }

    /** @return list<array{CarSensor, Operation, string|Message, string}> what the rules ask about the work, and what is so */
    private function questions(): array
    {
        $asked = [];
        foreach ($this->context->sheet->sensors as $sensor) {
            foreach ($this->true()->owed[$sensor->id]->reasons as $reason) {
                $answer = $this->hidden->answers[$reason->operation->text()] ?? null;
                if ($reason->canAnswer && $answer !== null && $reason->question !== null) {
                    $asked[] = [$sensor, $reason->operation, $reason->question, $answer];
                }
            }
        }

        return $asked;
    }
}
