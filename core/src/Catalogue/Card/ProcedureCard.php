<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
use Lumbro\Core\Catalogue\ShopRules\CodeRule;
use Lumbro\Core\Catalogue\ShopRules\OwedRule;
use Lumbro\Core\Catalogue\ShopRules\OwedRules;
use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Drive\DriveRule;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Group;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Variant;
use Lumbro\Core\Fields\Wrapped;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\TargetDrawing;

/** One procedure for one sensor, or a pair of them, of one car, with where it comes from and who stands for it. */
final readonly class ProcedureCard implements Checked
{
    public const SCHOOLS = ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares', 'wheel-lasers', 'reported-pose'];

    public const REFERENCES = ['body-axis', 'body-centreline', 'thrust-line', 'axles'];

    /** As many rows as a list of a card may have. */
    private const MANY = 200;

    /**
     * @param string|null                    $checkedBy  the second person; null while nobody has checked it
     * @param CardSpot|CardPolarSpot         $spot       where the target goes
     * @param bool                           $isPlate    whether the target is a flat plate: it forgives lateral place but not
     *                                                   yaw, where a reflector does the reverse
     * @param list<PreparationItem>          $preparation
     * @param list<array{float, float}>      $zone       corners of the keep-clear zone, mm in the vehicle frame
     * @param list<string>                   $cautions
     * @param list<string>                   $schools    allowed ways of establishing line and spot; empty where it is silent
     * @param string|null                    $reference  the line its values refer to; null where it is silent
     * @param list<CaptureItem>              $capture    asked for beside the shop's own list
     * @param list<CodeRule>                 $codes
     * @param list<CardNeed>                 $kit
     * @param list<CardStep>                 $steps
     * @param array<string, Provenance>      $provenance JSON Pointer of a value → where it alone comes from
     * @param array<string, list<OtherValue>> $others    JSON Pointer of a value → what other sources give for it
     */
    public function __construct(
        #[Id, Group(null)]
        public string $id,
        #[Text(160)]
        public string $title,
        #[Text(40)]
        public string $edition,
        #[Day]
        public string $dated,
        #[Text(200)]
        public string $source,
        #[Text(80), Group(null)]
        public string $enteredBy,
        #[Text(80), Group(null)]
        public ?string $checkedBy,
        #[Part(CardSensor::class)]
        public CardSensor $sensor,
        #[At('target/name'), Text(120)]
        public string $targetName,
        #[At('target/heights'), Wrapped(TargetDrawing::class, 'heights', new Members(new Number('mm', -5_000, 5_000)))]
        public TargetDrawing $target,
        #[Variant('range', CardPolarSpot::class, CardSpot::class)]
        public CardSpot|CardPolarSpot $spot,
        #[ListOf(new Part(OwedRule::class), self::MANY, later: OwedRules::class)]
        public OwedRules $rules,
        #[ListOf(new Part(PreparationItem::class), self::MANY, second: 'card.second-question')]
        public array $preparation,
        #[Corners(0)]
        public array $zone,
        #[ListOf(new Text(), self::MANY)]
        public array $cautions,
        #[Part(CardEcho::class)]
        public ?CardEcho $echo = null,
        #[Part(Thresholds::class), Group(null)]
        public Thresholds $thresholds = new Thresholds(),
        #[At('fits'), Part(CardFit::class)]
        public ?CardFit $fit = null,
        #[ListOf(new Choice(self::SCHOOLS, said: 'school'))]
        public array $schools = [],
        #[Choice(self::REFERENCES, said: 'reference'), Group('line'), Lost]
        public ?string $reference = null,
        #[ListOf(new Part(CaptureItem::class), self::MANY)]
        public array $capture = [],
        #[ListOf(new Part(CodeRule::class), self::MANY)]
        public array $codes = [],
        #[ListOf(new Part(CardNeed::class), self::MANY)]
        public array $kit = [],
        #[ListOf(new Part(CardStep::class), self::MANY, second: 'card.second-step')]
        public array $steps = [],
        #[At('values'), Members(new Part(Provenance::class)), Group(null)]
        public array $provenance = [],
        #[Members(new ListOf(new Part(OtherValue::class), 10)), Group(null)]
        public array $others = [],
        #[Part(CardAdjustment::class)]
        public ?CardAdjustment $adjustment = null,
        #[At('target/kind'), Either('plate', 'reflector')]
        public bool $isPlate = false,
        #[Part(DriveRule::class)]
        public ?DriveRule $drive = null,
        #[Part(CardPage::class), Group(null)]
        public ?CardPage $page = null,
    ) {}

    /** Whether a second person has checked it, so that it may be used for a proof. */
    public function isChecked(): bool
    {
        return $this->checkedBy !== null && $this->checkedBy !== $this->enteredBy;
    }

    /** The spot of a card that gives one along and across. */
    public function cartesianSpot(): ?CardSpot
    {
        return $this->spot instanceof CardSpot ? $this->spot : null;
    }

    public function check(Node $node): void
    {
        if (! $this->target->has('centre') || ! $this->target->has($this->spot->heightDatum)) {
            throw InvalidInput::because($node->path() . '/target/heights', 'card.heights', ['datum' => $this->spot->heightDatum]);
        }
        CardSteps::check($this->steps, $node->path() . '/steps');
        foreach (array_keys($this->provenance) as $pointer) {
            CardValues::of((string) $pointer, $node->path() . '/values/' . InvalidInput::escape((string) $pointer), $node);
        }
        foreach ($this->others as $pointer => $others) {
            $path = $node->path() . '/others/' . InvalidInput::escape((string) $pointer);
            $value = CardValues::of((string) $pointer, $path, $node);
            foreach ($others as $i => $other) {
                if (is_float($other->value) !== $value->isNumber()) {
                    throw InvalidInput::because("$path/$i/value", 'card.other-kind', ['value' => $value->label(), 'number' => $value->isNumber() ? 'yes' : 'no']);
                }
            }
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
