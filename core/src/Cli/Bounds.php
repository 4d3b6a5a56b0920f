<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Survey\Observation\Observation;

/** The bounds of errors that a document gives ("most"), by the ids of observations and priors. */
final class Bounds
{
    /** @var array<string, float> id → mm, rad, or what its unit is */
    public array $all = [];

    /**
     * @param bool $known whether it has a prior: nothing else can bound the error of an unknown
     *
     * @throws InvalidInput where it is not above nothing, or bounds an unknown without a prior
     */
    public function put(string $id, ?Node $most, bool $known = true, bool $angular = false): void
    {
        if ($most === null) {
            return;
        }
        if (! $known) {
            throw InvalidInput::because($most->path(), 'network.most-without-prior');
        }
        $this->all[$id] = $angular ? deg2rad($most->positive()) : $most->positive();
    }

    /** That of an observation, from its document. */
    public function of(Observation $observation, Node $node): void
    {
        $this->put($observation->id(), $node->member('most'), true, $observation->isAngle());
    }

    /** @param array<string, bool> $known coordinate → whether it has a prior */
    public function ofCoordinates(string $name, ?Node $most, array $known): void
    {
        foreach ($most === null ? [] : $most->fields([], array_keys($known)) as $coordinate => $bound) {
            $this->put("$name.$coordinate", $bound, $known[$coordinate], $coordinate === 'yaw');
        }
    }
}
