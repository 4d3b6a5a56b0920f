<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec\Register;

use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;

/** A column that a register can be filled from, under whatever name a file has for it. */
final readonly class Column
{
    /** Characters of a cell. */
    private const MOST = 500;

    private const DAYS = ['!Y-m-d', '!d.m.Y', '!j.n.Y', '!j M Y', '!Y/m/d'];

    /**
     * @param string         $id      where its value goes in the document, a dot leading into an object
     * @param string         $kind    "text", "length" (mm, or as it is typed with its unit), "number", "day", "choice", or "choices" and "words" (several, parted by commas or semicolons)
     * @param Message        $label   what it is called
     * @param list<string>   $choices of a choice
     */
    public function __construct(public string $id, public string $kind, public Message $label, public bool $required = false, public array $choices = []) {}

    /**
     * A cell's value; null where it is empty.
     *
     * @return string|float|list<string>|null
     *
     * @throws InvalidInput naming the column
     */
    public function read(string $cell): string|float|array|null
    {
        $text = trim($cell);
        if ($text === '') {
            return $this->required ? throw InvalidInput::because("/$this->id", 'register.empty') : null;
        }
        if (mb_strlen($text) > self::MOST) {
            throw InvalidInput::because("/$this->id", 'input.too-long', ['most' => self::MOST, 'count' => mb_strlen($text)]);
        }
        try {
            return match ($this->kind) {
                'length' => self::length($text),
                'number' => TypedNumber::read($text),
                'day' => $this->day($text),
                'choice' => $this->choice($text),
                'choices' => array_map($this->choice(...), self::several($text)),
                'words' => self::several($text),
                default => $text,
            };
        } catch (InvalidInput $failure) {
            throw $failure;
        } catch (CoreFailure $failure) {
            throw InvalidInput::because("/$this->id", 'register.unreadable', ['text' => mb_strimwidth($text, 0, 60, '…'), 'why' => $failure->said]);
        }
    }

    /** With a sign before it, as tables have it, mm. */
    private static function length(string $text): float
    {
        $below = preg_match('/^[-−]\s*/u', $text, $sign) === 1;
        $mm = Length::fromReading(mb_substr($text, mb_strlen($sign[0] ?? '')))->millimetres;

        return $below ? -$mm : $mm;
    }

    private function day(string $text): string
    {
        foreach (self::DAYS as $format) {
            $day = \DateTimeImmutable::createFromFormat($format, $text);
            if ($day !== false && \DateTimeImmutable::getLastErrors() === false) {
                return $day->format('Y-m-d');
            }
        }

        throw InvalidInput::because("/$this->id", 'register.no-day', ['text' => mb_strimwidth($text, 0, 60, '…')]);
    }

    private function choice(string $text): string
    {
        $plain = static fn(string $name): string => (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($name));
        foreach ($this->choices as $choice) {
            if ($plain($choice) === $plain($text)) {
                return $choice;
            }
        }

        throw InvalidInput::because("/$this->id", 'register.no-choice', ['text' => mb_strimwidth($text, 0, 60, '…'), 'known' => $this->choices]);
    }

    /** @return list<string> */
    private static function several(string $text): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('/[,;]/', $text) ?: []), static fn(string $part): bool => $part !== ''));
    }
}
