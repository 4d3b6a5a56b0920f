<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Records\TaskFile;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\LoggedExceptionCollection;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\SetUp\SiteFloor;
use Lumbro\Core\Work\Present;
use Tests\Support\Answers;
use Tests\Support\Lines;
use Tests\Support\TestDatabase;
use Tests\Support\WorkDone;

/** Requests through the whole application, on real PostgreSQL, as the application's own role. */
abstract class FeatureCase extends TestCase
{
    /** Made anew by each process: what runs beside others has one of its own. */
    protected const DATABASE = 'lumbro_test';

    /** @var array<string, true> databases that were made */
    private static array $ready = [];

    private static ?\Throwable $unready = null;

    public function createApplication(): Application
    {
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->useStoragePath(getenv('LUMBRO_SCRATCH') . '/storage');
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        $app->make('config')->set(['database.connections.app.database' => static::DATABASE, 'database.connections.owner.database' => static::DATABASE]);
        $app->make('config')->set('lumbro.photos', getenv('LUMBRO_SCRATCH') . '/photos');
        if (! isset(self::$ready[static::DATABASE])) {
            try {
                // What could not be made once is not tried for every test.
                if (self::$unready !== null) {
                    throw self::$unready;
                }
                TestDatabase::create(static::DATABASE, $app);
            } catch (\Throwable $failure) {
                throw self::$unready = $failure;
            }
            self::$ready[static::DATABASE] = true;
        }

        return $app;
    }

    /**
     * Answers in words, as somebody reads them.
     *
     * @param \Illuminate\Http\Response     $response
     * @param \Illuminate\Http\Request|null $request
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function createTestResponse($response, $request): TestResponse
    {
        $worded = WordedResponse::fromBaseResponse($response, $request);

        return $worded->withExceptions($this->app->bound(LoggedExceptionCollection::class) === true ? $this->app->make(LoggedExceptionCollection::class) : new LoggedExceptionCollection());
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::assertSame(static::DATABASE, DB::connection()->getDatabaseName());
        DB::beginTransaction();
    }

    protected function tearDown(): void
    {
        while (DB::transactionLevel() > 0) {
            DB::rollBack();
        }
        DB::disconnect();
        parent::tearDown();
    }

    protected function person(string $name = 'Ilse Corrant'): User
    {
        return User::query()->where('name', $name)->firstOrFail();
    }

    /** The task of a demo repair order. */
    protected function task(string $number = '2471', string $sensor = 'front'): string
    {
        $task = DB::table('sensor_tasks as t')->join('repair_orders as o', 'o.id', 't.repair_order_id')->where('o.number', $number)->where('t.sensor', $sensor)->value('t.id');

        return is_string($task) ? $task : self::fail("There is no order {$number}.");
    }

    protected function order(string $number): string
    {
        $order = DB::table('repair_orders')->where('number', $number)->value('id');

        return is_string($order) ? $order : self::fail("There is no order {$number}.");
    }

    protected function file(string $number = '2471'): TaskFile
    {
        return TaskFile::open($this->person(), $this->task($number));
    }

    /**
     * Writes a line to a demo order's record as somebody who has just looked at it.
     *
     * @param array<string, mixed> $body
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function write(string $what, array $body, string $number = '2471', string $person = 'Ilse Corrant'): TestResponse
    {
        return $this->actingAs($this->person($person))->postJson(...Lines::request($this->task($number), $what, $this->file($number)->version, $body));
    }

    /** @return array<string, mixed> the workspace of a task */
    protected function state(string $task): array
    {
        $state = $this->actingAs($this->person())->getJson("/api/tasks/$task")->assertOk()->json();

        return is_array($state) ? $state : self::fail('No state came.');
    }

    /**
     * Writes a line to a task's record as somebody who has just looked at it.
     *
     * @param array<string, mixed> $body
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function sendTo(string $task, string $what, array $body): TestResponse
    {
        return $this->actingAs($this->person())->postJson(...Lines::request($task, $what, TaskFile::open($this->person(), $task)->version, $body));
    }

    /** Answers every question of the preparation and the line with yes. */
    protected function prepare(string $number = '2471'): void
    {
        $file = $this->file($number);
        foreach ([...$file->context()->preparation, ...$file->plan()->lineSteps()] as $item) {
            $this->write('answer', Answers::to($item->id), $number)->assertOk();
        }
    }

    /** Takes a reading from the simulated meter. */
    protected function meter(string $call, string $number = '2471'): string
    {
        $typed = $this->actingAs($this->person())->getJson("/api/tasks/{$this->task($number)}/meter/$call")->assertOk()->json('typed');

        return is_string($typed) ? $typed : self::fail('The meter read nothing.');
    }

    /** Follows the screen's advice until it says what is wanted; "run" is the first step of the routine. */
    protected function workUntil(string $wanted, string $number = '2471'): void
    {
        $this->actingAs($this->person());
        WorkDone::once("$number $wanted", $this->order($number), fn() => $this->worked($wanted, $number));
    }

    private function worked(string $wanted, string $number): void
    {
        $this->prepare($number);
        for ($step = 0; $step < 120; $step++) {
            $state = $this->file($number)->state();
            $present = $state->present();
            if ($present->kind === $wanted || ($wanted === 'run' && $present->kind === 'step')) {
                return;
            }
            if ($present->kind === 'move') {
                $this->write('move', ['kinds' => array_column($state->moves, 'value')], $number)->assertOk();
            } elseif ($present->kind === 'step') {
                $this->step($number);
            } elseif ($present->kind === 'repeat') {
                $this->write('asked', ['command' => 'read'], $number)->assertOk();
            } else {
                $this->measure($present, $number);
            }
        }
        self::fail("It never came to {$wanted}.");
    }

    /** Reads what is asked for, off the floor or with the meter. */
    protected function measure(Present $asked, string $number): void
    {
        if ($asked->kind === 'survey-floor') {
            foreach ($asked->call === null ? SiteFloor::places($this->file($number)->context()) : [$asked->call] as $place) {
                $this->write('floor', ['place' => $place, 'typed' => $this->meter("floor-$place", $number)], $number)->assertOk();
            }

            return;
        }
        $call = (string) $asked->call;
        $this->write('reading', ['call' => $call, 'typed' => $this->meter($call, $number), ...(str_starts_with($call, 'height') ? ['datum' => 'centre'] : [])], $number)->assertOk();
    }

    /** Does the step of the card that is due.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function step(string $number = '2471'): TestResponse
    {
        $step = $this->file($number)->state()->run->routine->next() ?? self::fail('No step is due.');

        return ($step->does === null
            ? $this->write('step', ['step' => $step->id, 'confirmed' => true], $number)
            : $this->write('asked', ['command' => $step->does], $number))->assertOk();
    }

    /** Goes through the card's steps to the first reading of the axis. */
    protected function readAxis(string $number = '2471'): void
    {
        for ($i = 0; $i < 12 && $this->file($number)->state()->run->routine->next() !== null; $i++) {
            $this->step($number);
        }
    }
}
