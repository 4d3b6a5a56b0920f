<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** One field of a table. */
final readonly class Field
{
    /**
     * @param string            $property of the class
     * @param string            $name     in the document
     * @param string|null       $group    the object it lies in; null where it lies in the document itself
     * @param Kind|Inline       $kind
     * @param bool              $optional whether documents may lack it
     * @param mixed             $usual    what it is then
     * @param list<string|null> $form     the heading it is shown under, where that is not the group's; [null] where no form shows it
     */
    public function __construct(
        public string $property,
        public string $name,
        public ?string $group,
        public Kind|Inline $kind,
        public bool $optional = false,
        public mixed $usual = null,
        public bool $lost = false,
        public array $form = [],
    ) {}
}
