<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** Readings that leave some unknown of the survey without a value. */
final class Underdetermined extends CoreFailure
{
    /** @var list<string> */
    private array $unfixed = [];

    /** @param list<string> $unfixed names such as "stand.yaw" */
    public static function unknowns(array $unfixed): self
    {
        $failure = new self(Message::of('survey.underdetermined', ['unfixed' => $unfixed]));
        $failure->unfixed = $unfixed;

        return $failure;
    }

    public function errorCode(): string
    {
        return 'underdetermined';
    }

    /** @return list<string> */
    public function unfixed(): array
    {
        return $this->unfixed;
    }

    public function details(): array
    {
        return ['unfixed' => $this->unfixed];
    }
}
