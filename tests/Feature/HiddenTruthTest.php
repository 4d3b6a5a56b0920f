<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** Nothing of a simulated car's truth leaves the server before a reading shows it. */
final class HiddenTruthTest extends FeatureCase
{
    /** Answers that hold nothing of a car, or take seconds to make of what is looked at here. */
    private const LEFT_OUT = ['api/csrf', 'api/ping', 'api/repair-orders/{order}/report/{kind}.pdf', 'api/sample-drive', 'api/day', 'api/day/outside/{order}', 'api/installation'];

    /** Where a car's own state is told: looked at for one fault after another. */
    private const OWN = ['api/tasks/{task}', 'api/tasks/{task}/look/{cause}', 'api/tasks/{task}/meter/{call}', 'api/repair-orders/{order}'];

    /** @return iterable<string, array<string, mixed>> what is hidden until the run → how the truth is changed */
    private static function untilTheRun(): iterable
    {
        yield 'a bracket that gives way' => ['screws' => ['gains' => [0.2, 0.25], 'bent' => true], 'fault' => 'bracket'];
        yield 'a sensor that looks aside' => ['mount' => ['azimuth' => -2.4, 'elevation' => 1.7]];
        yield 'screws with play' => ['screws' => ['backlash' => 0.3]];
        yield 'a second echo' => ['clutter' => ['level' => -6, 'bearing' => 4]];
        yield 'the wrong target' => ['otherTarget' => -9];
        yield 'thick paint' => ['coverLoss' => 4, 'fault' => 'cover'];
        yield 'a weak echo' => ['echoLevel' => 12];
        yield 'a weak supply' => ['voltage' => 11.2];
        yield 'an open door' => ['door' => true];
        yield 'a code the routine waits for' => ['code' => 'C2A52'];
        yield 'a stored zero' => ['zero' => ['azimuth' => 0.9, 'elevation' => -0.4]];
        yield 'a tool that loses an answer' => ['tool' => ['lost' => ['read' => [1]]]];
        yield 'its own name' => ['name' => 'A bracket that gives way'];
    }

    /** @return iterable<string, array<string, mixed>> what is hidden until something is measured */
    private static function untilAReading(): iterable
    {
        yield from self::untilTheRun();
        yield 'marks that sit aside' => ['shifts' => ['frontMark' => [3.0, 9.0], 'rearMark' => [-2.0, -7.0], 'sensor' => [4.0, 6.0]]];
        yield 'hubs that sit aside' => ['shifts' => ['FL' => [4.0, -6.0], 'FR' => [-5.0, 3.0]]];
        yield 'a stand far off' => ['stand' => ['along' => 90, 'across' => -70, 'turn' => 4.0]];
        yield 'a floor that falls' => ['floorBelow' => 25];
        yield 'heights that are others' => ['targetHeight' => 690, 'sensorHeight' => 540];
        yield 'unsteady hands' => ['hands' => ['mm' => 3.0, 'degrees' => 0.2]];
    }

    public function testTwoCarsThatDifferOnlyInWhatNothingShowsAnswerAlike(): void
    {
        $this->alike(self::untilAReading(), false);
    }

    public function testMeasuringTheSetUpShowsNothingOfTheSensor(): void
    {
        $this->workUntil('run');
        $this->alike(self::untilTheRun(), true);
    }

    public function testTheComparisonWouldSeeADifference(): void
    {
        $before = $this->answers(true);
        $this->change(['shifts' => ['frontMark' => [30.0, 90.0], 'sensor' => [0.0, 0.0]]]);
        self::assertNotSame($before, $this->answers(true), 'The meter reads another car.');
        $before = $this->answers(false);
        $this->write('answer', ['item' => 'tyres', 'answer' => 'on-word', 'word' => 'Wen Harrow'])->assertOk();
        self::assertNotSame($before, $this->answers(false), 'A line of the record is seen.');
    }

    /**
     * All of it at once at every address, then one after the other where a car's own state is told.
     *
     * @param iterable<string, array<string, mixed>> $changes
     */
    private function alike(iterable $changes, bool $meter): void
    {
        $changes = iterator_to_array($changes);
        $truth = DB::table('sensor_tasks')->where('id', $this->task())->value('scenario');
        $all = $this->answers($meter);
        self::assertGreaterThan(20, count($all));
        $own = array_intersect_key($all, $this->answers($meter, self::OWN));
        self::assertGreaterThan(3, count($own));
        $this->change(array_merge(...array_values($changes)));
        $this->same($all, $this->answers($meter), 'all of it');
        foreach ($changes as $what => $change) {
            DB::table('sensor_tasks')->where('id', $this->task())->update(['scenario' => $truth]);
            $this->change($change);
            $this->same($own, $this->answers($meter, self::OWN), $what);
        }
    }

    /**
     * @param array<string, string> $before
     * @param array<string, string> $after
     */
    private function same(array $before, array $after, string $what): void
    {
        foreach ($before as $address => $answer) {
            self::assertSame($answer, $after[$address] ?? null, "$what: $address");
        }
    }

    /** @param array<string, mixed> $change */
    private function change(array $change): void
    {
        $task = $this->task();
        $truth = json_decode((string) DB::table('sensor_tasks')->where('id', $task)->value('scenario'), true, 16, JSON_THROW_ON_ERROR);
        $changed = json_encode([...$truth, ...$change], JSON_THROW_ON_ERROR);
        self::assertNotSame(json_encode($truth), $changed);
        DB::table('sensor_tasks')->where('id', $task)->update(['scenario' => $changed]);
    }

    /**
     * @param list<string>|null $only addresses; null for all
     *
     * @return array<string, string> address → all that it answers, but for the moment it was asked in
     */
    private function answers(bool $meter, ?array $only = null): array
    {
        // In one session, as in a browser: each of its own would be among what is answered.
        $session = str_repeat('a', 40);
        DB::table('sessions')->updateOrInsert(['id' => $session], ['payload' => base64_encode(serialize([])), 'last_activity' => time()]);
        $this->withCredentials()->withCookie('lumbro_session', $session)->actingAs($this->person('Oda Merrin'));
        $answers = [];
        foreach (Route::getRoutes()->getRoutes() as $address) {
            if (! in_array('GET', $address->methods(), true) || ! str_starts_with($address->uri(), 'api/') || in_array($address->uri(), self::LEFT_OUT, true) || (! $meter && str_contains($address->uri(), 'meter')) || ! in_array($address->uri(), $only ?? [$address->uri()], true)) {
                continue;
            }
            foreach ($this->filled($address) as $path) {
                $content = (string) $this->getJson("/$path")->getContent();
                $answers[$path] = (string) preg_replace(['/\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?(\.\d+)?Z?/', '/\d\d:\d\d UTC/'], '', $content);
            }
        }

        return $answers;
    }

    /** @return list<string> the addresses about this car; none where a part of it is about something else */
    private function filled(Address $address): array
    {
        $known = ['{order}' => [$this->order('2471')], '{task}' => [$this->task()], '{kind}' => ['shop', 'insurer'], '{call}' => ['split'], '{cause}' => ['bracket', 'cover'], '{sensor}' => ['front']];
        $paths = [$address->uri()];
        foreach ($known as $part => $values) {
            $paths = array_merge(...array_map(static fn(string $path): array => str_contains($path, $part) ? array_map(static fn(string $value): string => str_replace($part, $value, $path), $values) : [$path], $paths));
        }

        return array_values(array_filter($paths, static fn(string $path): bool => ! str_contains($path, '{')));
    }
}
