<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Schools;
use Lumbro\Core\SetUp\Prospects;

/**
 * The ways a sensor's set-up is measured by are chosen; one that cannot be used here is refused with the reason.
 *
 * @extends Command<SchoolsChosen>
 */
final readonly class ChooseSchools extends Command
{
    public function line(): string
    {
        return SchoolsChosen::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $line = Document::read(SchoolsChosen::class, $wish, $stamp->named());

        return [Copy::of($line, ['schools' => array_values(array_unique($line->schools)), 'readings' => array_values(array_unique($line->readings))])];
    }

    public function admit(Situation $now, Line $line): void
    {
        foreach ($line->schools as $school) {
            $hindrance = Schools::all()[$school]->hindrance($now->plan()->ground);
            if ($hindrance !== null) {
                throw InvalidInput::because('/payload/schools', 'school.hindered', ['school' => Message::of("school.$school"), 'why' => $hindrance]);
            }
        }
        if ($line->readings === []) {
            return;
        }
        $known = Prospects::known($now->plan(), $line->schools);
        foreach ($line->readings as $i => $reading) {
            if (! in_array($reading, $known, true)) {
                throw InvalidInput::because("/payload/readings/$i", 'plan.unknown-reading', ['reading' => $reading]);
            }
        }
    }

    public function decides(): bool
    {
        return true;
    }
}
