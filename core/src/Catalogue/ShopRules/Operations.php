<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\Cover;

/** The operations on a car that rules speak of (need J1). */
final class Operations
{
    /**
     * Code → the trade's words; whether it is done at one sensor; the cover that is off for it; whether a drive alone
     * would not do after it.
     *
     * @var array<string, array{words: string, atSensor: bool, uncovers: Cover|null, needsStatic: bool}>
     */
    public const CATALOGUE = [
        'sensor-removed' => ['words' => 'sensor off and on', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'sensor-replaced' => ['words' => 'sensor replaced', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'sensor-loosened' => ['words' => 'sensor loosened', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'bracket-changed' => ['words' => 'bracket changed', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => true],
        'bracket-straightened' => ['words' => 'bracket straightened', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => true],
        'trouble-code' => ['words' => 'trouble code stored', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'complaint' => ['words' => 'complaint by the driver', 'atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'front-cover-removed' => ['words' => 'front bumper cover off and on', 'atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => false],
        'front-cover-painted' => ['words' => 'front bumper cover repainted', 'atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => false],
        'front-cover-replaced' => ['words' => 'front bumper cover replaced', 'atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => false],
        'front-badge-removed' => ['words' => 'front badge off and on', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'grille-removed' => ['words' => 'grille off and on', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'front-trim-removed' => ['words' => 'trim near a front sensor off and on', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'radiator-support-changed' => ['words' => 'radiator support changed', 'atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => true],
        'rear-cover-removed' => ['words' => 'rear bumper cover off and on', 'atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'rear-cover-painted' => ['words' => 'rear bumper cover repainted', 'atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'rear-cover-replaced' => ['words' => 'rear bumper cover replaced', 'atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'rear-trim-removed' => ['words' => 'trim near a rear sensor off and on', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'rear-panel-repaired' => ['words' => 'rear panel or quarter panel repaired', 'atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => true],
        'knock-front' => ['words' => 'knock at the front', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'knock-rear' => ['words' => 'knock at the rear', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'heavy-damage-front' => ['words' => 'heavy damage at the front', 'atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => true],
        'heavy-damage-rear' => ['words' => 'heavy damage at the rear', 'atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => true],
        'wheel-alignment' => ['words' => 'wheel alignment', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'suspension-work' => ['words' => 'suspension work', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'ride-height-changed' => ['words' => 'springs or ride height changed', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'tow-bar-fitted' => ['words' => 'tow bar fitted', 'atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'windscreen-replaced' => ['words' => 'windscreen replaced', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'battery-disconnected' => ['words' => 'battery disconnected', 'atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
    ];
}
