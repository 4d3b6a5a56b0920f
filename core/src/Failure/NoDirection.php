<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** An observation that says nothing where the plan stands now: points in one place, a beam along the bar. */
final class NoDirection extends CoreFailure
{
    private ?float $reading = null;

    private int $observation = 0;

    /**
     * @param Message    $what    such as the line from "B" to "A"
     * @param float|null $reading what is read there all the same, mm; null where nothing is
     */
    public static function betweenCoincident(Message $what, ?float $reading = null): self
    {
        $failure = new self(Message::of('survey.no-direction', ['what' => $what]));
        $failure->reading = $reading;

        return $failure;
    }

    /** A beam nearly parallel to the bar it should light. */
    public static function alongTheBar(string $body): self
    {
        return new self(Message::of('survey.beam-along-bar', ['body' => $body]));
    }

    public function errorCode(): string
    {
        return 'invalid-input';
    }

    /** What is read all the same, mm: a tape between two points in one place reads 0. */
    public function reading(): ?float
    {
        return $this->reading;
    }

    /** Notes which of a list's observations it is. */
    public function ofObservation(int $number): self
    {
        $this->observation = $number;

        return $this;
    }

    /** The same, naming where in the document the observation stands. */
    public function inList(string $path): InvalidInput
    {
        return InvalidInput::because("$path/{$this->observation}", 'survey.observation-empty', ['why' => $this->said]);
    }
}
