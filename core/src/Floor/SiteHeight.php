<?php

declare(strict_types=1);

namespace Lumbro\Core\Floor;

/** A target site's floor against the plane the car stands on, and the height to set there, mm. */
final readonly class SiteHeight
{
    /**
     * @param float $floorBelowPlane how far the site's floor lies under the car's wheel plane
     * @param float $requiredHeight  over the site's own floor
     * @param float $uncertainty     standard, of either
     */
    public function __construct(public float $floorBelowPlane, public float $requiredHeight, public float $uncertainty) {}
}
