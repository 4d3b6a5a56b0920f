<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** Every way the core refuses an input: what is wrong, as a message without words, and where. */
abstract class CoreFailure extends \DomainException
{
    final protected function __construct(public readonly Message $said, private readonly ?string $path = null)
    {
        // For a log, which has no reader: the code and its parameters.
        parent::__construct($said->code . ($said->with === [] ? '' : ' ' . json_encode($said->with, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR)));
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
