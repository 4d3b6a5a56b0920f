<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\Cover;

/** The operations on a car that rules speak of (need J1); their words are "operation." and the code. */
final class Operations
{
    /**
     * Code → whether it is done at one sensor; the cover that is off for it; whether a drive alone
     * would not do after it.
     *
     * @var array<string, array{atSensor: bool, uncovers: Cover|null, needsStatic: bool}>
     */
    public const CATALOGUE = [
        'sensor-removed' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'sensor-replaced' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'sensor-loosened' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'bracket-changed' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => true],
        'bracket-straightened' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => true],
        'trouble-code' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'complaint' => ['atSensor' => true, 'uncovers' => null, 'needsStatic' => false],
        'front-cover-removed' => ['atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => false],
        'front-cover-painted' => ['atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => false],
        'front-cover-replaced' => ['atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => false],
        'front-badge-removed' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'grille-removed' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'front-trim-removed' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'radiator-support-changed' => ['atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => true],
        'rear-cover-removed' => ['atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'rear-cover-painted' => ['atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'rear-cover-replaced' => ['atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'rear-trim-removed' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'rear-panel-repaired' => ['atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => true],
        'knock-front' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'knock-rear' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'heavy-damage-front' => ['atSensor' => false, 'uncovers' => Cover::Front, 'needsStatic' => true],
        'heavy-damage-rear' => ['atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => true],
        'wheel-alignment' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'suspension-work' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'ride-height-changed' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'tow-bar-fitted' => ['atSensor' => false, 'uncovers' => Cover::Rear, 'needsStatic' => false],
        'windscreen-replaced' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
        'battery-disconnected' => ['atSensor' => false, 'uncovers' => null, 'needsStatic' => false],
    ];
}
