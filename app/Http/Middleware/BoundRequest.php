<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Lumbro\Core\Failure\InvalidInput;
use Symfony\Component\HttpFoundation\Response;

/**
 * The one place that bounds what comes in: how large a document is, how long its texts and lists are, and that no text
 * holds a control character, which would cut a name short in the database. Files are bounded where they are read.
 */
final class BoundRequest
{
    private const DOCUMENT = 2_000_000;
    private const TEXT = 20_000;
    private const ITEMS = 5_000;
    private const QUERY = 300;

    /** All but tab and the ends of lines, which a note may hold. */
    private const CONTROL = '/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            $path = '/' . InvalidInput::escape((string) $name);
            if (! is_string($value)) {
                throw InvalidInput::wrongType($path, 'text', $value);
            }
            self::text($value, $path, self::QUERY);
        }
        if (str_starts_with((string) $request->headers->get('Content-Type'), 'application/json')) {
            $body = $request->getContent();
            if (strlen($body) > self::DOCUMENT) {
                throw InvalidInput::because('', 'file.too-large', ['most' => intdiv(self::DOCUMENT, 1_000_000)]);
            }
            // What is no JSON is refused where it is read, with its reason.
            self::value(json_decode($body, true, 64), '');
        }

        return $next($request);
    }

    private static function value(mixed $value, string $path): void
    {
        if (is_string($value)) {
            self::text($value, $path, self::TEXT);
        }
        if (! is_array($value)) {
            return;
        }
        if (count($value) > self::ITEMS) {
            throw InvalidInput::because($path, 'input.too-many', ['most' => self::ITEMS, 'count' => count($value)]);
        }
        foreach ($value as $key => $one) {
            $at = $path . '/' . InvalidInput::escape((string) $key);
            self::text((string) $key, $at, self::QUERY);
            self::value($one, $at);
        }
    }

    private static function text(string $text, string $path, int $longest): void
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::because($path, 'request.not-utf8');
        }
        if (preg_match(self::CONTROL, $text, $found) === 1) {
            throw InvalidInput::because($path, 'request.control-character', ['character' => sprintf('U+%04X', ord($found[0]))]);
        }
        if (mb_strlen($text) > $longest) {
            throw InvalidInput::because($path, 'request.too-long', ['most' => $longest, 'count' => mb_strlen($text)]);
        }
    }
}
