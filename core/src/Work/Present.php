<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Message\Message;

/** The one thing to do now. */
final readonly class Present
{
    /** Every kind of thing there is to do. */
    public const KINDS = [
        'stance', 'prepare', 'line', 'read', 'check', 'decide', 'remeasure', 'move', 'improve', 'guard', 'survey-floor', 'run', 'step', 'outcome', 'diagnose',
        'repeat', 'adjust', 'zero', 'shift-test', 'shift-back', 'nudge', 'accept', 'send-back', 'prove', 'close',
    ];

    private const STAGES = [
        'stance' => Stage::Prepare, 'prepare' => Stage::Prepare, 'line' => Stage::Line, 'survey-floor' => Stage::Floor,
        'run' => Stage::Run, 'step' => Stage::Run, 'outcome' => Stage::Run, 'diagnose' => Stage::Run,
        'prove' => Stage::Prove, 'repeat' => Stage::Prove, 'adjust' => Stage::Prove, 'zero' => Stage::Prove,
        'shift-test' => Stage::Prove, 'shift-back' => Stage::Prove, 'nudge' => Stage::Prove, 'accept' => Stage::Prove, 'send-back' => Stage::Prove,
        'close' => Stage::Close,
    ];

    /**
     * @param string      $kind one of KINDS
     * @param string|null $call the reading, step, cause or question it is about
     * @param Message|null $why why it is that
     */
    public function __construct(public string $kind, public ?string $call = null, public ?Message $why = null)
    {
        in_array($kind, self::KINDS, true) || throw new \LogicException("There is no kind of work \"$kind\".");
    }

    /** The stage it is done in. */
    public function stage(): Stage
    {
        return self::STAGES[$this->kind] ?? Stage::Place;
    }
}
