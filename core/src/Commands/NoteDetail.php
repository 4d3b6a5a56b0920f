<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/**
 * What the order says of the car: its name, plate, number, a note.
 *
 * @extends Command<DetailNoted>
 */
final readonly class NoteDetail extends Command
{
    public function line(): string
    {
        return DetailNoted::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $line = Document::read(DetailNoted::class, $wish, $stamp->named());

        return [$line->field === 'vin' ? Copy::of($line, ['value' => Vin::fromText($line->value)->text]) : $line];
    }

    public function question(Situation $now, Line $line): ?Message
    {
        if ($line->field !== 'vin') {
            return null;
        }
        $vin = Vin::fromText($line->value);

        return $vin->checks ? null : self::digit($vin);
    }

    /** What is asked of a number whose check digit does not fit. */
    public static function digit(Vin $vin): Message
    {
        return Message::of('vin.check-digit', ['vin' => $vin->text, 'found' => $vin->text[8], 'wanted' => Vin::checkDigit($vin->text)]);
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
