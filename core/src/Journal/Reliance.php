<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Text;

/**
 * What was known of the placement when a run was let go ahead: kept as it was, so that an archive can be recomputed
 * and compared. Lengths in mm, the yaw in degrees.
 */
final readonly class Reliance
{
    /**
     * @param string                                                                     $core     edition of the computation
     * @param array<string, array{deviation: float, uncertainty: float, verdict: string}> $verdicts respect → what was found;
     *                                                                                              a respect not measured is absent
     */
    public function __construct(
        #[Text(null)]
        public string $core,
        #[Members(new Row(['deviation' => new Number(), 'uncertainty' => new Number('', 0), 'verdict' => new Choice(Verdict::class, kept: 'text')]))]
        public array $verdicts,
    ) {}
}
