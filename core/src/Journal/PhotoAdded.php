<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;

/** A photo, and what it shows. */
final readonly class PhotoAdded extends OrderLine
{
    public const KIND = 'photo';

    /**
     * @param string      $photo  its id
     * @param string|null $sensor null where it is about the whole car
     * @param string      $about  what it is attached to: a captured item, a precondition or a call
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(60)]
        public string $photo,
        #[Id]
        public ?string $sensor,
        #[Text(80)]
        public string $about,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "photo $this->photo";
    }
}
