<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** The definitions that the schema of a document refers to, gathered while it is made. */
final class Definitions
{
    /** @var array<string, array<string, mixed>> */
    private array $made = [];

    /**
     * A reference to what a class is in JSON.
     *
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function of(string $class): array
    {
        if (is_subclass_of($class, OwnForm::class)) {
            return $class::form();
        }
        $name = (string) preg_replace('/^.*\\\\/', '', $class);
        if (! isset($this->made[$name])) {
            $this->made[$name] = [];
            $this->made[$name] = $this->object($class);
        }

        return ['$ref' => '#/$defs/' . $name];
    }

    /**
     * What a class is in JSON.
     *
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function object(string $class): array
    {
        $table = Table::of($class);
        $properties = $this->properties($table);
        $rules = self::rules($table);

        return [
            'type' => 'object', 'additionalProperties' => false,
            ...($table->musts() === [] ? [] : ['required' => $table->musts()]),
            'properties' => $properties === [] ? new \stdClass() : $properties,
            ...($rules === [] ? [] : ['allOf' => $rules]),
        ];
    }

    /** @return list<array<string, mixed>> what holds between the fields of a table, and of those inlined in it */
    private static function rules(Table $table): array
    {
        $rule = is_subclass_of($table->class, Checked::class) ? $table->class::rule() : [];
        $rules = $rule === [] ? [] : [$rule];
        foreach ($table->fields as $field) {
            if ($field->kind instanceof Inline) {
                array_push($rules, ...self::rules(Table::of($field->kind->of)));
            }
        }

        return $rules;
    }

    /** @return array<string, array<string, mixed>> */
    public function all(): array
    {
        ksort($this->made);

        return $this->made;
    }

    /** @return array<string, mixed> */
    private function properties(Table $table): array
    {
        $properties = $table->tag === null ? [] : [$table->tag->name => ['const' => $table->tag->value]];
        $groups = [];
        foreach ($table->fields as $field) {
            if ($field->kind instanceof Inline) {
                $properties = [...$properties, ...$this->properties(Table::of($field->kind->of))];
            } elseif ($field->group === null) {
                $properties[$field->name] = $field->kind->schema($this);
            } else {
                $groups[$field->group]['required'] ??= [];
                if (! $field->optional) {
                    $groups[$field->group]['required'][] = $field->name;
                }
                $groups[$field->group]['properties'][$field->name] = $field->kind->schema($this);
            }
        }
        foreach ($groups as $name => ['required' => $required, 'properties' => $inner]) {
            $properties[$name] = ['type' => 'object', 'additionalProperties' => false, ...($required === [] ? [] : ['required' => $required]), 'properties' => $inner];
        }

        return $properties;
    }
}
