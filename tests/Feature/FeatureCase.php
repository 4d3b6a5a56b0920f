<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Records\TaskFile;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\TestDatabase;

/** Requests through the whole application, on real PostgreSQL, as the application's own role. */
abstract class FeatureCase extends TestCase
{
    protected const DATABASE = 'lumbro_test';

    private static bool $ready = false;

    public function createApplication(): Application
    {
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->useStoragePath(getenv('LUMBRO_SCRATCH') . '/storage');
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        $app->make('config')->set('lumbro.photos', getenv('LUMBRO_SCRATCH') . '/photos');
        if (! self::$ready) {
            TestDatabase::create(self::DATABASE, $app);
            self::$ready = true;
        }

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::assertSame(self::DATABASE, DB::connection()->getDatabaseName());
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
        return $this->actingAs($this->person($person))->postJson("/api/tasks/{$this->task($number)}/$what", [
            'id' => (string) Str::uuid7(),
            'version' => $this->file($number)->version,
            ...$body,
        ]);
    }

    /** Answers every question of the preparation and the line with yes. */
    protected function prepare(string $number = '2471'): void
    {
        $file = $this->file($number);
        foreach ([...$file->context->preparation, ...$file->plan()->lineSteps()] as $item) {
            $this->write('answers', ['item' => $item->id, 'answer' => 'yes'], $number)->assertOk();
        }
    }

    /** Takes a reading from the simulated meter. */
    protected function meter(string $call, string $number = '2471'): string
    {
        $typed = $this->actingAs($this->person())->getJson("/api/tasks/{$this->task($number)}/meter/$call")->assertOk()->json('typed');

        return is_string($typed) ? $typed : self::fail('The meter read nothing.');
    }

    /** Follows the screen's advice until it says what is wanted. */
    protected function workUntil(string $wanted, string $number = '2471'): void
    {
        $this->prepare($number);
        for ($step = 0; $step < 40; $step++) {
            $state = $this->file($number)->state();
            $present = $state->present();
            if ($present->kind === $wanted) {
                return;
            }
            if ($present->kind === 'move') {
                $this->write('moves', ['kinds' => array_column($state->moves, 'value')], $number)->assertOk();
            } else {
                $call = (string) $present->call;
                $this->write('readings', ['call' => $call, 'typed' => $this->meter($call, $number), ...($call === 'height' ? ['datum' => 'centre'] : [])], $number)->assertOk();
            }
        }
        self::fail("It never came to {$wanted}.");
    }
}
