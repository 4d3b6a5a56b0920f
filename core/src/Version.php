<?php

declare(strict_types=1);

namespace Lumbro\Core;

/** The edition of the computation, stored with every verdict that was relied on. */
final class Version
{
    public const NUMBER = '0.1.0';
}
