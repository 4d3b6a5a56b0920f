<?php

declare(strict_types=1);

namespace Lumbro\Core\Derive;

/** TypeScript types out of JSON Schemas, as far as the tables of fields use them. */
final class TypeMaker
{
    /** @param array<mixed> $schema */
    public static function of(array $schema): string
    {
        return match (true) {
            isset($schema['$ref']) && is_string($schema['$ref']) => self::named($schema['$ref']),
            isset($schema['const']) => self::literal($schema['const']),
            is_array($schema['enum'] ?? null) => implode(' | ', array_map(self::literal(...), $schema['enum'])),
            is_array($schema['anyOf'] ?? null) => self::either(...array_values($schema['anyOf'])),
            is_array($schema['then'] ?? null) && is_array($schema['else'] ?? null) => self::either($schema['then'], $schema['else']),
            default => self::typed($schema),
        };
    }

    private static function named(string $ref): string
    {
        // A message is put in words before anything of the interface sees it.
        return str_ends_with($ref, '/message') ? 'string' : (string) preg_replace('/^.*\//', '', $ref);
    }

    /** @param array<mixed> $schema */
    private static function typed(array $schema): string
    {
        $items = $schema['items'] ?? null;

        return match ($schema['type'] ?? null) {
            'string' => 'string',
            'number', 'integer' => 'number',
            'boolean' => 'boolean',
            'array' => is_array($items) ? 'readonly (' . self::of($items) . ')[]' : 'readonly unknown[]',
            'object' => self::object($schema),
            default => 'unknown',
        };
    }

    /** @param array<mixed> $schema */
    private static function object(array $schema): string
    {
        $properties = $schema['properties'] ?? [];
        if (! is_array($properties) || $properties === []) {
            $any = $schema['additionalProperties'] ?? null;

            return is_array($any) ? 'Readonly<Record<string, ' . self::of($any) . '>>' : 'Record<string, never>';
        }
        $required = is_array($schema['required'] ?? null) ? $schema['required'] : [];
        $lines = '';
        foreach ($properties as $name => $property) {
            $lines .= "  $name" . (in_array($name, $required, true) ? '' : '?') . ': ' . self::of(is_array($property) ? $property : []) . ";\n";
        }

        return "{\n$lines}";
    }

    private static function either(mixed ...$schemas): string
    {
        return implode(' | ', array_unique(array_map(static fn(mixed $schema): string => self::of(is_array($schema) ? $schema : []), $schemas)));
    }

    private static function literal(mixed $value): string
    {
        return is_string($value) ? "'" . addslashes($value) . "'" : (string) json_encode($value);
    }
}
