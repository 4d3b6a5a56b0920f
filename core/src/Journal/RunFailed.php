<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** A run that ended without a reading, in the tool's own words. */
final readonly class RunFailed extends Line
{
    public const KIND = 'run-failed';

    /**
     * @param string           $message the tool's own words
     * @param ToolCommand|null $command what it was doing; null in records older than that
     * @param list<string>     $codes   trouble codes it showed
     * @param string|null      $tool    id of the scan tool in the kit register
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $message,
        #[Choice(ToolCommand::class)]
        public ?ToolCommand $command = null,
        #[ListOf(new Text(20), 20)]
        public array $codes = [],
        #[Text(60)]
        public ?string $tool = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
