<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Screws\Screw;

/**
 * The sensor was turned by its screws, or set by its mirror spots; a zero that the tool stored counts too.
 *
 * @extends Command<Corrected>
 */
final readonly class CorrectAxis extends Command
{
    public function line(): string
    {
        return Corrected::class;
    }

    public function wish(): string
    {
        return CorrectionWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $done = Document::read(CorrectionWish::class, $wish);

        return [new Corrected(...$stamp->named(), way: $done->way, turns: $done->way === 'screws' ? $done->turns ?? throw InvalidInput::because('/payload/turns', 'correct.turns') : [])];
    }

    public function admit(Situation $now, Line $line): void
    {
        if ($line->isElectronic()) {
            // The tool's answer, recorded with it, was judged already.
            return;
        }
        Rules::isOpen($now);
        Rules::isUnbarred($now);
        Rules::wasRead($now);
        $adjustment = $now->task()->context->card->adjustment;
        if (($adjustment->way ?? 'none') !== $line->way) {
            throw InvalidInput::because('/payload/way', 'correct.other-way', ['way' => $adjustment->way ?? 'none']);
        }
        Rules::isOwed($now);
        if ($line->way !== 'screws') {
            return;
        }
        $screws = array_map(static fn(Screw $screw): string => $screw->id, $adjustment->screws ?? []);
        foreach (array_keys($line->turns) as $screw) {
            if (! in_array((string) $screw, $screws, true)) {
                throw InvalidInput::unknownField('/payload/turns', (string) $screw, $screws);
            }
        }
        if (array_filter($line->turns, static fn(float $turn): bool => $turn !== 0.0) === []) {
            throw InvalidInput::because('/payload/turns', 'correct.no-turn');
        }
    }

    public function decides(): bool
    {
        return true;
    }
}
