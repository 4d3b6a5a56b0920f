<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\FloorGround;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Method\SlipBounds;
use Lumbro\Core\Run\WalkPlan;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Survey\Layout;

/**
 * A bay that is not the advice's friend: everything of Roughness is wrong in it at once, each error drawn from the
 * scenario's seed. What the readings show of it is worked out at the truth; what the model does not know of is added.
 */
final readonly class RoughWorld extends World
{
    /** How far under or over the floor the laser plane is set, mm. */
    private const LASER = 1200.0;

    private SeededNoise $drawn;

    /** @var array<string, float> unknown → what this car has it off, mm or degrees */
    private array $offsets;

    /** @param list<Line> $entries the task's record so far */
    public function __construct(TaskContext $context, Scenario $scenario, array $entries, private Roughness $rough)
    {
        $this->drawn = new SeededNoise($scenario->seed ^ 0x5bd1);
        $this->offsets = Believed::offsets($scenario, $context, $entries);
        parent::__construct($context, $scenario, $entries);
    }

    protected function disturbed(array $state, Layout $layout): array
    {
        foreach ($layout->names as $place => $name) {
            $state[$place] += $this->off($name);
        }

        return $state;
    }

    /** How far an unknown is off its place, mm or rad. */
    private function off(string $unknown): float
    {
        $own = $this->offsets[$unknown] ?? 0.0;

        return (in_array($unknown[0], ['@', '^'], true) ? deg2rad($own) : $own) + $this->strayed($unknown);
    }

    /** What an ordinary bay's errors make of it, mm or rad. */
    private function strayed(string $unknown): float
    {
        $r = $this->rough;
        $n = fn(float $size): float => $size * $this->drawn->draw("unknown $unknown");

        return match (true) {
            in_array($unknown, ['frontMark.y', 'rearMark.y', 'frontEmblem.y', 'rearEmblem.y'], true) => $r->of('marks') * $n(1.8),
            in_array($unknown, ['frontMark.x', 'rearMark.x', 'frontEmblem.x', 'rearEmblem.x', 'frontBumper.x', 'rearBumper.x'], true) => $r->of('marks') * $n(4.0),
            in_array($unknown, ['frontMark.z', 'rearMark.z'], true) => $r->of('marks') * $n(60.0) + $r->of('pitch') * $n(4.0),
            preg_match('/^(FL|FR|RL|RR)\.[xy]$/', $unknown) === 1 => $r->of('hubs') * $n(2.2),
            preg_match('/^laserR[LR]\.[xy]$/', $unknown) === 1 => $r->of('clamps') * $n(1.0) + $r->of('hubs') * 2.2 * $this->drawn->draw('unknown ' . str_replace('laser', '', $unknown)),
            $unknown === '@wheelRL', $unknown === '@wheelRR' => deg2rad($r->of('thrust') * (0.12 * $this->drawn->draw('thrust') + $n(0.06)) + $r->of('clamps') * 0.04 * $this->drawn->draw("clamp $unknown")),
            $unknown === '@mirror' => deg2rad($r->of('tape') * $n(0.04)),
            $unknown === '#tape.scale' => $r->of('tape') * $n(0.0003),
            $unknown === '#tape.zero' => $r->of('tape') * $n(0.4),
            $unknown === 'sensor.x', $unknown === 'sensor.y' => $r->of('sensor') * $n(2.5),
            $unknown === 'sensor.z' => $r->of('sensor') * $n(4.0) + $r->of('pitch') * 4.0 * $this->drawn->draw('pitch'),
            $unknown === 'siteFloor.z' => $r->of('floor') * $n(4.0),
            $unknown === 'sensorFloor.z' => $r->of('floor') * $n(1.5),
            $unknown === '#floor.zero' => $r->of('floor') * $n(1.2),
            $unknown === '^pitch', $unknown === '^roll' => deg2rad($r->of('floor') * $n(0.12)),
            $unknown === '~laser.tiltX', $unknown === '~laser.tiltY' => $r->of('floor') * $n(0.2),
            default => 0.0,
        };
    }

    public function shown(Call $call): float
    {
        $value = parent::shown($call);

        return match (true) {
            ($call->details->of ?? $call)->id === 'rule-check' => $value - $this->cut(),
            $call->reads !== Reads::Turn && $this->isByRule($call) => $value + ($value < 0 ? -1 : 1) * $this->cut(),
            default => $value,
        };
    }

    public function meter(Call $call): float
    {
        $key = "meter $this->position $call->id {$this->times($call->id)}";
        if ($this->happens("invented $key", $this->rough->of('invented') / 150)) {
            return $this->plan->expected($call);
        }
        $value = $this->shown($call);
        $turn = $call->reads === Reads::Turn;
        $s = $turn ? rad2deg($call->s) : $call->s;
        // Hands are as good as they are said to be but for the tails; an error that is away leaves their ordinary noise.
        $value += $s * ($this->rough->of('tails') > 0 ? $this->tailed($key) * $this->rough->of('tails') ** 0.5 : $this->drawn->draw($key));
        if (! $turn && $this->happens("slip $key", $this->slips() / 100)) {
            $value += $this->slip($key);
        }

        return $value + ($this->times($call->id) === 0 ? $this->scenario->slips[$call->id] ?? 0.0 : 0.0);
    }

    public function staff(string $place): float
    {
        $before = $this->context->order->floor[$place] ?? null;
        $key = "staff $place" . ($before === null ? '' : " after {$before->typed} {$before->id}");
        if ($this->happens("invented $key", $this->rough->of('invented') / 150)) {
            return 1200.0;
        }
        $once = FloorRead::once($place);
        $reading = $this->laser($once) + 0.9 * $this->tailed($key);

        return $reading + ($this->happens("slip $key", $this->slips() / 100) ? $this->slip($key) : 0.0);
    }

    /** What the laser plane would show at a place, mm: the floor there, the car's stance and the plane's own slope. */
    private function laser(string $place): float
    {
        $at = str_starts_with($place, 'site-')
            ? [$this->plan->ground->stand->x, $this->plan->ground->stand->y, $this->off('siteFloor.z') - $this->scenario->floorBelow]
            : (str_starts_with($place, 'sensor-') ? [...$this->plan->ground->car->place('sensor'), $this->off('sensorFloor.z')] : [...FloorGround::wheels($this->context->sheet)[$place], in_array($place, ['FL', 'RR'], true) ? -$this->off('#floor.zero') : $this->off('#floor.zero')]);
        [$a, $b] = [tan($this->off('^pitch')), tan($this->off('^roll'))];
        $up = ($a * $at[0] + $b * $at[1] + $at[2]) / sqrt(1 + $a ** 2 + $b ** 2);

        return self::LASER - $up + ($this->off('~laser.tiltX') * $at[0] + $this->off('~laser.tiltY') * $at[1]) / 1000;
    }

    public function placementError(): array
    {
        [$azimuth, $elevation] = parent::placementError();
        $r = $this->rough;

        if ($this->context->card->isPlate) {
            // Its reflecting face is not quite square to what was measured of it.
            $tilt = $r->of('lean') * 0.06 * $this->drawn->draw('plate tilt');
            if ($this->happens("plate $this->position", $this->slips() / 100)) {
                // More would show when the level is turned round.
                $tilt += rad2deg(SlipBounds::PLATE_TILT) * (2 * $this->drawn->even("plate slip $this->position") - 1);
            }

            return [$azimuth + $r->of('phase') * 0.04 * $this->drawn->draw('plate yaw'), $elevation + $tilt];
        }
        $aside = $r->of('phase') * 1.5 * $this->drawn->draw('phase aside') + deg2rad($r->of('lean') * 0.05 * $this->drawn->draw("lean $this->position")) * 300;
        $up = $r->of('phase') * 1.5 * $this->drawn->draw('phase up');

        return [
            $azimuth + rad2deg($aside / $this->range()),
            $this->context->card->adjustment?->inclinometer === null ? $elevation + rad2deg($up / $this->range()) : $elevation + $r->of('lean') * 0.05 * $this->drawn->draw('inclinometer'),
        ];
    }

    public function bend(): float
    {
        $strength = $this->rough->of('echo');

        // Out and back: the phase turns once in half a wavelength.
        $frequency = $this->context->card->echo?->frequency;
        $walked = $frequency === null ? 0.0 : 2 * $this->nudge / WalkPlan::wavelength($frequency);

        return $strength <= 0 ? 0.0 : 10 ** ($this->secondEcho() / 20) * (1.5 + 4.5 * $this->drawn->even('echo aside')) * cos(2 * M_PI * ($this->drawn->even("echo phase $this->position") + $walked));
    }

    public function secondEcho(): float
    {
        $strength = $this->rough->of('echo');

        return $strength <= 0 ? -60.0 : -42.0 + 5.0 * $this->drawn->draw('echo level') + 20 * log10($strength);
    }

    /** What the rule is short of at its end, mm. */
    private function cut(): float
    {
        $size = $this->rough->of('rule');

        return $this->scenario->cut + $size * 0.2 * $this->drawn->draw('rule') + ($this->happens('cut rule', min(1.0, $size) / 100) ? $size * (10 + 15 * $this->drawn->even('cut')) : 0.0);
    }

    private function slips(): float
    {
        return $this->rough->of('slips');
    }

    private function slip(string $key): float
    {
        return ($this->drawn->draw("side $key") < 0 ? -1 : 1) * (8 + 32 * $this->drawn->even("size $key"));
    }

    private function isByRule(Call $call): bool
    {
        return $call->reads === Reads::Sided && ($call->details->of ?? $call)->instrument !== $this->context->kit->tape->id;
    }

    private function happens(string $what, float $chance): bool
    {
        return $this->drawn->even($what) < $chance;
    }

    /** A draw with mean 0, deviation 1 and four degrees of freedom; a normal one where tails are away. */
    private function tailed(string $for): float
    {
        $normal = $this->drawn->draw($for);
        if ($this->rough->of('tails') <= 0) {
            return $normal;
        }
        $squares = 0.0;
        for ($i = 0; $i < 4; $i++) {
            $squares += $this->drawn->draw("$for tail $i") ** 2;
        }

        // Divided by √2, so that its deviation is 1 again.
        return $normal / sqrt($squares / 4) / M_SQRT2;
    }
}
