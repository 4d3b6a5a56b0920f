<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** The fields of one class, and how a document is read into it and written from it. */
final class Table
{
    /** @var array<class-string, self> */
    private static array $known = [];

    /** @var array{list<string>, list<string>} names that documents must have, and may have */
    private readonly array $names;

    /** @var array<string, array{list<string>, list<string>}> the same of the objects in it */
    private readonly array $groups;

    // The fields once more, laid out for reading: a shop's tables are read with every request.

    /** @var list<array{string, string, Kind, mixed}> property, name, kind and usual value of those in the document itself */
    private readonly array $plain;

    /** @var array<string, class-string> property → class of those inlined */
    private readonly array $inlined;

    /** @var list<array{string, string, Kind, mixed, string}> as the plain ones, with the object they lie in */
    private readonly array $grouped;

    /**
     * @param class-string         $class
     * @param list<Field>          $fields
     * @param array<string, true>  $required groups that must be there although all in them may be missing
     */
    public function __construct(public readonly string $class, public readonly array $fields, public readonly array $required = [], public readonly ?Tagged $tag = null)
    {
        [$plain, $inlined, $grouped] = [[], [], []];
        $must = $tag === null ? [] : [$tag->name];
        $may = [];
        $groups = [];
        foreach ($fields as $field) {
            if ($field->kind instanceof Inline) {
                $inlined[$field->property] = $field->kind->of;
                [$innerMust, $innerMay] = self::of($field->kind->of)->names;
                array_push($must, ...$innerMust);
                array_push($may, ...$innerMay);
            } elseif ($field->group !== null) {
                $grouped[] = [$field->property, $field->name, $field->kind, $field->usual, $field->group];
                $groups[$field->group] ??= [[], []];
                $groups[$field->group][$field->optional ? 1 : 0][] = $field->name;
            } else {
                $plain[] = [$field->property, $field->name, $field->kind, $field->usual];
                if ($field->optional) {
                    $may[] = $field->name;
                } else {
                    $must[] = $field->name;
                }
            }
        }
        foreach ($groups as $name => [$needed]) {
            if ($needed !== [] || isset($required[$name])) {
                $must[] = $name;
            } else {
                $may[] = $name;
            }
        }
        [$this->plain, $this->inlined, $this->grouped] = [$plain, $inlined, $grouped];
        $this->names = [$must, $may];
        $this->groups = $groups;
    }

    /** @param class-string $class one that has fields */
    public static function of(string $class): self
    {
        // Each folder has its tables beside its classes, so that no folder needs to know a later one.
        return self::$known[$class] ??= self::beside($class);
    }

    /** @param class-string $class */
    private static function beside(string $class): self
    {
        $table = (substr($class, 0, (int) strrpos($class, '\\')) . '\\Tables')::of($class);
        assert($table instanceof self);

        return $table;
    }

    /** @return list<string> names that documents must have */
    public function musts(): array
    {
        return $this->names[0];
    }

    /** @return array<array-key, Node> the document's fields */
    public function nodes(Node $node): array
    {
        return $node->fields(...$this->names);
    }

    /**
     * @param array<array-key, Node> $f     the document's fields
     * @param array<string, mixed>   $first what the constructor takes besides
     */
    public function make(array $f, Node $node, array $first = []): object
    {
        if ($this->tag !== null) {
            $f[$this->tag->name]->oneOf([$this->tag->value]);
        }
        $inner = [];
        foreach ($this->groups as $name => $names) {
            $inner[$name] = isset($f[$name]) ? $f[$name]->fields(...$names) : [];
        }
        $values = $first;
        foreach ($this->plain as [$property, $name, $kind, $usual]) {
            $values[$property] = isset($f[$name]) ? $kind->read($f[$name]) : $usual;
        }
        foreach ($this->inlined as $property => $class) {
            $values[$property] = self::of($class)->make($f, $node);
        }
        foreach ($this->grouped as [$property, $name, $kind, $usual, $group]) {
            $values[$property] = isset($inner[$group][$name]) ? $kind->read($inner[$group][$name]) : $usual;
        }
        $made = new ($this->class)(...$values);
        if ($made instanceof Checked) {
            $made->check($node);
        }

        return $made;
    }

    /** @return array<string, mixed> what it was read from, without what is as usual */
    public function write(object $value): array
    {
        $written = $this->tag === null ? [] : [$this->tag->name => $this->tag->value];
        $inner = [];
        foreach ($this->fields as $field) {
            $held = $value->{$field->property};
            if ($field->kind instanceof Inline) {
                assert(is_object($held));
                $written = [...$written, ...self::of($field->kind->of)->write($held)];
            } elseif ($field->optional && ($held === $field->usual || (is_object($held) && $held == $field->usual))) {
                continue;
            } elseif ($field->group === null) {
                $written[$field->name] = $field->kind->write($held);
            } else {
                $inner[$field->group][$field->name] = $field->kind->write($held);
            }
        }
        foreach ($this->groups as $name => [$needed]) {
            if (isset($inner[$name]) || $needed !== [] || isset($this->required[$name])) {
                $written[$name] = (object) ($inner[$name] ?? []);
            }
        }

        return $written;
    }
}
