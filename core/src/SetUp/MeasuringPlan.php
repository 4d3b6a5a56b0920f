<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\ReferenceChosen;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\CallDetails;
use Lumbro\Core\Method\CarGround;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\Guards;
use Lumbro\Core\Method\Guess;
use Lumbro\Core\Method\Minutes;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Names;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Method\School;
use Lumbro\Core\Method\Schools;
use Lumbro\Core\Method\Times;
use Lumbro\Core\Method\Unknowns;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Observation\Observation;

/** How a sensor's set-up is measured: the schools in use, the readings they ask for, and the one survey these make. */
final class MeasuringPlan
{
    /** How far hands miss an asked-for shift, mm, and turn, rad: a smaller effect than half of s spoils nothing. */
    private const SLIP = 10.0;
    private const SLIP_TURN = 0.5 * M_PI / 180;

    /** Readings that are about the very instrument they are taken with. */
    private const OF_ONE_INSTRUMENT = ['rule-check'];

    private const WHEEL_CALLS = ['scale-left', 'scale-right', 'return-left', 'return-right', 'toe'];

    public readonly Ground $ground;

    /** The floor under the car and at the spot. */
    public readonly SiteFloor $floor;

    /** @var list<string> schools in use, in the order they are offered */
    public readonly array $schools;

    /** @var list<string> the plan of readings that was taken: calls and staffs; empty where the schools ask for theirs */
    public readonly array $planned;

    /** Who chose the reference where the card is silent; null where nobody did, or the card says it. */
    public readonly ?ReferenceChosen $referenceChosen;

    /** How the target hangs on its stand; null where that is as the stand's drawing has it. */
    public readonly ?StandSet $standSet;

    /** @var array<string, Call> every reading that could be taken here */
    private array $known = [];

    /** @var array<string, Call> those asked for, and those once read, in the order of work */
    private array $asked;

    /** @var array<string, float> */
    private array $expected = [];

    private ?Ground $whole = null;

    /** @param list<Line> $entries the task's record, in order */
    public function __construct(public readonly TaskContext $context, array $entries)
    {
        $chosen = null;
        $planned = [];
        $reference = null;
        $set = null;
        $read = [];
        foreach ($entries as $entry) {
            if ($entry instanceof ReadingTaken) {
                $read[$entry->call] = true;
            } elseif ($entry instanceof SchoolsChosen) {
                $chosen = $entry->schools;
                $planned = $entry->readings;
            } elseif ($entry instanceof ReferenceChosen) {
                $reference = $entry;
            } elseif ($entry instanceof StandSet) {
                $set = $entry;
            }
        }
        $this->standSet = $set;
        $this->referenceChosen = self::asksForReference($context) ? $reference : null;
        $line = $this->reference();
        $car = new CarGround(
            $context->sheet,
            $context->cardSensor,
            $context->isSensorMeasured() ? $context->sensor : null,
            marks: $context->order->marks ?? [],
            datums: [$context->spot->datum],
            measuredHeight: $context->measuredHeight(),
            rules: $context->rules,
            slips: $context->policy()->slips,
        );
        $wheels = $line === 'thrust-line' || in_array('wheel-lasers', $chosen ?? [], true) || array_intersect(self::WHEEL_CALLS, array_keys($read)) !== [];
        [$floor, $height] = $context->rules->isInSpace()
            ? [SiteFloor::ground($context), $context->card->target->convert($context->spot->height, $context->spot->heightDatum, 'centre')]
            : [null, null];
        $ground = self::hung(new Ground($car, $context->spot, $context->kit, $line, $wheels, $floor, $height), $set?->arm);
        $chosen ??= [self::default($context->card, $ground)];
        $this->ground = ! $wheels && in_array('wheel-lasers', $chosen, true) ? $ground->with($ground->kit, true) : $ground;
        $this->schools = array_values(array_intersect(array_keys(Schools::all()), $chosen));
        $this->floor = SiteFloor::under($context, $this->ground);
        $this->planned = $planned;
        $this->asked = $this->ask(array_keys($read));
    }

    /** Whether the card leaves open which line its values are taken from. */
    public static function asksForReference(TaskContext $context): bool
    {
        // A card that says the body's centreline without saying the car's own axis may mean the line through the marks.
        return $context->card->reference === null || ($context->rules->isInSpace() && $context->card->reference === 'body-centreline');
    }

    private function reference(): string
    {
        return match (true) {
            $this->referenceChosen !== null => $this->referenceChosen->reference,
            self::asksForReference($this->context) => $this->context->rules->isInSpace() ? 'body-axis' : 'body-centreline',
            default => $this->context->card->reference ?? 'body-centreline',
        };
    }

    /** @return list<PreparationItem> the steps that establish the line, of all schools in use */
    public function lineSteps(): array
    {
        $steps = [];
        $doubt = DatumDoubt::about($this->context);
        if ($doubt !== null) {
            $steps[$doubt->id] = $doubt;
        }
        if ($this->context->card->isPlate) {
            $steps['plate-level'] = $this->plateStep();
        }
        foreach ($this->inUse() as $school) {
            foreach ($school->steps($this->ground) as $step) {
                $steps[$step->id] = $step;
            }
        }

        return array_values($steps);
    }

    private function plateStep(): PreparationItem
    {
        $tilt = $this->context->spot->tilt;

        return new PreparationItem('plate-level', Message::of('step.plate-level', ['tilted' => $tilt === 0.0 ? 'no' : ($tilt > 0 ? 'towards' : 'away'), 'tilt' => Quantity::number(abs($tilt))]), true, Message::of('step.plate-level.why'));
    }

    /** @return array<string, Call> those asked for, and those once read, in the order of work */
    public function calls(): array
    {
        return $this->asked;
    }

    /** A reading that is asked for, or was taken; null where there is none of this name. */
    public function call(string $id): ?Call
    {
        if (isset($this->asked[$id]) || ! $this->ground->isInSpace()) {
            return $this->asked[$id] ?? null;
        }
        $known = $this->known()[$id] ?? null;

        // What a rig reports belongs to its own school.
        return $known?->details->statesAccuracy === true ? null : $known;
    }

    /** How long a reading of this name takes, minutes. */
    public function minutes(string $id): float
    {
        return Minutes::of($id);
    }

    /**
     * Readings beside those asked for that could guard the set-up: each of them once more only after it was taken.
     *
     * @param array<string, ReadingTaken> $readings call → reading
     *
     * @return array<string, Call>
     */
    public function guards(array $readings): array
    {
        $guards = [];
        foreach ($this->ground->isInSpace() ? $this->known() : [] as $id => $call) {
            $fits = $this->ground->hasWheels || ! in_array($call->details->of->id ?? $id, self::WHEEL_CALLS, true);
            if (! isset($readings[$id]) && $fits && ($this->asked[$id] ?? null)?->isCheck() !== false && ! $call->details->statesAccuracy) {
                $guards[$id] = $call;
            }
        }

        return $guards;
    }

    /** @return array<string, Call> every reading that could be taken here, asked for or not, each a second and a third time too */
    public function takable(): array
    {
        return array_filter($this->all(), static fn(Call $call): bool => $call->isSurveyed());
    }

    /** @return array<string, Call> those of the schools in use and those that belong to no school, each a second and a third time too */
    public function schoolsOwn(): array
    {
        $own = ['height' => true];
        foreach ($this->inUse() as $school) {
            foreach ($school->calls($this->ground) as $call) {
                $own[$call->id] = true;
            }
        }
        foreach (Guards::calls($this->ground, $this->heightCall()) as $call) {
            $own[$call->id] = true;
        }

        return array_filter($this->takable(), static fn(Call $call): bool => isset($own[$call->details->of->id ?? $call->id]));
    }

    /** Whether the height must be measured for the run: not where nothing limits it and the axis is free of it. */
    public function needsHeight(): bool
    {
        $card = $this->context->card;

        return $this->context->spot->toleranceHeight !== null
            || (! in_array('elevation', $this->context->cardSensor->placementFree, true) && ! $card->isPlate && $card->adjustment?->inclinometer === null);
    }

    /** Whether a reading only checks what others say; one of a plan that was taken is more than that. */
    public function isCheck(Call $call): bool
    {
        return $call->isCheck() && ! in_array($call->id, $this->planned, true);
    }

    /** @return list<string> what of the placement the run needs, the height last where it does */
    public function respects(): array
    {
        return $this->needsHeight() ? [...$this->ground->respects(), 'height'] : $this->ground->respects();
    }

    /** The target's height over the floor at the spot, corrected for that floor, mm, to the card's own datum. */
    public function requiredHeight(): float
    {
        return $this->context->spot->height + $this->floor->below;
    }

    /**
     * The placement task that these readings make.
     *
     * @param array<string, ReadingTaken> $readings call → reading
     * @param Guess                       $guess    what of the stand's place coarse guesses stand in for
     */
    public function task(array $readings, Guess $guess): PlacementTask
    {
        $rise = $this->rise($readings['height'] ?? null);
        $names = Names::stand();
        $observations = [];
        $candidates = [];
        foreach ($this->asked as $call) {
            if (! $call->isSurveyed()) {
                continue;
            }
            $reading = $readings[$call->id] ?? null;
            if ($reading !== null) {
                $observations[] = $this->observed($call, $reading, $rise, $names);
            } elseif ($guess !== Guess::Place) {
                $candidates[] = $call->observation(null, $rise, $names);
            }
        }

        return $this->ground->task($this->ground->network($observations, $guess), $candidates, $this->context->card->thresholds, $names);
    }

    /** A reading as the survey counts it: a height to any place of the target's drawing is one of its centre. */
    private function observed(Call $call, ReadingTaken $reading, float $rise, Names $names): Observation
    {
        return $this->readWith($call, $reading)->observation($this->centred($call, $reading->value, $reading->datum), $rise, $names, $reading->s);
    }

    /** A reading as it is taken with the instrument that was named with it. */
    public function readWith(Call $call, ReadingTaken $reading): Call
    {
        $kit = $this->context->kit;
        if ($reading->instrument === null || $reading->instrument === $call->instrument || ! $this->ground->isInSpace()) {
            return $call;
        }
        foreach ($this->choices($call) as $other) {
            if ($other->id === $reading->instrument) {
                return $call->by($kit, (string) $kit->kindOf($other->id), $other, CarGround::named($kit, $other->id));
            }
        }

        return $call;
    }

    /** @return list<MeasuringInstrument> what a reading can be taken with, its usual one first; none where nothing is to be chosen */
    public function choices(Call $call): array
    {
        $kit = $this->context->kit;
        $kind = $kit->kindOf($call->instrument);
        if ($kind === null || ! $this->ground->isInSpace() || $call->details->statesAccuracy || in_array($call->details->of->id ?? $call->id, self::OF_ONE_INSTRUMENT, true)) {
            return [];
        }
        $length = $call->isSurveyed() && $call->reads !== Reads::Turn ? abs($this->expected($call)) : 0.0;
        $all = array_values(array_filter($kit->all[$kind], static fn(MeasuringInstrument $known): bool => $known->id === $call->instrument || $kit->reaches($known, $length)));
        usort($all, static fn(MeasuringInstrument $a, MeasuringInstrument $b): int => ($b->id === $call->instrument) <=> ($a->id === $call->instrument));

        return count($all) > 1 ? $all : [];
    }

    /** Of a height to a datum of the target, that of its centre, mm; any other value as it is. */
    private function centred(Call $call, float $value, ?string $datum): float
    {
        return $call->reads === Reads::Height ? $this->context->card->target->convert($value, $datum ?? $this->context->spot->heightDatum, 'centre') : $value;
    }

    /** A value of the survey as a person reads it, heights to a datum of the target: mm or degrees. */
    public function asRead(Call $call, float $value, ?string $datum = null): float
    {
        $read = $call->asRead($value);

        return $call->reads === Reads::Height ? $this->context->card->target->convert($read, 'centre', $datum ?? $this->context->spot->heightDatum) : $read;
    }

    /** The plan with the target on its spot and everything else where the sheet has it. */
    public function nominal(): Geometry
    {
        return $this->ground->nominal;
    }

    /**
     * What a call should read at a state of the plan.
     *
     * @return float mm or degrees, left, up and anticlockwise positive
     */
    public function reading(Call $call, Geometry $at): float
    {
        return $this->asRead($call, $this->equation($call, $at)->value);
    }

    /** How what a call measures moves with the survey's unknowns, mm or rad. */
    public function equation(Call $call, Geometry $at): Equation
    {
        return Equation::of($call->observation(null, $this->rise(null), Names::stand()), $at);
    }

    /** What a call should read with the target on its spot, mm or degrees; heights to the card's datum. */
    public function expected(Call $call): float
    {
        return $this->expected[$call->id] ??= match (true) {
            $call->reads === Reads::Height => $this->requiredHeight(),
            default => $this->reading($call, $this->ground->nominal),
        };
    }

    /**
     * Calls whose reading a move spoils, and no others (need J21).
     *
     * @param list<MoveKind> $kinds
     *
     * @return list<string>
     */
    public function spoiledBy(array $kinds): array
    {
        $at = $this->ground->nominal;
        $x = $at->layout->free['stand'];
        $shifted = in_array(MoveKind::Shift, $kinds, true);
        $turned = in_array(MoveKind::Turn, $kinds, true);
        $raised = in_array(MoveKind::Height, $kinds, true);
        [$z, $yaw] = [$at->layout->z['stand'] ?? null, $at->layout->yaw['stand']];
        $spoiled = $raised && $z === null ? ['height'] : [];
        $rise = $this->rise(null);
        foreach ($shifted || $turned || $z !== null ? $this->all() : [] as $call) {
            if (! $call->isSurveyed()) {
                continue;
            }
            $row = Equation::of($call->observation(null, $rise, Names::stand()), $at)->row;
            $effect = max(
                $shifted ? hypot($row[$x] ?? 0.0, $row[$x + 1] ?? 0.0) * self::SLIP : 0.0,
                $turned ? abs($row[$yaw] ?? 0.0) * self::SLIP_TURN : 0.0,
                $raised && $z !== null ? abs($row[$z] ?? 0.0) * self::SLIP : 0.0,
            );
            if ($effect > $call->s / 2) {
                $spoiled[] = $call->id;
            }
        }

        return $spoiled;
    }

    /** @return list<string> calls whose reading is spoiled when the target is hung on another arm, the stand staying where it is */
    public function spoiledByArm(): array
    {
        $moved = $this->ground->withArm(self::SLIP);
        $rise = $this->rise(null);
        $spoiled = [];
        foreach ($this->all() as $call) {
            if ($call->isSurveyed()) {
                $observation = $call->observation(null, $rise, Names::stand());
                if (abs(Equation::of($observation, $moved)->value - Equation::of($observation, $this->ground->nominal)->value) > $call->s / 2) {
                    $spoiled[] = $call->id;
                }
            }
        }

        return $spoiled;
    }

    /** What an id of the survey is called: a call's title, or an unknown such as "frontMark.y". */
    public function said(string $id): Message|string
    {
        if (preg_match('/^#' . CarGround::BY . '(.+)\.(zero|scale)$/', $id, $of) === 1 && ($instrument = $this->context->kit->instrument($of[1])) !== null) {
            return Message::of("unknown.instrument.$of[2]", ['instrument' => $instrument->name]);
        }

        return $this->call($id)?->title() ?? Unknowns::said($id);
    }

    /** What a reading or a staff is called, whether or not it is asked for. */
    public function titled(string $id): Message|string
    {
        return ($this->known()[$id] ?? null)?->title() ?? Unknowns::said($id);
    }

    /** How much higher the target's centre is than the hubs, mm, for tapes that slant. */
    public function rise(?ReadingTaken $height): float
    {
        $spot = $this->context->spot;
        [$measured, $datum] = $height === null ? [$spot->height, $spot->heightDatum] : [$height->value, $height->datum ?? $spot->heightDatum];

        return $this->context->card->target->convert($measured, $datum, 'centre') - $this->context->sheet->hubHeight;
    }

    /** @return list<School> */
    public function inUse(): array
    {
        return array_map(static fn(string $id): School => Schools::all()[$id], $this->schools);
    }

    /**
     * The plan with the target on another arm.
     *
     * @param float|null $arm mm from the stand's middle, the car's left positive; null for the stand's own drawing
     */
    private static function hung(Ground $ground, ?float $arm): Ground
    {
        // A stand that faces the car has the car's left on its own right.
        return $arm === null
            ? $ground
            : $ground->with($ground->kit->withTargetLeft($ground->stand->facesForward() ? $arm : -$arm), $ground->hasWheels);
    }

    /** The school a card and this place begin with. */
    private static function default(ProcedureCard $card, Ground $ground): string
    {
        $offered = $card->schools === [] ? array_keys(Schools::all()) : $card->schools;
        foreach ($offered as $id) {
            if (Schools::all()[$id]->hindrance($ground) === null) {
                return $id;
            }
        }

        return 'plumb-and-line';
    }

    /**
     * @param list<string> $read calls once read
     *
     * @return array<string, Call>
     */
    private function ask(array $read): array
    {
        $placing = [];
        $checks = [];
        foreach ($this->inUse() as $school) {
            foreach ($school->calls($this->ground) as $call) {
                if ($call->isCheck()) {
                    $checks[$call->id] = $call;
                } else {
                    $placing[$call->id] = $call;
                }
            }
        }
        $asked = $placing + ['height' => $this->heightCall()] + $checks;
        if ($this->planned !== [] && $this->ground->isInSpace()) {
            // Those that are read again are asked for when it comes to it: what a move spoils is read once before it.
            $once = array_flip(array_map(Times::once(...), $this->planned));
            $asked = array_intersect_key($asked, $once) + array_intersect_key($this->known(), $once);
        }
        $others = array_diff($read, array_keys($asked));
        if ($others !== []) {
            $asked += array_intersect_key($this->known(), array_flip($others));
        }

        return $asked;
    }

    private function heightCall(): Call
    {
        $datums = array_keys($this->context->card->target->heights);

        return $this->ground->isInSpace()
            ? Guards::height($this->ground, ! $this->needsHeight(), ...$datums)
            : new Call('height', $this->context->kit->staff->id, Reads::Height, 1.0, details: new CallDetails(check: ! $this->needsHeight(), datums: $datums));
    }

    /** @return list<School> those that can be used here */
    public function usable(): array
    {
        return array_values(array_filter(Schools::all(), fn(School $school): bool => $school->hindrance($this->ground) === null));
    }

    /** @return array<string, Call> those asked for and, in space, every other that could be taken in this survey */
    private function all(): array
    {
        if (! $this->ground->isInSpace()) {
            return $this->asked;
        }

        return $this->asked + ($this->ground->hasWheels ? $this->known() : array_filter($this->known(), static fn(Call $call): bool => ! in_array($call->details->of->id ?? $call->id, self::WHEEL_CALLS, true)));
    }

    /** @return list<array{school: School, hindrance: Message|null, calls: list<Call>}> every school, usable or not */
    public function ways(): array
    {
        $all = [];
        foreach (Schools::all() as $school) {
            $hindrance = $school->hindrance($this->ground);
            $all[] = ['school' => $school, 'hindrance' => $hindrance, 'calls' => $hindrance === null ? $school->calls($this->ground) : []];
        }

        return $all;
    }

    /** What a call of any school should read with the target on its spot, mm or degrees. */
    public function nominally(Call $call): float
    {
        return $call->asRead(Equation::of($call->observation(null, $this->rise(null), Names::stand()), $this->whole()->nominal)->value);
    }

    /** Where every school's points are with the target on its spot. */
    public function wholeNominal(): Geometry
    {
        return $this->whole()->nominal;
    }

    /** @return array<string, Call> readings that could be taken beside those in use, in this survey's unknowns */
    public function considered(): array
    {
        $considered = $this->known();
        if (! $this->ground->hasWheels) {
            $considered = array_diff_key($considered, array_flip(self::WHEEL_CALLS));
        }

        return array_filter($considered, static fn(Call $call): bool => $call->isSurveyed() && ! $call->details->statesAccuracy);
    }

    /** @return array<string, Call> every reading of every school that can be used here */
    private function known(): array
    {
        if ($this->known === []) {
            foreach ($this->usable() as $school) {
                foreach ($school->calls($this->ground) as $call) {
                    $this->known[$call->id] ??= $call;
                }
            }
            foreach (Guards::calls($this->ground, $this->heightCall()) as $call) {
                $this->known[$call->id] ??= $call;
            }
            foreach ($this->ground->isInSpace() ? $this->known : [] as $call) {
                for ($time = 2; $time <= Times::MOST && ! $call->details->statesAccuracy; $time++) {
                    $this->known["$call->id-$time"] = Guards::again($call, $time);
                }
            }
        }

        return $this->known;
    }

    /** The ground with the wheels in it, for schools that are not in use. */
    private function whole(): Ground
    {
        return $this->whole ??= $this->ground->hasWheels
            ? $this->ground
            : $this->ground->with($this->ground->kit, true);
    }
}
