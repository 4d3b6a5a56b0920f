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

    /** Words that others try first; a longer one stands before what it begins with. */
    private const COMMON = ['abcdefghijkl', 'administrator', 'admin', 'asdfghjkl', 'autobody', 'baseball', 'bodyshop', 'calibration', 'changeme', 'default', 'football', 'garage', 'iloveyou', 'letmein', 'login', 'lumbro', 'master', 'monkey', 'password', 'passwort', 'princess', 'qazwsxedc', 'qwertyuiop', 'qwerty', 'qwertz', 'radar', 'secret', 'shadow', 'sunshine', 'superman', 'temporary', 'test', 'trustno', 'user', 'welcome', 'workshop', 'zxcvbnm'];

    /** Letters in a row, from a name, that are enough to guess by; different characters, at least. */
    private const PERSONAL = 5;
    private const DIFFERENT = 5;

    /** @param list<string> $personal names that others know: of the person, of their account, of the shop */
    public static function checked(Node $node, array $personal): string
    {
        $password = $node->text();
        if (mb_strlen($password) < self::SHORTEST) {
            throw Refusal::field($node->path(), Message::of('password.too-short', ['least' => self::SHORTEST]));
        }
        if (strlen($password) > self::LONGEST) {
            throw Refusal::field($node->path(), Message::of('password.too-long', ['most' => self::LONGEST]));
        }
        if (count(array_unique(mb_str_split($password))) < self::DIFFERENT || self::isCommon(mb_strtolower($password))) {
            throw Refusal::field($node->path(), Message::of('password.common'));
        }
        foreach ($personal as $name) {
            foreach (preg_split('/[^\p{L}]+/u', mb_strtolower($name)) ?: [] as $word) {
                if (mb_strlen($word) >= self::PERSONAL && str_contains(mb_strtolower($password), $word)) {
                    throw Refusal::field($node->path(), Message::of('password.personal', ['word' => $word]));
                }
            }
        }

        return $password;
    }

    /** Whether nothing is left of it without the words that others try first, however they are spelt. */
    private static function isCommon(string $password): bool
    {
        $spelt = strtr((string) preg_replace('/[^a-z]+$/', '', $password), ['0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's', '@' => 'a', '$' => 's']);
        foreach ([$password, $spelt] as $one) {
            $letters = (string) preg_replace('/[^a-z]/', '', $one);
            if ($letters === '' ? preg_match('~^[\d\s./-]*$~', $password) === 1 : preg_match('/[^\x00-\x7f]/', $one) === 0 && str_replace(self::COMMON, '', $letters) === '') {
                return true;
            }
        }

        return false;
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
