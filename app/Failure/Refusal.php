<?php

declare(strict_types=1);

namespace App\Failure;

use Lumbro\Core\Message\Message;

/** A request that is understood but cannot be done. What it says is meant for the person. */
final class Refusal extends \RuntimeException
{
    /** @param array<string, mixed> $details further members of the problem document */
    private function __construct(
        public readonly Message|string $said,
        public readonly int $status,
        public readonly string $problem,
        public readonly ?string $path = null,
        public readonly array $details = [],
    ) {
        parent::__construct(is_string($said) ? $said : $said->code);
    }

    public static function field(string $path, Message|string $message): self
    {
        return new self($message, 422, 'invalid-input', $path);
    }

    /** A question that the person may answer by sending the same again, confirmed. */
    public static function asks(string $path, Message $question): self
    {
        return new self($question, 422, 'asks-once', $path);
    }

    public static function notFound(string $what): self
    {
        return new self(Message::of("not-found.$what"), 404, 'not-found');
    }

    public static function signIn(?Message $why = null): self
    {
        return new self($why ?? Message::of('session.ended'), 401, 'signed-out');
    }

    /** @param array<string, mixed> $state what the task has come to meanwhile */
    public static function recordMovedOn(array $state): self
    {
        return new self(
            Message::of('moved-on.record'),
            409,
            'record-moved-on',
            '/version',
            ['state' => $state],
        );
    }

    /**
     * @param array<string, mixed>       $order what the order has come to meanwhile
     * @param list<array<string, mixed>> $lines what somebody else recorded about the same matter
     */
    public static function orderMovedOn(array $order, array $lines): self
    {
        return new self(
            Message::of('moved-on.order'),
            409,
            'order-moved-on',
            '/version',
            ['order' => $order, 'lines' => $lines],
        );
    }

    /** @param array<string, mixed> $card its newest version */
    public static function cardMovedOn(array $card): self
    {
        return new self(Message::of('moved-on.card'), 409, 'card-moved-on', '/follows', ['card' => $card]);
    }

    /** @param array<string, mixed> $kit what the register has come to */
    public static function itemMovedOn(array $kit): self
    {
        return new self(Message::of('moved-on.item'), 409, 'item-moved-on', '/version', ['kit' => $kit]);
    }

    /** @param array<string, mixed> $bays what they have come to */
    public static function bayMovedOn(array $bays): self
    {
        return new self(Message::of('moved-on.bay'), 409, 'item-moved-on', '/version', ['bays' => $bays]);
    }

    /** @param list<Message> $bars */
    public static function runBarred(array $bars): self
    {
        return new self(Message::of('run.barred', ['bars' => $bars]), 409, 'run-barred', null, ['bars' => $bars]);
    }

    public static function sealed(): self
    {
        return new self(Message::of('record.sealed'), 409, 'sealed');
    }

    public static function conflict(string $problem, Message|string $message, ?string $path = null): self
    {
        return new self($message, 409, $problem, $path);
    }

    public static function forbidden(Message|string $message): self
    {
        return new self($message, 403, 'forbidden');
    }

    /** What ended its worker again and again. */
    public static function brokenOff(): self
    {
        return new self(Message::of('chore.broken-off'), 503, 'chore-broken-off');
    }

    /** @param int $seconds that it had */
    public static function tooLong(int $seconds): self
    {
        return new self(Message::of('chore.too-long', ['seconds' => $seconds]), 422, 'chore-too-long');
    }

    /** @param int $megabytes of memory that it had */
    public static function tooLarge(int $megabytes): self
    {
        return new self(Message::of('chore.too-large', ['megabytes' => $megabytes]), 422, 'chore-too-large');
    }

    public static function diskFull(): self
    {
        return new self(Message::of('problem.disk-full'), 507, 'disk-full');
    }

    public static function tooMany(int $seconds): self
    {
        return new self(Message::of('session.too-many', ['seconds' => $seconds]), 429, 'throttled');
    }
}
