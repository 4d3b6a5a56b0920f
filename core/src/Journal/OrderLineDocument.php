<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\Said;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;

/** The JSON form of the lines of a repair order's record (schemas, "order-line"). */
final class OrderLineDocument
{
    public const KINDS = [
        'operation', 'cover', 'owed-answer', 'capture', 'condition', 'scan', 'figure', 'detail', 'estimate-line', 'estimate-settled', 'photo', 'card', 'line', 'mark', 'floor', 'stance', 'bay', 'drive', 'road', 'left-open',
    ];

    /** A measured figure is at least this uncertain, mm: nobody marks and reads a car better. */
    private const FINEST = 0.2;

    /** A reason of a word or two has at least so many characters; one that a car is handed over for is a sentence. */
    private const REASON = 5;

    private const SENTENCE = 10;

    /**
     * @param string $kind    one of KINDS
     * @param Node   $payload what that kind carries
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function entry(string $kind, string $id, string $person, string $at, Node $payload): OrderLine
    {
        return match ($kind) {
            'operation' => self::operation($id, $person, $at, $payload),
            'cover' => self::cover($id, $person, $at, $payload),
            'owed-answer' => self::owedAnswer($id, $person, $at, $payload),
            'capture' => self::capture($id, $person, $at, $payload),
            'condition' => self::condition($id, $person, $at, $payload),
            'scan' => self::scan($id, $person, $at, $payload),
            'figure' => self::figure($id, $person, $at, $payload),
            'detail' => self::detail($id, $person, $at, $payload),
            'estimate-line' => new LineNotUnderstood($id, $person, $at, $payload->fields(['text'])['text']->line(300)),
            'estimate-settled' => new LineSettled($id, $person, $at, $payload->fields(['line'])['line']->line(60)),
            'photo' => self::photo($id, $person, $at, $payload),
            'card' => self::card($id, $person, $at, $payload),
            'line' => self::line($id, $person, $at, $payload),
            'mark' => self::mark($id, $person, $at, $payload),
            'floor' => self::floor($id, $person, $at, $payload),
            'stance' => self::stance($id, $person, $at, $payload),
            'bay' => self::bay($id, $person, $at, $payload),
            'drive' => self::drive($id, $person, $at, $payload),
            'road' => self::road($id, $person, $at, $payload),
            'left-open' => self::leftOpen($id, $person, $at, $payload),
            default => throw InvalidInput::because('/kind', 'line.unknown-kind', ['kind' => $kind, 'known' => self::KINDS]),
        };
    }

    /** @return array{kind: string, payload: array<string, mixed>} */
    public static function write(OrderLine $entry): array
    {
        [$kind, $payload] = match (true) {
            $entry instanceof OperationNoted => ['operation', ['operation' => $entry->operation->text(), 'state' => $entry->state, 'word' => $entry->word]],
            $entry instanceof CoverNoted => ['cover', ['cover' => $entry->cover->value, 'off' => $entry->off, 'missed' => $entry->missed === [] ? null : $entry->missed]],
            $entry instanceof OwedAnswered => ['owed-answer', [
                'sensor' => $entry->sensor, 'operation' => $entry->operation, 'answer' => $entry->answer,
                'word' => $entry->word, 'source' => $entry->source, 'route' => $entry->route?->value,
            ]],
            $entry instanceof Captured => ['capture', [
                'sensor' => $entry->sensor, 'item' => $entry->item, 'value' => $entry->value === '' ? null : $entry->value,
                'word' => $entry->word, 'reason' => $entry->reason,
            ]],
            $entry instanceof ConditionAnswered => ['condition', [
                'item' => $entry->item, 'sensor' => $entry->sensor, 'answer' => $entry->answer->value,
                'word' => $entry->word, 'values' => $entry->values === [] ? null : (object) $entry->values,
            ]],
            $entry instanceof ScanTaken => ['scan', ['phase' => $entry->phase, 'origin' => $entry->origin, 'scan' => ScanDocument::write($entry->scan)]],
            $entry instanceof FigureMeasured => ['figure', ['figure' => $entry->figure, 'typed' => $entry->typed, 's' => $entry->s, 'word' => $entry->word]],
            $entry instanceof DetailNoted => ['detail', ['field' => $entry->field, 'value' => $entry->value]],
            $entry instanceof LineNotUnderstood => ['estimate-line', ['text' => $entry->text]],
            $entry instanceof LineSettled => ['estimate-settled', ['line' => $entry->line]],
            $entry instanceof PhotoAdded => ['photo', ['photo' => $entry->photo, 'sensor' => $entry->sensor, 'about' => $entry->about]],
            $entry instanceof CardChosen => ['card', ['sensor' => $entry->sensor, 'card' => $entry->card]],
            $entry instanceof LineAnswered => ['line', ['item' => $entry->item, 'answer' => $entry->answer->value, 'word' => $entry->word]],
            $entry instanceof MarkPlumbed => ['mark', ['end' => $entry->end, 'mark' => $entry->mark->value, 'note' => $entry->note === '' ? null : $entry->note]],
            $entry instanceof DriveTaken => ['drive', ['track' => $entry->track, 'driver' => $entry->driver, 'file' => $entry->file, 'enough' => $entry->enough === [] ? null : $entry->enough]],
            $entry instanceof RoadTested => ['road', [
                'function' => $entry->function, 'found' => $entry->found, 'driver' => $entry->driver,
                'route' => $entry->route, 'weather' => $entry->weather, 'reason' => $entry->reason,
            ]],
            $entry instanceof LeftOpen => ['left-open', ['item' => $entry->item, 'reason' => $entry->reason]],
            $entry instanceof BayChosen => ['bay', ['bay' => $entry->bay, 'name' => $entry->name]],
            $entry instanceof StanceTaken => ['stance', ['x' => $entry->stance->x, 'y' => $entry->stance->y, 'heading' => $entry->stance->heading]],
            $entry instanceof FloorRead => ['floor', ['place' => $entry->place, 'typed' => $entry->typed === '' ? null : $entry->typed]],
            default => throw new \LogicException('An entry of an unknown kind.'),
        };

        return ['kind' => $kind, 'payload' => array_filter($payload, static fn(mixed $value): bool => $value !== null)];
    }

    private static function operation(string $id, string $person, string $at, Node $payload): OperationNoted
    {
        $f = $payload->fields(['operation', 'state'], ['word']);

        return new OperationNoted(
            $id,
            $person,
            $at,
            Operation::fromCode($f['operation']->line(120), $f['operation']->path()),
            $f['state']->oneOf(OperationNoted::STATES),
            self::optional($f, 'word', 80),
        );
    }

    private static function cover(string $id, string $person, string $at, Node $payload): CoverNoted
    {
        $f = $payload->fields(['cover', 'off'], ['missed']);

        return new CoverNoted(
            $id,
            $person,
            $at,
            Cover::from($f['cover']->oneOf(array_column(Cover::cases(), 'value'))),
            $f['off']->flag(),
            isset($f['missed']) ? array_map(static fn(Node $text): string|Message => Said::read($text, 200), $f['missed']->fewItems(100)) : [],
        );
    }

    private static function owedAnswer(string $id, string $person, string $at, Node $payload): OwedAnswered
    {
        $f = $payload->fields(['sensor', 'operation', 'answer'], ['word', 'source', 'route']);
        $answer = $f['answer']->oneOf(OwedAnswered::ANSWERS);
        $source = self::optional($f, 'source', 300);
        if ($source === null && in_array($answer, ['owed', 'not-owed'], true)) {
            throw InvalidInput::because($payload->path() . '/source', 'owed.source-missing');
        }
        if (isset($f['route']) && $answer !== 'owed') {
            throw InvalidInput::because($f['route']->path(), 'owed.route-out-of-place');
        }

        return new OwedAnswered(
            $id,
            $person,
            $at,
            $f['sensor']->id(),
            Operation::fromCode($f['operation']->line(120), $f['operation']->path())->text(),
            $answer,
            self::optional($f, 'word', 80),
            $source,
            isset($f['route']) ? Route::from($f['route']->oneOf(array_column(Route::cases(), 'value'))) : null,
        );
    }

    private static function capture(string $id, string $person, string $at, Node $payload): Captured
    {
        $f = $payload->fields(['sensor', 'item'], ['value', 'word', 'reason']);
        $value = self::optional($f, 'value', 120);
        $reason = self::optional($f, 'reason', 300);
        if (($value === null) === ($reason === null)) {
            throw InvalidInput::because($payload->path() . '/value', 'capture.value-or-reason');
        }

        return new Captured($id, $person, $at, $f['sensor']->id(), $f['item']->id(), $value ?? '', self::optional($f, 'word', 80), $reason);
    }

    private static function condition(string $id, string $person, string $at, Node $payload): ConditionAnswered
    {
        $f = $payload->fields(['item', 'answer'], ['sensor', 'word', 'values']);
        $answer = AnswerKind::from($f['answer']->oneOf(array_column(AnswerKind::cases(), 'value')));
        $word = self::optional($f, 'word', 80);
        if ($answer === AnswerKind::OnWord && $word === null) {
            throw InvalidInput::because($payload->path() . '/word', 'answer.whose-word');
        }
        $values = [];
        foreach (isset($f['values']) ? $f['values']->members() : [] as $name => $value) {
            TypedNumber::read($value->line(20));
            $values[(string) $name] = $value->text();
        }

        return new ConditionAnswered($id, $person, $at, $f['item']->id(), isset($f['sensor']) ? $f['sensor']->id() : null, $answer, $word, $values);
    }

    private static function scan(string $id, string $person, string $at, Node $payload): ScanTaken
    {
        $f = $payload->fields(['phase', 'origin', 'scan']);

        return new ScanTaken($id, $person, $at, $f['phase']->oneOf(['pre', 'post']), $f['origin']->line(120), ScanDocument::read($f['scan']));
    }

    private static function figure(string $id, string $person, string $at, Node $payload): FigureMeasured
    {
        $f = $payload->fields(['figure', 'typed', 's'], ['word']);
        $typed = $f['typed']->line(60);

        return new FigureMeasured(
            $id,
            $person,
            $at,
            $f['figure']->line(80),
            $typed,
            self::signed($typed),
            $f['s']->between(self::FINEST, 200),
            self::optional($f, 'word', 80),
        );
    }

    /** A length, or one to a side of the car where it names one. */
    private static function signed(string $typed): float
    {
        return preg_match('/(left|right)/i', $typed) === 1
            ? SidedLength::fromReading($typed)->millimetres
            : Length::fromReading($typed)->millimetres;
    }

    private static function detail(string $id, string $person, string $at, Node $payload): DetailNoted
    {
        $f = $payload->fields(['field', 'value']);
        $field = $f['field']->oneOf(DetailNoted::FIELDS);
        $value = $f['value']->line($field === 'note' ? 2000 : 120);

        return new DetailNoted($id, $person, $at, $field, $field === 'vin' ? Vin::fromText($value, $f['value']->path())->text : $value);
    }

    private static function photo(string $id, string $person, string $at, Node $payload): PhotoAdded
    {
        $f = $payload->fields(['photo', 'about'], ['sensor']);

        return new PhotoAdded($id, $person, $at, $f['photo']->line(60), isset($f['sensor']) ? $f['sensor']->id() : null, $f['about']->line(80));
    }

    private static function card(string $id, string $person, string $at, Node $payload): CardChosen
    {
        $f = $payload->fields(['sensor', 'card']);

        return new CardChosen($id, $person, $at, $f['sensor']->id(), $f['card']->line(60));
    }

    private static function line(string $id, string $person, string $at, Node $payload): LineAnswered
    {
        $f = $payload->fields(['item', 'answer'], ['word']);
        $answer = AnswerKind::from($f['answer']->oneOf(array_column(AnswerKind::cases(), 'value')));
        $word = self::optional($f, 'word', 80);
        if ($answer === AnswerKind::OnWord && $word === null) {
            throw InvalidInput::because($payload->path() . '/word', 'answer.whose-word');
        }

        return new LineAnswered($id, $person, $at, $f['item']->id(), $answer, $word);
    }

    private static function mark(string $id, string $person, string $at, Node $payload): MarkPlumbed
    {
        $f = $payload->fields(['end', 'mark'], ['note']);
        $mark = Mark::from($f['mark']->oneOf(array_column(Mark::cases(), 'value')));
        $note = self::optional($f, 'note', 120) ?? '';
        if ($mark === Mark::Other && $note === '') {
            throw InvalidInput::because($payload->path() . '/note', 'mark.what');
        }

        return new MarkPlumbed($id, $person, $at, $f['end']->oneOf(['front', 'rear']), $mark, $note);
    }

    private static function stance(string $id, string $person, string $at, Node $payload): StanceTaken
    {
        $f = $payload->fields(['x', 'y', 'heading']);

        return new StanceTaken($id, $person, $at, new Stance($f['x']->between(-200_000, 200_000), $f['y']->between(-200_000, 200_000), $f['heading']->between(-360, 360)));
    }

    private static function drive(string $id, string $person, string $at, Node $payload): DriveTaken
    {
        $f = $payload->fields(['track', 'driver', 'file'], ['enough']);
        $enough = isset($f['enough']) ? array_map(static fn(Node $sensor): string => $sensor->id(), $f['enough']->fewItems(16)) : [];

        return new DriveTaken($id, $person, $at, $f['track']->line(60), $f['driver']->line(80), $f['file']->line(120), $enough);
    }

    private static function road(string $id, string $person, string $at, Node $payload): RoadTested
    {
        $f = $payload->fields(['function', 'found', 'driver'], ['route', 'weather', 'reason']);
        $found = $f['found']->oneOf(RoadTested::FOUND);
        $reason = self::optional($f, 'reason', 300);
        if ($found !== 'seen' && mb_strlen($reason ?? '') < self::REASON) {
            throw InvalidInput::because($payload->path() . '/reason', $found === 'untested' ? 'road.why-untested' : 'road.what-instead');
        }

        return new RoadTested(
            $id,
            $person,
            $at,
            $f['function']->id(),
            $found,
            $f['driver']->line(80),
            self::optional($f, 'route', 200),
            self::optional($f, 'weather', 120),
            $reason,
        );
    }

    private static function leftOpen(string $id, string $person, string $at, Node $payload): LeftOpen
    {
        $f = $payload->fields(['item', 'reason']);
        $reason = $f['reason']->line(500);
        if (mb_strlen($reason) < self::SENTENCE) {
            throw InvalidInput::because($f['reason']->path(), 'left-open.reason');
        }

        return new LeftOpen($id, $person, $at, $f['item']->line(200), $reason);
    }

    private static function bay(string $id, string $person, string $at, Node $payload): BayChosen
    {
        $f = $payload->fields(['bay', 'name']);

        return new BayChosen($id, $person, $at, $f['bay']->line(60), $f['name']->line(80));
    }

    /** A staff reading; one without a reading takes the earlier one back. */
    private static function floor(string $id, string $person, string $at, Node $payload): FloorRead
    {
        $f = $payload->fields(['place'], ['typed']);
        $typed = self::optional($f, 'typed', 60) ?? '';

        return new FloorRead($id, $person, $at, $f['place']->line(60), $typed, $typed === '' ? null : Length::fromReading($typed)->millimetres);
    }

    /** @param array<array-key, Node> $fields */
    private static function optional(array $fields, string $name, int $longest): ?string
    {
        return isset($fields[$name]) ? $fields[$name]->line($longest) : null;
    }
}
