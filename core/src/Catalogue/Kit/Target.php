<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Inline;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Tagged;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Wrapped;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\TargetDrawing;

/** A radar target of the kit, with its drawing. */
#[Tagged('sort', 'target')]
final readonly class Target implements Checked
{
    /**
     * @param string        $kind           "corner reflector", "flat plate", "powered target" and the like
     * @param float|null    $phaseToPointer from the mark of its pointer to the phase centre, mm; null where the drawing is silent
     * @param list<StandIn> $standsInFor    targets it may take the place of
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text(120)]
        public string $name,
        #[Text(60)]
        public string $kind,
        #[At('heights'), Wrapped(TargetDrawing::class, 'heights', new Members(new Number('mm', -2_000, 2_000)))]
        public TargetDrawing $drawing,
        #[Number('mm', -2_000, 2_000)]
        public ?float $phaseToPointer,
        #[Inline(Check::class)]
        public Check $check,
        #[ListOf(new Part(StandIn::class), 20)]
        public array $standsInFor = [],
        #[Text]
        public string $note = '',
    ) {}

    /** What changes where it takes another one's place; null where it may not. */
    public function insteadOf(string $name): ?StandIn
    {
        foreach ($this->standsInFor as $standIn) {
            if (mb_strtolower($standIn->target) === mb_strtolower($name)) {
                return $standIn;
            }
        }

        return null;
    }

    public function check(Node $node): void
    {
        if (! $this->drawing->has('centre')) {
            throw InvalidInput::because($node->path() . '/heights', 'kit.no-centre');
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
