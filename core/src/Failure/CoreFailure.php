<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** Every way the core refuses an input. The message is meant for the person who gave it. */
abstract class CoreFailure extends \DomainException
{
    final protected function __construct(string $message, private readonly ?string $path = null)
    {
        parent::__construct($message);
    }

    /** The machine-readable name of the failure, as listed in the formats. */
    abstract public function errorCode(): string;

    /** JSON Pointer (RFC 6901) to the offending value, or null where none is to blame. */
    public function path(): ?string
    {
        return $this->path;
    }

    /**
     * Further members of the error document.
     *
     * @return array<string, mixed>
     */
    public function details(): array
    {
        return [];
    }
}
