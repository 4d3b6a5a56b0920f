<?php

declare(strict_types=1);

namespace Lumbro\Words;

/** Puts words to messages: {"say": code, "with": parameters} becomes a sentence in the reader's language and units. */
final class Words
{
    private readonly Language $language;

    public readonly Quantities $quantities;

    /** @var array<string, \MessageFormatter> */
    private array $formatters = [];

    public function __construct(public readonly Reader $reader = new Reader())
    {
        $this->language = Language::named($reader->language);
        $this->quantities = new Quantities($reader);
    }

    /**
     * @param mixed $said a message, as an object or decoded; a text is somebody's own words and stays as it is
     */
    public function say(mixed $said): string
    {
        $said = self::plain($said);
        if (is_array($said)) {
            return isset($said['say']) && is_string($said['say']) ? $this->message($said['say'], (array) self::plain($said['with'] ?? [])) : $this->parameter($said);
        }

        return is_scalar($said) ? (string) $said : '';
    }

    /** @param array<string, mixed> $with */
    public function of(string $code, array $with = []): string
    {
        return $this->message($code, $with);
    }

    /** A whole document with every message in it put in words. */
    public function worded(mixed $document): mixed
    {
        $document = self::plain($document);
        if (! is_array($document)) {
            return $document;
        }
        if (isset($document['say']) && is_string($document['say']) && array_diff(array_keys($document), ['say', 'with']) === []) {
            return $this->say($document);
        }

        return array_map($this->worded(...), $document);
    }

    /** @param array<array-key, mixed> $with */
    private function message(string $code, array $with): string
    {
        $pattern = $this->language->messages[$code] ?? null;
        if ($pattern === null) {
            // Of a later edition, or forged: shown as it is, so that a record stays readable.
            return "[$code]";
        }
        if (! str_contains($pattern, '{') && ! str_contains($pattern, "''")) {
            return $pattern;
        }
        $formatter = $this->formatters[$code] ??= new \MessageFormatter($this->language->name, $pattern);
        $said = $formatter->format(array_map($this->parameter(...), $with));

        return $said === false ? throw new \RuntimeException("The words for \"$code\" could not be said: " . $formatter->getErrorMessage()) : $said;
    }

    private function parameter(mixed $value): string|int|float
    {
        $value = self::plain($value);
        if (! is_array($value)) {
            return is_int($value) || is_float($value) ? $value : (is_bool($value) ? ($value ? 'yes' : 'no') : (is_string($value) ? $value : ''));
        }
        if (array_is_list($value)) {
            return array_reduce($value, $this->joined(...), '');
        }
        if (isset($value['say'])) {
            return $this->say($value);
        }
        $digits = is_int($value['digits'] ?? null) ? $value['digits'] : null;
        unset($value['digits']);
        $unit = (string) array_key_first($value);
        $figure = $value[$unit];

        return is_string($figure) ? ($unit === 'day' ? $this->quantities->day($figure) : $this->quantities->moment($figure)) : $this->figure($unit, is_numeric($figure) ? (float) $figure : 0.0, $digits);
    }

    /** Sentences stand one after another, names with commas between them. */
    private function joined(string $list, mixed $next): string
    {
        return ($list === '' ? '' : $list . (str_ends_with($list, '.') ? ' ' : ', ')) . $this->parameter($next);
    }

    private function figure(string $unit, float $value, ?int $digits): string
    {
        return match ($unit) {
            'mm' => $this->quantities->length($value, $digits ?? 0),
            'deg' => $this->quantities->degrees($value, $digits ?? 2),
            'dB' => $this->quantities->decimal($value, 1) . ' dB',
            'V' => $this->quantities->decimal($value, 1) . ' V',
            's' => $this->quantities->decimal($value, 0) . ' s',
            'kmh' => $this->quantities->decimal($value, 0) . ' km/h',
            'percent' => $this->quantities->decimal(100 * $value, 0) . ' %',
            'chance' => $this->chance($value),
            'turns' => $this->turns($value),
            'number' => $this->quantities->plain($value),
            default => throw new \OutOfBoundsException("\"$unit\" is no unit of a figure."),
        };
    }

    /** As people say it: "97 in 100", and no certainty that nobody has. */
    public function chance(float $chance): string
    {
        return match ($hundredth = (int) round(100 * $chance)) {
            100 => $this->of('chance.most'),
            0 => $this->of('chance.least'),
            default => $this->of('chance.about', ['count' => $hundredth]),
        };
    }

    /** As whoever turns the screw says it: "one and a quarter turns anticlockwise". */
    public function turns(float $turns): string
    {
        if ($turns === 0.0) {
            return $this->of('turns.none');
        }
        $quarters = (int) round(abs($turns) * 4);
        $isQuarters = abs(abs($turns) * 4 - $quarters) <= 1e-6;

        return $this->of($isQuarters ? 'turns.quarters' : 'turns.figure', [
            'sense' => $turns > 0 ? 'clockwise' : 'anticlockwise', 'whole' => intdiv($quarters, 4), 'part' => $quarters % 4, 'turns' => $this->quantities->plain(abs($turns)),
        ]);
    }

    /** Objects of the core as the documents they become. */
    private static function plain(mixed $value): mixed
    {
        while ($value instanceof \JsonSerializable) {
            $value = $value->jsonSerialize();
        }

        return $value instanceof \stdClass ? get_object_vars($value) : $value;
    }
}
