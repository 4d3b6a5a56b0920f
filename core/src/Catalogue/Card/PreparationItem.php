<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** One precondition of the run, asked before it (need J6), or one step of establishing the line. */
final readonly class PreparationItem
{
    /**
     * @param bool   $blocks an unmet one bars the run; otherwise it only warns
     * @param string $why    what an unmet one does to the result
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string|Message $question,
        #[At('unmet'), Either('blocks', 'warns')]
        public bool $blocks,
        #[Text]
        public string|Message $why,
    ) {}
}
