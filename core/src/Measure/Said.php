<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** Reads a message that a line of a record carries; a text is one that somebody wrote, or an earlier edition put in words. */
final class Said
{
    private const DEEPEST = 4;
    private const PARAMETERS = 12;

    /** @throws InvalidInput where it is neither a text nor a message */
    public static function read(Node $node, int $longest = 500): string|Message
    {
        return $node->isObject() ? self::message($node, 0) : $node->line($longest);
    }

    private static function message(Node $node, int $depth): Message
    {
        $f = $node->fields(['say'], ['with']);
        $code = $f['say']->line(80);
        if ($depth > self::DEEPEST || preg_match('/^[a-z][a-zA-Z0-9]*([.-][a-zA-Z0-9]+)*$/', $code) !== 1) {
            throw InvalidInput::because($node->path(), 'message.unreadable');
        }
        $with = [];
        foreach (isset($f['with']) ? $f['with']->members() : [] as $name => $value) {
            $with[(string) $name] = self::parameter($value, $depth + 1);
        }

        return count($with) > self::PARAMETERS ? throw InvalidInput::because($node->path(), 'message.unreadable') : Message::of($code, $with);
    }

    /** @return int|float|string|Message|Quantity|list<int|float|string|Message|Quantity> */
    private static function parameter(Node $node, int $depth): int|float|string|Message|Quantity|array
    {
        $raw = $node->raw();

        return is_array($raw) ? array_map(static fn(Node $one): int|float|string|Message|Quantity => self::single($one, $depth), $node->fewItems(200)) : self::single($node, $depth);
    }

    private static function single(Node $node, int $depth): int|float|string|Message|Quantity
    {
        $raw = $node->raw();
        if (is_int($raw)) {
            return $raw;
        }
        if (is_float($raw)) {
            return $node->number();
        }
        if (is_string($raw)) {
            return $raw === '' ? '' : $node->line(2000);
        }

        return $node->isObject() && $node->member('say') === null ? self::quantity($node) : self::message($node, $depth);
    }

    private static function quantity(Node $node): Quantity
    {
        $f = $node->members();
        $digits = isset($f['digits']) ? (int) $f['digits']->between(0, 6) : null;
        unset($f['digits']);
        $unit = count($f) === 1 ? (string) array_key_first($f) : '';

        return match ($unit) {
            'mm' => Quantity::mm($f['mm']->number(), $digits ?? 0),
            'deg' => Quantity::degrees($f['deg']->number(), $digits ?? 2),
            'dB' => Quantity::decibels($f['dB']->number()),
            'V' => Quantity::volts($f['V']->number()),
            's' => Quantity::seconds($f['s']->number()),
            'chance' => Quantity::chance($f['chance']->between(0, 1)),
            'turns' => Quantity::turns($f['turns']->number()),
            'number' => Quantity::number($f['number']->number()),
            'day' => Quantity::day($f['day']->day()),
            default => throw InvalidInput::because($node->path(), 'message.unreadable'),
        };
    }
}
