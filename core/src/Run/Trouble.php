<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Message\Message;

/** Something the tool was asked that came to nothing. */
final readonly class Trouble
{
    /**
     * @param Line                        $line   that says so: the tool's answer, or what a person read off its screen
     * @param array<string, float|string> $values what it told
     * @param list<string>                $codes  that it told
     */
    public function __construct(public ToolCommand $command, public Line $line, public string|Message $message, public array $values = [], public array $codes = []) {}
}
