<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\Simulated\SimulatedDistanceMeter;
use App\Models\User;
use App\Records\TaskFile;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\SimulatedTool;
use Lumbro\Core\Practice\World;

/** A car that truly stands in a served shop's bay, which only a test knows: what a tape and a tool show at it. */
final class HiddenCar
{
    private Application $app;

    /** @param array<string, mixed> $truth a scenario (core/schemas/scenario.json), beside what is usual here */
    public function __construct(string $database, private readonly string $email, private readonly array $truth)
    {
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(Kernel::class)->bootstrap();
        $app->make('config')->set('database.connections.app.database', $database);
        $app->make('db')->purge('app');
        restore_error_handler();
        restore_exception_handler();
        $this->app = $app;
    }

    /** What a person reads there, as they would type it. */
    public function tape(string $task, string $call): string
    {
        return (new SimulatedDistanceMeter($this->world($task)[0]))->read($call);
    }

    /** @return array{float, float} what the tool shows of the axis, degrees: azimuth and elevation */
    public function axis(string $task): array
    {
        [$world, $file] = $this->world($task);
        $reply = (new SimulatedTool($world, $file->journal->entries()))->reply(new ToolAsked('', '', '', ToolCommand::Read));

        return [$reply->azimuth ?? throw new \LogicException($reply->message), $reply->elevation ?? 0.0];
    }

    /** @return array{World, TaskFile} */
    private function world(string $task): array
    {
        $this->app->make('db')->purge('app');
        $file = TaskFile::open(User::query()->where('email', $this->email)->firstOrFail(), $task);
        $scenario = Document::read(Scenario::class, Node::parse((string) json_encode($this->truth)));

        return [new World($file->context(), $scenario, $file->journal->entries()), $file];
    }
}
