<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** A learning drive was made, with the track that tells what of it counted (need J32). */
final readonly class DriveTaken extends OrderLine
{
    public const KIND = 'drive';

    /**
     * @param string $track  id of the kept track
     * @param string $driver who drove
     * @param string $file   as the track's file was called
     * @param list<string> $enough ids of the sensors whose card's need it met, as it was judged when it was taken in
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(60)]
        public string $track,
        #[Text(80)]
        public string $driver,
        #[Text(120)]
        public string $file,
        #[ListOf(new Id(), 16)]
        public array $enough = [],
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "drive $this->track";
    }
}
