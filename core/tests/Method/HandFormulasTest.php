<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Method;

use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Tests\Support\DemoTask;
use Lumbro\Core\Tests\Support\Standing;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\TestCase;

/**
 * What the screen tells equals what an experienced person computes by hand, school by school: the demo's front radar,
 * its spot 1,840 mm ahead of the front mark, and the left one of the rear pair, 2,610 mm off under 149°.
 */
final class HandFormulasTest extends TestCase
{
    private const WHEELBASE = 2905.0;

    private const TRACK_FRONT = 1598.0;

    private const TRACK_REAR = 1604.0;

    /** Front mark ahead of the rear hubs, and the spot of the target. */
    private const MARK = 3795.0;
    private const SPOT = 5635.0;

    /** Between both marks. */
    private const BASE = 4641.0;

    /** The target ahead of the stand's bar, and half of that bar. */
    private const ARM = 85.0;
    private const HALF_BAR = 1100.0;

    public function testPlumbAndLine(): void
    {
        $told = $this->told((new DemoTask())->read(['spot-offset' => -14.0, 'spot-along' => 1852.0, 'split' => 20.0]));
        self::assertSame(['12.0 mm', 'too far'], $told['along']);
        self::assertSame(['14.0 mm', 'to the car’s right'], $told['across']);
        // The beam runs from the target, 14 mm right, to 20 mm left over the taped distance.
        self::assertSame([sprintf('%.2f°', rad2deg(atan(34 / 1852))), 'turned clockwise'], $told['yaw']);
    }

    public function testSplitFromTheStand(): void
    {
        [$near, $far, $reach] = [6.0, -10.0, 1830.0];
        $told = $this->told((new DemoTask())->by('split-from-stand')->read(['split' => $near, 'split-far' => $far, 'reach' => $reach]));
        // The beam through both strikes, drawn on to the target.
        $across = $near + ($near - $far) / self::BASE * $reach;
        self::assertSame([sprintf('%.1f mm', $across), 'to the car’s left'], $told['across']);
        self::assertSame([sprintf('%.1f mm', 1840 - sqrt($reach ** 2 - $across ** 2)), 'too near'], $told['along']);
        self::assertSame([sprintf('%.2f°', rad2deg(atan(($near - $far) / self::BASE))), 'turned anticlockwise'], $told['yaw']);
    }

    public function testHubMarks(): void
    {
        [$left, $right] = $this->barEnds(self::SPOT + 12, -9.0, 180.4);
        $half = self::TRACK_FRONT / 2;
        $tape = fn(float $y, array $end): float => $this->span([self::WHEELBASE, $y], $end);
        $read = ['bar-left' => $tape($half, $left), 'bar-right' => $tape(-$half, $right), 'cross-left' => $tape($half, $right), 'cross-right' => $tape(-$half, $left)];
        $told = $this->told((new DemoTask())->by('hub-marks')->read($read));

        // Tapes a from the left and b from the right hub, W apart: y = (b² − a²)/2W, and the distance by Pythagoras.
        $meet = static function (float $a, float $b) use ($half): array {
            $y = ($b ** 2 - $a ** 2) / (4 * $half);

            return [self::WHEELBASE + sqrt($a ** 2 - ($half - $y) ** 2), $y];
        };
        $this->assertBar($meet($read['bar-left'], $read['cross-right']), $meet($read['cross-left'], $read['bar-right']), $told);
    }

    public function testSquaresAndDiagonals(): void
    {
        [$left, $right] = $this->barEnds(self::SPOT - 8, 11.0, 179.5);
        $half = self::TRACK_REAR / 2;
        $read = [
            'check-left' => hypot($left[0] - self::MARK, $left[1]), 'check-right' => hypot($right[0] - self::MARK, $right[1]),
            'diagonal-left' => hypot($right[0], $right[1] - $half), 'diagonal-right' => hypot($left[0], $left[1] + $half),
        ];
        $told = $this->told((new DemoTask())->by('squares')->read($read));

        // Each end lies where the tape from the mark and the diagonal from the far hub across meet.
        $this->assertBar(
            $this->meeting([self::MARK, 0.0], $read['check-left'], [0.0, -$half], $read['diagonal-right'], 1),
            $this->meeting([self::MARK, 0.0], $read['check-right'], [0.0, $half], $read['diagonal-left'], -1),
            $told,
        );
    }

    public function testWheelLasersAndMirrors(): void
    {
        $lasers = self::TRACK_REAR / 2 + 160;
        [$off, $turned] = [7.0, 0.3];
        [$left, $right] = $this->barEnds(self::SPOT - self::ARM + self::ARM * cos(deg2rad($turned)), $off - self::ARM * sin(deg2rad($turned)), 180 + $turned);
        $x = self::SPOT + self::ARM;
        $reach = static fn(float $y): float => $x - ($y - $off) * tan(deg2rad($turned));
        $read = [
            'scale-left' => ($lasers - $off) / cos(deg2rad($turned)), 'scale-right' => ($lasers + $off) / cos(deg2rad($turned)),
            'return-left' => -$reach($lasers) * tan(2 * deg2rad($turned)), 'return-right' => -$reach(-$lasers) * tan(2 * deg2rad($turned)),
            'bar-left' => hypot($left[0] - self::WHEELBASE, $left[1] - self::TRACK_FRONT / 2), 'bar-right' => hypot($right[0] - self::WHEELBASE, $right[1] + self::TRACK_FRONT / 2),
        ];
        $told = $this->told((new DemoTask(card: ['reference' => 'thrust-line']))->by('wheel-lasers')->read($read));
        // The bar's middle lies (R − L)/2 off the line; the target stands its arm ahead of it; half the return is the turn.
        $middle = ($read['scale-right'] - $read['scale-left']) / 2;
        $turn = rad2deg(atan(-($read['return-left'] + $read['return-right']) / 2 / $x)) / 2;
        self::assertSame([sprintf('%.1f mm', $middle - self::ARM * sin(deg2rad($turn))), 'to the car’s left'], $told['across']);
        self::assertSame([sprintf('%.2f°', $turn), 'turned anticlockwise'], $told['yaw']);
    }

    public function testReportedPose(): void
    {
        $told = $this->told((new DemoTask())->by('reported-pose')->read(['pose-ahead' => 5644.0, 'pose-across' => -3.0, 'pose-turn' => -0.4]));
        self::assertSame(['9.0 mm', 'too far'], $told['along']);
        self::assertSame(['3.0 mm', 'to the car’s right'], $told['across']);
        self::assertSame(['0.40°', 'turned clockwise'], $told['yaw']);
    }

    public function testARearSpotByRangeAndBearing(): void
    {
        [$off, $along] = [2020.0, 2090.0];
        $told = $this->told((new DemoTask(['rear-cover-removed'], 'rear-left'))->read(['spot-offset' => $off, 'spot-along' => $along, 'aim' => 0.0]));
        // The sensor lies 4,477 mm behind the front mark and 688 mm to the left; the rear mark 846 mm behind the hubs.
        [$back, $left] = [self::MARK - 4477 - (-846 - $along), $off - 688];
        self::assertSame([sprintf('%.1f mm', hypot($back, $left) - 2610), 'too far'], $told['range']);
        self::assertSame([sprintf('%.2f°', abs(180 - rad2deg(atan($left / $back)) - 149)), 'to the car’s right'], $told['bearing']);
    }

    /**
     * @param array{float, float}                  $left  the bar's end on the car's left
     * @param array{float, float}                  $right
     * @param array<string, array{string, string}> $told
     */
    private function assertBar(array $left, array $right, array $told): void
    {
        $turn = rad2deg(atan(($left[0] - $right[0]) / -($left[1] - $right[1])));
        $along = ($left[0] + $right[0]) / 2 - self::ARM * cos(deg2rad($turn)) - self::SPOT;
        $across = ($left[1] + $right[1]) / 2 - self::ARM * sin(deg2rad($turn));
        self::assertSame([sprintf('%.1f mm', abs($along)), $along > 0 ? 'too far' : 'too near'], $told['along']);
        self::assertSame([sprintf('%.1f mm', abs($across)), $across > 0 ? 'to the car’s left' : 'to the car’s right'], $told['across']);
        self::assertSame([sprintf('%.2f°', abs($turn)), $turn > 0 ? 'turned anticlockwise' : 'turned clockwise'], $told['yaw']);
    }

    /**
     * @param array{float, float}     $from
     * @param array<array-key, mixed> $to
     */
    private function span(array $from, array $to): float
    {
        self::assertIsFloat($to[0]);
        self::assertIsFloat($to[1]);

        return hypot($to[0] - $from[0], $to[1] - $from[1]);
    }

    /** @return array{array{float, float}, array{float, float}} the bar's ends on the car's left and right, with the target there */
    private function barEnds(float $x, float $y, float $yaw): array
    {
        [$cos, $sin] = [cos(deg2rad($yaw)), sin(deg2rad($yaw))];
        [$cx, $cy] = [$x - self::ARM * $cos, $y - self::ARM * $sin];

        return [[$cx + self::HALF_BAR * $sin, $cy - self::HALF_BAR * $cos], [$cx - self::HALF_BAR * $sin, $cy + self::HALF_BAR * $cos]];
    }

    /**
     * Where two tapes meet, on one side of the line between their ends.
     *
     * @param array{float, float} $p
     * @param array{float, float} $q
     *
     * @return array{float, float}
     */
    private function meeting(array $p, float $a, array $q, float $b, int $side): array
    {
        $span = hypot($q[0] - $p[0], $q[1] - $p[1]);
        [$ux, $uy] = [($q[0] - $p[0]) / $span, ($q[1] - $p[1]) / $span];
        $foot = ($a ** 2 - $b ** 2 + $span ** 2) / (2 * $span);
        $up = sqrt($a ** 2 - $foot ** 2);
        // Of the two places, the one ahead on the car's own side.
        $one = [$p[0] + $foot * $ux - $up * $uy, $p[1] + $foot * $uy + $up * $ux];
        $other = [$p[0] + $foot * $ux + $up * $uy, $p[1] + $foot * $uy - $up * $ux];

        return $one[1] * $side > $other[1] * $side ? $one : $other;
    }

    /** @return array<string, array{string, string}> respect → figure and direction, as the screen shows them */
    private function told(DemoTask $task): array
    {
        $told = [];
        /** @var list<array{id: string, unit: string, deviation?: float, direction?: Message}> $verdicts */
        $verdicts = TaskStateDocument::write(new Standing($task->state()))['verdicts'];
        foreach ($verdicts as $respect) {
            if (isset($respect['deviation'], $respect['direction'])) {
                $told[$respect['id']] = [sprintf($respect['unit'] === 'mm' ? '%.1f mm' : '%.2f°', abs($respect['deviation'])), Told::words($respect['direction'])];
            }
        }

        return $told;
    }
}
