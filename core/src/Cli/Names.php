<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The names a network document has introduced so far; refuses a second use and a name nobody introduced. */
final class Names
{
    /** @var array<string, array<array-key, true>> kind → the names it has */
    private array $known = [];

    /** @var array<string, bool> point, body or body's point → whether it has a height */
    private array $inSpace = [];

    /** @throws InvalidInput where a point or body has that name already */
    public function declarePoint(string $name, Node $node, bool $inSpace = false): void
    {
        $this->declare('point', $name, $node);
        $this->inSpace[$name] = $inSpace;
    }

    /**
     * A body's name is also that of the point at its origin.
     *
     * @throws InvalidInput where a point or body has that name already
     */
    public function declareBody(string $name, Node $node, bool $inSpace = false): void
    {
        $this->declarePoint($name, $node, $inSpace);
        $this->known['body'][$name] = true;
    }

    /** @throws InvalidInput where a laser plane has that name already */
    public function declareLevel(string $name, Node $node): void
    {
        $this->declare('level', $name, $node);
    }

    /** @throws InvalidInput where a heading has that name already */
    public function declareHeading(string $name, Node $node): void
    {
        $this->declare('heading', $name, $node);
    }

    /** @throws InvalidInput where an instrument has that name already */
    public function declareInstrument(string $name, Node $node): void
    {
        $this->declare('instrument', $name, $node);
    }

    /**
     * An observation's id, new with it.
     *
     * @throws InvalidInput where another one has it already
     */
    public function observation(Node $node): string
    {
        $id = $node->text();
        $this->declare('observation', $id, $node);

        return $id;
    }

    /** @throws InvalidInput where no point, body or body's point has that name */
    public function point(Node $node): string
    {
        return $this->known('point', $node);
    }

    /**
     * A point with a height of its own.
     *
     * @throws InvalidInput where nobody introduced it, or it is a place in the plan
     */
    public function pointInSpace(Node $node): string
    {
        $name = $this->point($node);
        if (! $this->isInSpace($name)) {
            throw InvalidInput::because($node->path(), 'network.in-plan', ['name' => $name]);
        }

        return $name;
    }

    /** Whether each of these points has a height. */
    public function isInSpace(string ...$points): bool
    {
        return array_filter($points, fn(string $point): bool => ! ($this->inSpace[$point] ?? false)) === [];
    }

    /** @throws InvalidInput where no laser plane has that name */
    public function level(Node $node): string
    {
        return $this->known('level', $node);
    }

    /** @throws InvalidInput where no body has that name */
    public function body(Node $node): string
    {
        return $this->known('body', $node);
    }

    /** @throws InvalidInput where no heading has that name */
    public function heading(Node $node): string
    {
        return $this->known('heading', $node);
    }

    /** @throws InvalidInput where no instrument has that name */
    public function instrument(Node $node): string
    {
        return $this->known('instrument', $node);
    }

    /**
     * Two points that must differ.
     *
     * @return array{string, string}
     */
    public function distinct(Node $from, Node $to): array
    {
        $a = $this->point($from);
        $b = $this->point($to);
        if ($a === $b) {
            throw InvalidInput::because($to->path(), 'network.same-point', ['name' => $b]);
        }

        return [$a, $b];
    }

    /**
     * Two headings that must differ.
     *
     * @return array{string, string}
     */
    public function distinctHeadings(Node $first, Node $second): array
    {
        $a = $this->heading($first);
        $b = $this->heading($second);
        if ($a === $b) {
            throw InvalidInput::because($second->path(), 'network.same-heading', ['name' => $b]);
        }

        return [$a, $b];
    }

    private function declare(string $kind, string $name, Node $node): void
    {
        if (isset($this->known[$kind][$name])) {
            throw InvalidInput::because($node->path(), 'network.second', ['kind' => $kind, 'name' => $name]);
        }
        $this->known[$kind][$name] = true;
    }

    private function known(string $kind, Node $node): string
    {
        $name = $node->text();
        if (! isset($this->known[$kind][$name])) {
            throw InvalidInput::because($node->path(), 'network.unknown', ['kind' => $kind, 'name' => $name]);
        }

        return $name;
    }
}
