<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** A scan of the car's trouble codes, kept as it was read. */
final readonly class ScanTaken extends OrderLine
{
    public const KIND = 'scan';

    /**
     * @param string $phase  "pre" or "post"
     * @param string $origin "tool", or the name of the file it came from
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(['pre', 'post'])]
        public string $phase,
        #[Text(120)]
        public string $origin,
        #[Part(Scan::class)]
        public Scan $scan,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "scan $this->phase";
    }
}
