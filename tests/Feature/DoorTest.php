<?php

declare(strict_types=1);

namespace Tests\Feature;

/** The command line of the core tells of a record what the web application shows of it. */
final class DoorTest extends FeatureCase
{
    public function testTheCommandLineTellsWhatTheScreensShow(): void
    {
        $task = $this->task('2463');
        $record = $this->decoded((string) $this->actingAs($this->person())->get("/api/tasks/$task/record")->assertOk()->getContent());
        self::assertIsArray($record['record']);
        $told = $this->told(['basis' => $record['record']['basis'], 'journal' => $record['record']['journal'], 'parts' => ['order', 'task', 'survey', 'schools', 'stakeOut', 'seal']]);
        foreach (['task' => "/api/tasks/$task", 'survey' => "/api/tasks/$task/survey", 'schools' => "/api/tasks/$task/schools", 'stakeOut' => "/api/tasks/$task/stake-out"] as $part => $address) {
            $shown = $this->decoded((string) $this->getJson($address)->assertOk()->getContent());
            self::assertIsArray($told[$part]);
            self::assertNotSame([], $told[$part]);
            // What the application adds is about its own tables: ids, versions, who else works there.
            $common = array_intersect_key($shown, $told[$part]);
            self::assertSame(array_keys($told[$part]), array_values(array_intersect(array_keys($told[$part]), array_keys($common))), $part);
            self::assertEquals($told[$part], array_replace(array_flip(array_keys($told[$part])), $common), $part);
        }
        self::assertEquals($record['record']['facts'], $told['seal']);
        self::assertIsArray($told['order']);
        self::assertArrayHasKey('owed', $told['order']['sensors'][0] ?? []);
    }

    public function testAPartOfATaskNeedsItsSensor(): void
    {
        $record = $this->decoded((string) $this->actingAs($this->person())->get("/api/tasks/{$this->task('2463')}/record")->assertOk()->getContent());
        self::assertIsArray($record['record']);
        $basis = array_diff_key((array) $record['record']['basis'], ['sensor' => 0]);
        $refused = $this->told(['basis' => $basis, 'journal' => $record['record']['journal'], 'parts' => ['task']], 2);
        self::assertIsArray($refused['error']);
        self::assertSame('invalid-input', $refused['error']['code']);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<mixed>
     */
    private function told(array $document, int $exit = 0): array
    {
        $run = proc_open([PHP_BINARY, dirname(__DIR__, 2) . '/core/bin/lumbro-core', 'state'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($run);
        fwrite($pipes[0], (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        fclose($pipes[0]);
        $answer = (string) stream_get_contents($pipes[1]);
        self::assertSame($exit, proc_close($run), substr($answer, 0, 300));

        return $this->decoded($answer);
    }

    /** @return array<mixed> */
    private function decoded(string $json): array
    {
        $decoded = json_decode($json, true, 128, JSON_THROW_ON_ERROR);

        return is_array($decoded) ? $decoded : self::fail('No document came.');
    }
}
