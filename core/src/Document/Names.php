<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Failure\InvalidInput;

/** The names a network document has introduced so far; refuses a second use and a name nobody introduced. */
final class Names
{
    /** @var array<string, string> kind and name → what it is */
    private array $known = [];

    public function declarePoint(string $name, string $path): void
    {
        $this->declare('point', $name, $path);
    }

    public function declareBody(string $name, string $path): void
    {
        $this->declare('point', $name, $path);
        $this->known["body\0$name"] = $name;
    }

    public function declareHeading(string $name, string $path): void
    {
        $this->declare('heading', $name, $path);
    }

    public function declareInstrument(string $name, string $path): void
    {
        $this->declare('instrument', $name, $path);
    }

    public function observation(Node $node): string
    {
        $id = $node->text();
        $this->declare('observation', $id, $node->path);

        return $id;
    }

    public function point(Node $node): string
    {
        return $this->known('point', $node);
    }

    public function body(Node $node): string
    {
        return $this->known('body', $node);
    }

    public function heading(Node $node): string
    {
        return $this->known('heading', $node);
    }

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
            throw InvalidInput::because($to->path, sprintf('names "%s" again; two different points are needed.', $b));
        }

        return [$a, $b];
    }

    private function declare(string $kind, string $name, string $path): void
    {
        if (isset($this->known["$kind\0$name"])) {
            throw InvalidInput::because($path, sprintf('is a second %s named "%s"; names are unique.', $kind, $name));
        }
        $this->known["$kind\0$name"] = $name;
    }

    private function known(string $kind, Node $node): string
    {
        $name = $node->text();
        if (! isset($this->known["$kind\0$name"])) {
            throw InvalidInput::because($node->path, sprintf('names the %s "%s", which the network does not have.', $kind, $name));
        }

        return $name;
    }
}
