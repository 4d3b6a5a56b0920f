<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\AsksFirst;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/**
 * What a person wants to write, decided against the record: a line, or a refusal. Every rule of who may write what when
 * is in one of these, and holds again when a record is computed again.
 *
 * @template L of Line
 */
abstract readonly class Command
{
    /** @return class-string<L> the line it comes to */
    abstract public function line(): string;

    /** @return class-string the class whose fields are asked for; the line's own by itself */
    public function wish(): string
    {
        return $this->line();
    }

    /**
     * @param Node $wish what is asked for
     *
     * @return non-empty-list<Line> before any rule was asked
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        return [Document::read($this->line(), $wish, $stamp->named())];
    }

    /**
     * Whether the line may be written now.
     *
     * @param L $line
     *
     * @throws InvalidInput|NotAllowed where not
     */
    public function admit(Situation $now, Line $line): void {}

    /**
     * @param L $line
     *
     * @return Message|null what is asked before it is written; null where there is nothing to ask
     */
    public function question(Situation $now, Line $line): ?Message
    {
        return null;
    }

    /** Field that the question is about. */
    public function asksAbout(): string
    {
        return '';
    }

    /**
     * The line as it is recorded.
     *
     * @param L    $line
     * @param bool $asked whether a question was asked, and answered by sending the same again
     */
    public function recorded(Situation $now, Line $line, bool $asked): Line
    {
        return $line;
    }

    /** What somebody must be allowed to do for it. */
    public function act(): Act
    {
        return is_subclass_of($this->line(), OrderLine::class) ? Act::Order : Act::Work;
    }

    /** Whether it decides something that another line since could have decided otherwise: then its writer must have seen that line. */
    public function decides(): bool
    {
        return false;
    }

    /** Whether it may go without another word once a server that was away is back: what moves a tool or decides something may not. */
    public function goesAlone(): bool
    {
        return false;
    }

    /** Whether a person writes it; otherwise it comes of something else: a file, a tool's answer. */
    public function isWished(): bool
    {
        return true;
    }

    /**
     * All of it: the lines to record.
     *
     * @param bool $confirmed whether its question was answered
     *
     * @return non-empty-list<Line>
     *
     * @throws InvalidInput|NotAllowed|AsksFirst
     */
    final public function decide(Situation $now, Node $wish, Stamp $stamp, bool $confirmed): array
    {
        Rules::may($now, $this->act());

        return array_map(static fn(Line $line): Line => self::settle($now, $line, $confirmed), $this->lines($now, $wish, $stamp));
    }

    /**
     * The line as it is recorded, once every rule has let it pass: also one that no person asked for, out of a file.
     *
     * @template K of Line
     *
     * @param K $line
     *
     * @throws InvalidInput|NotAllowed|AsksFirst
     */
    final public static function settle(Situation $now, Line $line, bool $confirmed): Line
    {
        $of = Kinds::of($line);
        $of->admit($now, $line);
        $question = $of->question($now, $line);
        if ($question !== null && ! $confirmed) {
            throw AsksFirst::about('/payload' . $of->asksAbout(), $question);
        }

        return $of->recorded($now, $line, $question !== null);
    }
}
