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

    /** @var list<Kind|Inline> of the fields, in their order */
    private readonly array $kinds;

    /**
     * @param class-string         $class
     * @param list<Field>          $fields
     * @param \Closure(array<array-key, Node>, array<string, array<array-key, Node>>, list<Kind|Inline>, Node, array<string, mixed>): object $make out of the document's fields, those of the objects in it, the kinds, the document and what the constructor takes besides
     * @param array<string, true>  $required groups that must be there although all in them may be missing
     */
    public function __construct(public readonly string $class, public readonly array $fields, private readonly \Closure $make, public readonly array $required = [], public readonly ?Tagged $tag = null)
    {
        $must = $tag === null ? [] : [$tag->name];
        $may = [];
        $groups = [];
        foreach ($fields as $field) {
            if ($field->kind instanceof Inline) {
                [$innerMust, $innerMay] = self::of($field->kind->of)->names;
                array_push($must, ...$innerMust);
                array_push($may, ...$innerMay);
            } elseif ($field->group !== null) {
                $groups[$field->group] ??= [[], []];
                $groups[$field->group][$field->optional ? 1 : 0][] = $field->name;
            } elseif ($field->optional) {
                $may[] = $field->name;
            } else {
                $must[] = $field->name;
            }
        }
        foreach ($groups as $name => [$needed]) {
            if ($needed !== [] || isset($required[$name])) {
                $must[] = $name;
            } else {
                $may[] = $name;
            }
        }
        $this->kinds = array_column($fields, 'kind');
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
        $made = ($this->make)($f, $inner, $this->kinds, $node, $first);
        if ($made instanceof Checked) {
            $made->check($node);
        }

        return $made;
    }

    /**
     * A field that a document may lack; what is usual where it does.
     *
     * A call of its own: PHP 8.2's compiler, on a hot path, hands the node itself on, or null, where a made table looks for an
     * optional field, reads it and falls back in one expression.
     */
    public static function read(Kind $kind, ?Node $node, mixed $usual): mixed
    {
        return $node === null ? $usual : $kind->read($node);
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
