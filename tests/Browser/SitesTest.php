<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\HiddenBay;

/** Targets that do not stand ahead of the car on a level floor: behind it on both sides, and on a slope. */
final class SitesTest extends SetUpCase
{
    public function testARearPairIsSetUpOneAfterTheOtherOnOneLine(): void
    {
        $this->order('R-pair', 'rear-cover-removed');
        foreach (['rear-left' => 1, 'rear-right' => -1] as $sensor => $side) {
            $bay = new HiddenBay(self::SABLE, true);
            $bay->points['sensor'] = [2905 + 890 - 4477 + 1.0, $side * 688 - 1.0];
            $angle = deg2rad(149);
            [$x, $y] = [2905 + 890 - 4477 + 2610 * cos($angle), $side * (688 + 2610 * sin($angle))];
            $bay->stand($x + 35, $y - 28, $side > 0 ? -31.8 : 32.2, 642);
            if ($side < 0) {
                // The line that was laid for the left side stands.
                [, $state] = $this->client()->get('/api/tasks/' . $this->client()->task('R-pair', $sensor));
                self::assertSame(['yes', 'yes', 'yes'], array_column($state['lineSteps'], 'answer'));
            }
            $this->begin('R-pair', $sensor);
            self::assertGreaterThan(0, $this->follow($bay));
            $this->assertHolds('range', 'bearing');
            [$tx, $ty] = $bay->target();
            self::assertLessThan(15, abs(hypot($tx - $bay->points['sensor'][0], $ty - $bay->points['sensor'][1]) - 2610));
            self::assertLessThan(0.3, abs(rad2deg(atan2($ty - $bay->points['sensor'][1], $tx - $bay->points['sensor'][0])) - $side * 149));
        }
    }

    public function testOnASlopingFloorTheHeightIsCorrected(): void
    {
        $this->order('R-slope', 'front-cover-removed');
        // The floor falls 0.4 in 100 to the front, and the spot lies 9 mm under that plane besides.
        $fall = static fn(float $x): float => 1200 + 0.004 * $x;
        $staff = ['FL' => $fall(2905), 'FR' => $fall(2905), 'RL' => $fall(0), 'RR' => $fall(0), 'site-front' => $fall(5635) + 9];
        $task = $this->client()->task('R-slope', 'front');
        $this->enter($task);
        $this->stage('Floor');
        foreach ($staff as $place => $reading) {
            $this->browser->find("#floor-reading[data-reading=$place]");
            $this->browser->type('#floor-reading', sprintf('%.0f mm', $reading) . WebDriverKeys::ENTER);
            $this->browser->waitForText('[data-testid=floor-places]', sprintf('%.0f mm', $reading));
        }
        $this->browser->waitForText('[data-testid=required-height]', '651');
        $this->assertAccessible('the floor');
        self::assertStringContainsString('0.24° falling to the front', $this->browser->text('[data-testid=floor-result]'));

        // A target set to the card's own 642 mm there is 9 mm too low for the car: more than the 5 mm it allows.
        $bay = (new HiddenBay(self::SABLE))->stand(5635, 0, 180, 642);
        $bay->floor = [...$staff, 'sensor-front' => $fall(3735)];
        $this->begin('R-slope', 'front');
        $this->follow($bay);
        $this->assertHolds('along', 'across', 'yaw', 'height');
        self::assertEqualsWithDelta(651, $bay->height, 2.5);
    }
}
