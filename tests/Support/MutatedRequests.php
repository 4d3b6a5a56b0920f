<?php

declare(strict_types=1);

namespace Tests\Support;

use Lumbro\Core\Tests\Support\Chance;
use Symfony\Component\Yaml\Yaml;

/**
 * Requests as openapi.yaml describes them, and then spoilt: other types, fields left out or put in, figures beyond any bound,
 * texts of every kind, other people's ids, broken JSON. Seeded: the same draws at every run.
 *
 * @phpstan-type Request array{method: string, path: string, body: string|null, type: string}
 */
final class MutatedRequests
{
    /** Not to be asked at random: they end the session that asks, or are answered without an end. */
    private const LEFT_OUT = ['delete /api/session', 'post /api/session/password', 'post /api/set-up', 'get /api/repair-orders/{order}/live'];

    /** Answers that take long are asked for less often, in a hundred. */
    private const SLOW = '~\.pdf$|/stance$|archive\.json|/archives|/report/|next-figures|/day$|trial$|/drives|outside|reading-plan|sheet$~';

    private const DEEP = 7;

    private readonly string $root;

    /** @var list<array{string, string, array<array-key, mixed>}> method, path, operation */
    private readonly array $operations;

    /** @var array<string, mixed> file → decoded */
    private array $documents = [];

    /**
     * @param array<string, list<string>> $ids what the parts of paths may be, by name: "{order}" → ids
     */
    public function __construct(private readonly Chance $chance, private readonly array $ids)
    {
        $this->root = dirname(__DIR__, 2);
        $this->documents[''] = Yaml::parseFile("$this->root/openapi.yaml");
        $operations = [];
        foreach ($this->documents['']['paths'] as $path => $item) {
            foreach (array_intersect_key($item, ['get' => 1, 'post' => 1, 'delete' => 1]) as $method => $operation) {
                if (! in_array("$method $path", self::LEFT_OUT, true)) {
                    $operations[] = [$method, (string) $path, $operation];
                }
            }
        }
        $this->operations = $operations;
    }

    public function operations(): int
    {
        return count($this->operations);
    }

    /** @return Request */
    public function next(): array
    {
        do {
            [$method, $path, $operation] = $this->one($this->operations);
        } while (preg_match(self::SLOW, $path) === 1 && $this->chance->between(0, 100) > 4);
        $type = (string) (array_key_first($operation['requestBody']['content'] ?? []) ?? 'application/json');
        $body = null;
        if (isset($operation['requestBody'])) {
            $schema = $operation['requestBody']['content'][$type]['schema'] ?? [];
            $value = $type === 'application/json' ? $this->spoilt($this->made($schema, '', 0)) : $this->text();
            $body = is_string($value) && $type !== 'application/json' ? $value : (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PRESERVE_ZERO_FRACTION);
            $body = $this->torn($body);
        }

        return ['method' => strtoupper($method), 'path' => $this->path($path, $operation), 'body' => $body, 'type' => $type];
    }

    /** @param array<array-key, mixed> $operation */
    private function path(string $path, array $operation): string
    {
        $filled = (string) preg_replace_callback('/\{\w+\}/', function (array $part): string {
            $known = $this->ids[$part[0]] ?? [];

            return $known !== [] && $this->chance->between(0, 1) < 0.85 ? $this->one($known) : rawurlencode($this->one([$this->uuid(), '0', '..', 'a b', "\0", "'; select 1", str_repeat('x', 300), '%', 'ä']));
        }, $path);
        $query = [];
        foreach ($operation['parameters'] ?? [] as $parameter) {
            if (($parameter['in'] ?? '') === 'query' && $this->chance->between(0, 1) < 0.6) {
                $value = $this->chance->between(0, 1) < 0.5 ? $this->made($parameter['schema'] ?? [], '', 0) : $this->text();
                $query[] = rawurlencode($parameter['name']) . ($this->chance->between(0, 1) < 0.1 ? '[]' : '') . '=' . rawurlencode(is_scalar($value) ? (string) $value : '');
            }
        }

        return $filled . ($query === [] ? '' : '?' . implode('&', $query));
    }

    /** @return mixed a value as the schema wants it: lists as arrays, objects as stdClass */
    private function made(mixed $schema, string $file, int $depth): mixed
    {
        if (! is_array($schema) || $depth > self::DEEP) {
            return $this->text();
        }
        if (isset($schema['$ref'])) {
            [$schema, $file] = $this->resolved($schema['$ref'], $file);

            return $this->made($schema, $file, $depth + 1);
        }
        if (array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return $this->one($schema['enum']);
        }
        foreach (['oneOf', 'anyOf'] as $choice) {
            if (isset($schema[$choice])) {
                return $this->made($this->one($schema[$choice]), $file, $depth + 1);
            }
        }
        if (isset($schema['allOf'])) {
            $all = new \stdClass();
            foreach ($schema['allOf'] as $part) {
                $made = $this->made($part, $file, $depth + 1);
                foreach ($made instanceof \stdClass ? get_object_vars($made) : [] as $name => $value) {
                    $all->{$name} = $value;
                }
            }

            return $all;
        }
        $type = is_array($schema['type'] ?? null) ? $this->one($schema['type']) : ($schema['type'] ?? (isset($schema['properties']) ? 'object' : 'string'));

        return match ($type) {
            'object' => $this->object($schema, $file, $depth),
            'array' => array_map(fn(): mixed => $this->made($schema['items'] ?? [], $file, $depth + 1), range(1, (int) $this->chance->between(1, 3.5))),
            'integer' => (int) $this->chance->between((float) ($schema['minimum'] ?? 0), min((float) ($schema['maximum'] ?? 9), 1e6)),
            'number' => round($this->chance->between((float) ($schema['minimum'] ?? -5), min((float) ($schema['maximum'] ?? 3000), 1e6)), 2),
            'boolean' => $this->chance->between(0, 1) < 0.5,
            'null' => null,
            default => $this->string($schema),
        };
    }

    /** @param array<array-key, mixed> $schema */
    private function object(array $schema, string $file, int $depth): \stdClass
    {
        $made = new \stdClass();
        foreach ($schema['properties'] ?? [] as $name => $property) {
            if (in_array($name, $schema['required'] ?? [], true) || $this->chance->between(0, 1) < 0.4) {
                $made->{$name} = $name === 'version' ? 0 : $this->made($property, $file, $depth + 1);
            }
        }

        return $made;
    }

    /** @param array<array-key, mixed> $schema */
    private function string(array $schema): string
    {
        return match (true) {
            ($schema['format'] ?? '') === 'uuid' => $this->chance->between(0, 1) < 0.5 && ($known = array_merge(...array_values($this->ids))) !== [] ? $this->one($known) : $this->uuid(),
            isset($schema['pattern']) && str_contains($schema['pattern'], '0-9a-f') => hash('sha256', (string) $this->chance->between(0, 1)),
            isset($schema['pattern']) && str_contains($schema['pattern'], '\\d{4}') => '2026-11-2' . (int) $this->chance->between(0, 9.9),
            default => $this->one(['12 mm left', '1840', 'front', 'Ilse Corrant', 'spot-offset', 'yes', 'A sentence that is long enough for a reason.', $this->uuid()]),
        };
    }

    /** @return array{mixed, string} schema, and the file it stands in */
    private function resolved(string $reference, string $file): array
    {
        [$name, $pointer] = [...explode('#', $reference, 2), ''];
        if ($name !== '') {
            // Schemas name each other beside themselves; the description names them from the project's folder.
            $file = $file === '' ? $name : dirname($file) . '/' . $name;
            $this->documents[$file] ??= json_decode((string) file_get_contents("$this->root/$file"), true);
        }
        $at = $this->documents[$file];
        foreach (array_filter(explode('/', $pointer)) as $step) {
            $at = is_array($at) ? ($at[strtr($step, ['~1' => '/', '~0' => '~'])] ?? []) : [];
        }

        return [$at, $file];
    }

    /** The same with none, one or a few places of it spoilt. */
    private function spoilt(mixed $value): mixed
    {
        for ($times = $this->one([0, 1, 1, 1, 2, 3]); $times > 0; $times--) {
            $value = $this->spoiltOnce($value);
        }

        return $value;
    }

    private function spoiltOnce(mixed $value): mixed
    {
        $isList = is_array($value);
        $members = $value instanceof \stdClass ? get_object_vars($value) : (is_array($value) ? $value : []);
        if ($members === [] || $this->chance->between(0, 1) < 0.2) {
            return $this->other();
        }
        $key = $this->one(array_keys($members));
        $how = $this->chance->between(0, 1);
        if ($how < 0.6) {
            $members[$key] = $this->spoiltOnce($members[$key]);
        } elseif ($how < 0.8) {
            unset($members[$key]);
        } else {
            $members[$isList ? count($members) : $this->one(['extra', '', '__proto__', 'id', "a\u{0}b", str_repeat('n', 200)])] = $this->other();
        }

        return $isList ? array_values($members) : (object) $members;
    }

    private function other(): mixed
    {
        return $this->one([
            fn(): mixed => $this->text(), fn(): mixed => null, fn(): mixed => [], fn(): mixed => new \stdClass(), fn(): mixed => true, fn(): mixed => 0, fn(): mixed => -1, fn(): mixed => 1e300, fn(): mixed => -1e-300,
            fn(): mixed => PHP_INT_MAX, fn(): mixed => 0.1 + 0.2, fn(): mixed => $this->uuid(), fn(): mixed => array_fill(0, 300, 'x'), fn(): mixed => $this->nested(70), fn(): mixed => (object) array_fill_keys(range(1, 60), 1),
        ])();
    }

    private function text(): string
    {
        return $this->one([
            '', ' ', "\u{0}", "a\u{0}b", "line\nline", str_repeat('long ', 400), str_repeat('x', 70_000), '<script>alert(1)</script>', "'; drop table readings; --", '{{7*7}}', '${jndi:x}', "\u{202e}desrever", "\u{1F697}\u{1F3FD}", "e\u{301}",
            '１２ ｍｍ', '-0', '1e999', '٣٤٥', '12,5', '12.5.1', '1/0 in', '9999999999999999999', '../../etc/passwd', "\u{FEFF}12", "\u{2028}", '%00', "\t", 'null', 'NaN', '2026-02-30', '0000-00-00', '9999-12-31T23:59:60Z', "\xff\xfe\x80", "\xc3\x28",
        ]);
    }

    private function nested(int $depth): mixed
    {
        $value = 1;
        for ($i = 0; $i < $depth; $i++) {
            $value = $i % 2 === 0 ? [$value] : (object) ['a' => $value];
        }

        return $value;
    }

    /** Now and then broken as JSON. */
    private function torn(string $body): string
    {
        $how = $this->chance->between(0, 1);

        return match (true) {
            $how < 0.9 => $body,
            $how < 0.93 => substr($body, 0, (int) $this->chance->between(0, strlen($body))),
            $how < 0.95 => $body . '}',
            $how < 0.97 => (string) preg_replace('/":/', '":,', $body, 1),
            $how < 0.98 => (string) preg_replace('/\{/', '{"id":"1",', $body, 1),
            $how < 0.99 => '',
            default => str_replace(':', ": \xff", $body),
        };
    }

    private function uuid(): string
    {
        return sprintf('0198%04x-%04x-7%03x-8%03x-%012x', ...array_map(fn(int $most): int => (int) $this->chance->between(0, $most), [0xffff, 0xffff, 0xfff, 0xfff, 0xffffffffffff]));
    }

    /** @param array<array-key, mixed> $of */
    private function one(array $of): mixed
    {
        $values = array_values($of);

        return $values[(int) $this->chance->between(0, count($values) - 0.001)];
    }
}
