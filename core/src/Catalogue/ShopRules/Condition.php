<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Required;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** A precondition of the run (need J6): asked once for the car, or for each sensor. */
final readonly class Condition
{
    /**
     * @param bool                      $perSensor asked for each sensor; otherwise once for the car
     * @param bool                      $blocks    an unmet one bars the run; otherwise it warns
     * @param string                    $why       what an unmet one does
     * @param list<ConditionValue>      $values
     * @param array{front: float, rear: float}|null $sag how far an unmet one lets the body sink, mm at each axle
     * @param list<string>              $kinds     of CarSensor::KINDS; empty for all
     * @param string                    $source    whose rule it is
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string|Message $question,
        #[Flag]
        public bool $perSensor,
        #[At('unmet'), Either('blocks', 'warns')]
        public bool $blocks,
        #[Text]
        public string|Message $why,
        #[ListOf(new Part(ConditionValue::class))]
        public array $values = [],
        #[Row(['front' => new Number('mm', -200, 200), 'rear' => new Number('mm', -200, 200)])]
        public ?array $sag = null,
        #[ListOf(new Choice(CarSensor::KINDS))]
        public array $kinds = [],
        #[Required, Text]
        public string $source = '',
    ) {}
}
