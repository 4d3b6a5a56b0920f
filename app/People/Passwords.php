<?php

declare(strict_types=1);

namespace App\People;

use App\Failure\Refusal;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What a password must be, and one made up for somebody who is let in. */
final class Passwords
{
    private const SHORTEST = 12;

    /** What the hash reads of a password, bytes: more would be cut off unseen. */
    private const LONGEST = 72;

    private const WORDS = ['anvil', 'basil', 'cedar', 'dynamo', 'ember', 'fennel', 'gravel', 'hazel', 'inkwell', 'juniper', 'kelp', 'lantern', 'maple', 'nettle', 'oatmeal', 'pebble', 'quartz', 'raisin', 'sorrel', 'thistle', 'umber', 'velvet', 'walnut', 'yarrow'];

    public static function checked(Node $node): string
    {
        $password = $node->text();
        if (mb_strlen($password) < self::SHORTEST) {
            throw Refusal::field($node->path(), Message::of('password.too-short', ['least' => self::SHORTEST]));
        }
        if (strlen($password) > self::LONGEST) {
            throw Refusal::field($node->path(), Message::of('password.too-long', ['most' => self::LONGEST]));
        }

        return $password;
    }

    /** Five words and a number: told once, to be changed by whoever it is for. */
    public static function madeUp(): string
    {
        $words = [];
        for ($i = 0; $i < 5; $i++) {
            $words[] = self::WORDS[random_int(0, count(self::WORDS) - 1)];
        }

        return implode('-', $words) . '-' . random_int(100, 999);
    }
}
