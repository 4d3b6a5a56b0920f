<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Str;

/** Brings a simulated car in and sets its target up through the web API, as far as the first step of the run. */
final class Placing
{
    private const LONGEST = 160;

    public function __construct(private readonly ApiClient $api) {}

    /** A practice car with its target in place. */
    public function car(string $scenario): string
    {
        [$status, $opened] = $this->api->post('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => $scenario]);
        if ($status !== 200 || ! is_string($opened['task'])) {
            throw new \RuntimeException("The practice car was answered with $status.");
        }
        $this->place($opened['task']);

        return $opened['task'];
    }

    /** Answers, reads and moves whatever is asked, until the run's turn has come. */
    public function place(string $task): void
    {
        for ($i = 0; $i < self::LONGEST; $i++) {
            [, $state] = $this->api->get("/api/tasks/$task");
            $present = $state['present'];
            match ($present['kind']) {
                'prepare', 'line' => $this->answer($task, $state),
                'survey-floor' => $this->survey($task, $state, $present['call']),
                'read', 'check', 'decide', 'remeasure', 'guard' => $this->read($task, $state, (string) $present['call']),
                'move' => $this->write($task, $state, 'move', ['kinds' => array_column($state['moves'], 'kind')]),
                default => $i = self::LONGEST,
            };
        }
    }

    /** @param array<string, mixed> $state */
    private function answer(string $task, array $state): void
    {
        if ($state['present']['kind'] === 'line' && $state['method']['reference']['from'] === 'nobody') {
            $state = $this->write($task, $state, 'reference', ['reference' => 'body-axis', 'reason' => 'The maker measures from the body.']);
        }
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $question) {
            if ($question['answer'] === null) {
                $state = $this->write($task, $state, 'answer', Answers::to($question['id']));
            }
        }
    }

    /** @param array<string, mixed> $state */
    private function read(string $task, array $state, string $call): void
    {
        [, $meter] = $this->api->get("/api/tasks/$task/meter/$call");
        $this->write($task, $state, 'reading', ['call' => $call, 'typed' => $meter['typed'], ...(str_starts_with($call, 'height') ? ['datum' => 'centre'] : [])]);
    }

    /** @param array<string, mixed> $state */
    private function survey(string $task, array $state, ?string $place): void
    {
        foreach ($place === null ? array_column($state['floor']['places'], 'id') : [$place] as $one) {
            [, $meter] = $this->api->get("/api/tasks/$task/meter/floor-$one");
            $state = $this->write($task, $state, 'floor', ['place' => $one, 'typed' => $meter['typed']]);
        }
    }

    /**
     * @param array<string, mixed> $state
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    private function write(string $task, array $state, string $what, array $body): array
    {
        [$status, $next] = $this->api->write($task, $what, $state['version'], $body);
        if ($status !== 200) {
            throw new \RuntimeException("$what was answered with $status: " . json_encode($next));
        }

        return $next;
    }
}
