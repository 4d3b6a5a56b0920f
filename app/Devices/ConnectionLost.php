<?php

declare(strict_types=1);

namespace App\Devices;

/** No answer came from a tool that was asked something. Whether it did it is not known. */
final class ConnectionLost extends \RuntimeException
{
    private function __construct(public readonly string $tool)
    {
        parent::__construct("$tool gave no answer.");
    }

    public static function to(string $tool): self
    {
        return new self($tool);
    }
}
