<?php

declare(strict_types=1);

namespace Lumbro\Core\Derive;

use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Group;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Required;
use Lumbro\Core\Fields\Tagged;

/** Writes the tables of fields down, out of the attributes on the classes: at build time, so that no reading has to reflect. */
final class TableMaker
{
    private const FIELDS = 'Lumbro\\Core\\Fields\\';

    /**
     * @param list<class-string> $classes of one folder
     *
     * @return string the folder's Tables.php; "" where none of them has fields
     */
    public static function file(string $namespace, array $classes): string
    {
        $arms = '';
        foreach ($classes as $class) {
            $table = self::table($class);
            $arms .= $table === null ? '' : '            ' . self::short($class) . '::class => ' . $table . ",\n";
        }
        if ($arms === '') {
            return '';
        }

        return <<<PHP
            <?php

            // Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

            declare(strict_types=1);

            namespace $namespace;

            use Lumbro\\Core\\Fields as F;
            use Lumbro\\Core\\Measure\\Node;

            /** The fields of the documents in this folder. */
            final class Tables
            {
                /** @param class-string \$class */
                public static function of(string \$class): F\\Table
                {
                    return match (\$class) {
            $arms            default => throw new \\LogicException("\$class has no fields."),
                    };
                }
            }

            PHP;
    }

    /** @param class-string $class */
    private static function table(string $class): ?string
    {
        $reflected = new \ReflectionClass($class);
        $required = self::one($reflected->getAttributes(Required::class));
        $groups = array_fill_keys($required->groups ?? [], true);
        $fields = '';
        $arguments = [];
        $count = 0;
        foreach ($reflected->getConstructor()?->getParameters() ?? [] as $parameter) {
            $field = self::field($parameter);
            $fields .= $field === null ? '' : '                ' . $field . ",\n";
            $arguments[] = $field === null ? '$first[' . self::printed($parameter->getName()) . ']' : self::argument($parameter, $count++);
        }
        $tag = self::one($reflected->getAttributes(Tagged::class));
        if ($fields === '' && $tag === null && $reflected->getAttributes(Required::class) === []) {
            return null;
        }
        $make = ', make: static fn(array $f, array $in, array $kinds, Node $node, array $first): ' . self::short($class) . ' => new ' . self::short($class) . '(' . implode(', ', $arguments) . ')';
        $rest = ($groups === [] ? '' : ', required: ' . self::printed($groups)) . ($tag === null ? '' : ', tag: ' . self::printed($tag)) . $make;

        return 'new F\\Table(' . self::short($class) . '::class, [' . ($fields === '' ? '' : "\n$fields            ") . "]$rest)";
    }

    private static function field(\ReflectionParameter $parameter): ?string
    {
        if (! $parameter->isPromoted()) {
            return null;
        }
        $kind = null;
        foreach ($parameter->getAttributes() as $attribute) {
            if (is_a($attribute->getName(), Kind::class, true) || $attribute->getName() === Inline::class) {
                $kind = $attribute->newInstance();
            }
        }
        if ($kind === null) {
            return null;
        }
        [$group, $name] = self::place($parameter);
        $usual = self::usual($parameter);
        $optional = self::isOptional($parameter);
        $form = self::one($parameter->getAttributes(Group::class));

        return 'new F\\Field(' . self::printed($parameter->getName()) . ', ' . self::printed($name) . ', ' . self::printed($group) . ', ' . self::printed($kind)
            . ($optional ? ', optional: true' : '')
            . ($optional && $usual !== null ? ', usual: ' . self::printed($usual) : '')
            . ($parameter->getAttributes(Lost::class) === [] ? '' : ', lost: true')
            . ($form === null ? '' : ', form: ' . self::printed([$form->name])) . ')';
    }

    /** How the value of a parameter is read: straight, since a shop's tables are read with every request. */
    private static function argument(\ReflectionParameter $parameter, int $at): string
    {
        $inline = self::one($parameter->getAttributes(Inline::class));
        if ($inline !== null) {
            return 'F\\Table::of(' . self::printed($inline->of) . ')->make($f, $node)';
        }
        [$group, $name] = self::place($parameter);
        $node = ($group === null ? '$f' : '$in[' . self::printed($group) . ']') . '[' . self::printed($name) . ']';

        return self::isOptional($parameter)
            ? "F\\Table::read(\$kinds[$at], $node ?? null, " . self::printed(self::usual($parameter)) . ')'
            : "\$kinds[$at]->read($node)";
    }

    /** @return array{string|null, string} the object a field lies in, and its name there */
    private static function place(\ReflectionParameter $parameter): array
    {
        $place = explode('/', self::one($parameter->getAttributes(At::class))->place ?? $parameter->getName(), 2);

        return count($place) === 2 ? [$place[0], $place[1]] : [null, $place[0]];
    }

    private static function isOptional(\ReflectionParameter $parameter): bool
    {
        return ($parameter->isDefaultValueAvailable() || $parameter->allowsNull()) && self::one($parameter->getAttributes(Required::class)) === null;
    }

    private static function usual(\ReflectionParameter $parameter): mixed
    {
        return $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null;
    }

    /**
     * @template T of object
     *
     * @param list<\ReflectionAttribute<T>> $attributes
     *
     * @return T|null
     */
    private static function one(array $attributes): ?object
    {
        return $attributes === [] ? null : $attributes[0]->newInstance();
    }

    private static function printed(mixed $value): string
    {
        if ($value instanceof \UnitEnum) {
            return '\\' . $value::class . '::' . $value->name;
        }
        if (is_object($value)) {
            $arguments = [];
            foreach ((new \ReflectionClass($value))->getConstructor()?->getParameters() ?? [] as $parameter) {
                if (! $parameter->isPromoted()) {
                    continue;
                }
                $held = $value->{$parameter->getName()};
                if ($parameter->isDefaultValueAvailable() && $parameter->getDefaultValue() === $held) {
                    continue;
                }
                $arguments[] = $parameter->getName() . ': ' . self::printed($held);
            }

            return 'new ' . self::short($value::class) . '(' . implode(', ', $arguments) . ')';
        }
        if (is_array($value)) {
            $items = [];
            foreach ($value as $key => $item) {
                $items[] = (array_is_list($value) ? '' : self::printed($key) . ' => ') . self::printed($item);
            }

            return '[' . implode(', ', $items) . ']';
        }
        if (is_string($value) && class_exists($value) && str_contains($value, '\\')) {
            return '\\' . $value . '::class';
        }

        return $value === null ? 'null' : (is_bool($value) ? ($value ? 'true' : 'false') : var_export($value, true));
    }

    /** @param class-string $class */
    private static function short(string $class): string
    {
        return str_starts_with($class, self::FIELDS) ? 'F\\' . substr($class, strlen(self::FIELDS)) : '\\' . $class;
    }
}
