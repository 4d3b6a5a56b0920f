<?php

declare(strict_types=1);

namespace Lumbro\Words;

/** The messages of one language: code → ICU MessageFormat. */
final class Language
{
    /** @var array<string, self> */
    private static array $loaded = [];

    /** @param array<string, string> $messages */
    private function __construct(public readonly string $name, public readonly array $messages) {}

    /** @throws \RuntimeException where there are no words in this language */
    public static function named(string $name): self
    {
        return self::$loaded[$name] ??= self::load($name);
    }

    private static function load(string $name): self
    {
        $path = dirname(__DIR__) . "/$name.json";
        $text = preg_match('/^[a-z]{2}(-[A-Z]{2})?$/', $name) === 1 && is_file($path) ? file_get_contents($path) : false;
        if ($text === false) {
            throw new \RuntimeException("There are no words in the language \"$name\".");
        }
        /** @var array<string, string> $messages */
        $messages = json_decode($text, true, 4, JSON_THROW_ON_ERROR);

        // What a language lacks yet is said in English.
        return new self($name, $name === 'en' ? $messages : $messages + self::named('en')->messages);
    }
}
