<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** What a line of the estimate was: put to operations, or none of the calibration's concern. */
final readonly class LineSettled extends OrderLine
{
    public const KIND = 'estimate-settled';

    /** @param string $line id of the line that was not understood */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(60)]
        public string $line,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "estimate $this->line";
    }
}
