<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\ShiftResult;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/**
 * Causes ranked by how likely each is, given the record: Bayes' rule over causes taken as exclusive, and evidence taken
 * as independent once the cause is given (need J30).
 */
final readonly class Diagnosis
{
    /** Under this a supply sags, V. */
    private const SAGS = 12.2;

    /** An empty zone that echoes within this of the target is not empty, dB. */
    public const NOT_EMPTY = -12.0;

    /** P(the tool says so | cause); the last figure stands for every cause not named. */
    private const REASONS = [
        'no-target' => ['placement' => 0.45, 'wrong-target' => 0.5, 'cover' => 0.55, 'clutter' => 0.12, 'sensor' => 0.3, 'bracket' => 0.15, '' => 0.02],
        'several-targets' => ['clutter' => 0.7, 'placement' => 0.05, 'wrong-target' => 0.04, '' => 0.015],
        'supply' => ['supply' => 0.85, 'sensor' => 0.05, '' => 0.01],
        'conditions' => ['door' => 0.6, 'code' => 0.55, 'supply' => 0.12, 'connection' => 0.05, '' => 0.01],
    ];

    /** Mean and standard deviation of the echo's excess in dB where a cause is at work; else 0 ± 2.5. */
    private const LEVELS = [
        'cover' => [-9.0, 4.0], 'wrong-target' => [-9.0, 4.0], 'placement' => [-3.0, 4.0], 'clutter' => [2.0, 5.0], 'sensor' => [-6.0, 6.0],
    ];

    /** @param list<array{cause: Cause, chance: float, because: list<Message>}> $ranked likeliest first */
    private function __construct(public array $ranked, private Clues $evidence) {}

    /** Ranks every cause by what is known. */
    public static function of(Clues $evidence): self
    {
        $weights = [];
        $because = [];
        foreach (Cause::cases() as $cause) {
            [$weights[$cause->value], $because[$cause->value]] = self::weigh($cause, $evidence);
        }
        $sum = array_sum($weights);
        arsort($weights);
        $ranked = [];
        foreach ($weights as $cause => $weight) {
            $ranked[] = ['cause' => Cause::from($cause), 'chance' => $weight / $sum, 'because' => $because[$cause]];
        }

        return new self($ranked, $evidence);
    }

    /** The cause to look into now; null where all have been. */
    public function next(): ?Cause
    {
        foreach ($this->ranked as ['cause' => $cause]) {
            if (! isset($this->evidence->checked[$cause->value])) {
                return $cause;
            }
        }

        return null;
    }

    /** A cause that was found and cannot be put right here; null where there is none. */
    public function faultToSendBack(): ?Cause
    {
        foreach ($this->ranked as ['cause' => $cause]) {
            if (($this->evidence->checked[$cause->value] ?? false) && $cause->sendsBackTo() !== null && ! in_array($cause->value, $this->evidence->once, true)) {
                return $cause;
            }
        }

        return null;
    }

    /** A cause that would send the car back and that one look alone has found; null where there is none. */
    public function secondLook(): ?Cause
    {
        foreach ($this->ranked as ['cause' => $cause]) {
            if (($this->evidence->checked[$cause->value] ?? false) && $cause->sendsBackTo() !== null && in_array($cause->value, $this->evidence->once, true)) {
                return $cause;
            }
        }

        return null;
    }

    /** @return array{float, list<Message>} weight, and what speaks for the cause */
    private static function weigh(Cause $cause, Clues $evidence): array
    {
        $weight = $cause->prior();
        $because = [];
        foreach (self::parts($cause, $evidence) as [$factor, $said]) {
            $weight *= $factor;
            if ($said !== null) {
                $because[] = $said;
            }
        }

        return [max($weight, 1e-12), $because];
    }

    /** @return list<array{float, Message|null}> a likelihood each, and what to say where it speaks for the cause */
    private static function parts(Cause $cause, Clues $e): array
    {
        $parts = [];
        $is = static fn(Cause ...$causes): bool => in_array($cause, $causes, true);
        $add = static function (float $factor, ?Message $said = null) use (&$parts): void {
            $parts[] = [$factor, $said];
        };
        if ($e->reason !== null && isset(self::REASONS[$e->reason])) {
            $table = self::REASONS[$e->reason];
            $add($table[$cause->value] ?? $table[''], ($table[$cause->value] ?? 0.0) >= 0.3 ? Message::of('clue.tool-words') : null);
        }
        if ($e->excess !== null) {
            [$mean, $sd] = self::LEVELS[$cause->value] ?? [0.0, 2.5];
            $add(exp(-0.5 * (($e->excess - $mean) / $sd) ** 2) / $sd, $mean < -5 && $e->excess < -4 ? Message::of('clue.echo-weak', ['by' => Quantity::decibels(-$e->excess)]) : ($is(Cause::Clutter) && $e->excess > 4 ? Message::of('clue.echo-strong', ['by' => Quantity::decibels($e->excess)]) : null));
        }
        if ($e->voltage !== null) {
            $low = $e->voltage < self::SAGS;
            $add($is(Cause::Supply) ? ($low ? 0.9 : 0.1) : ($low ? 0.1 : 0.9), $low && $is(Cause::Supply) ? Message::of('clue.supply', ['voltage' => Quantity::volts($e->voltage)]) : null);
        }
        if ($e->setUp !== null && $is(Cause::Placement)) {
            $add(match ($e->setUp) {
                Verdict::Holds => 0.12,
                Verdict::Unproven => 1.0,
                Verdict::Out => 3.0,
            }, $e->setUp === Verdict::Holds ? null : Message::of('clue.set-up'));
        }
        if ($e->emptyLevel !== null && $is(Cause::Clutter)) {
            $add($e->emptyLevel > $e->emptyUnder ? 6.0 : 0.2, $e->emptyLevel > $e->emptyUnder ? Message::of('clue.empty-zone', ['under' => Quantity::decibels(-$e->emptyLevel)]) : null);
        }
        if ($e->film !== null && $is(Cause::Cover)) {
            $add($e->film ? 0.3 : 4.0, $e->film ? null : Message::of('clue.film'));
        }
        if ($e->gain !== null && $is(Cause::Bracket)) {
            $add($e->gain ? 0.15 : 40.0, $e->gain ? null : Message::of('clue.screws'));
        }
        if ($e->strays) {
            $add($is(Cause::Clutter, Cause::Sensor) ? 0.4 : ($is(Cause::Bracket, Cause::Connection) ? 0.2 : 0.05), $is(Cause::Clutter, Cause::Sensor, Cause::Bracket) ? Message::of('clue.no-repeat') : null);
        }
        if ($e->shift !== null) {
            $add(match ($e->shift) {
                ShiftResult::Tracks => $is(Cause::Bracket) ? 20.0 : ($is(Cause::Clutter) ? 0.1 : 1.0),
                ShiftResult::DoesNotRespond => $is(Cause::Clutter) ? 20.0 : ($is(Cause::Bracket) ? 0.05 : 1.0),
                default => 1.0,
            }, $is(Cause::Clutter) && $e->shift === ShiftResult::DoesNotRespond ? Message::of('clue.not-following') : ($is(Cause::Bracket) && $e->shift === ShiftResult::Tracks ? Message::of('clue.following') : null));
        }
        if ($e->unheard > 0) {
            $add($is(Cause::Connection) ? 0.8 : 0.05, $is(Cause::Connection) ? Message::of('clue.unheard') : null);
        }
        if ($e->code && $is(Cause::Code)) {
            $add(4.0, Message::of('clue.code'));
        }
        $checked = $e->checked[$cause->value] ?? null;
        if ($checked !== null) {
            $add($checked ? 30.0 : 0.03, $checked ? Message::of('clue.found') : null);
        }

        return $parts;
    }
}
