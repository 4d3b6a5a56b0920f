<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Lumbro\Words\Reader;
use Lumbro\Words\Words;

/** A shop that reads inches, a comma and its own clock gets its reports so, but for what was typed or stands in a source. */
final class ReaderUnitsTest extends FeatureCase
{
    public function testAnInchShopsReportsSayNoMillimetres(): void
    {
        $this->actingAs($this->person());
        DB::table('shops')->update(['unit' => 'in', 'zone' => 'America/Chicago', 'paper' => 'Letter']);
        foreach (['customer', 'insurer', 'shop'] as $kind) {
            foreach (['2463', '2470', '2468'] as $number) {
                $report = (string) $this->get("/api/repair-orders/{$this->order($number)}/report/$kind")->assertOk()->getContent();
                self::assertStringContainsString('size: Letter', $report);
                self::assertMatchesRegularExpression('/\\d (CST|CDT)/', $report);
                self::assertStringNotContainsString(' UTC', $report);
                // What was typed, an instrument's name and a tool's own words stay as they were.
                $text = (string) preg_replace(['/Inclinometer, 60 mm base/', '/<style>.*?<\\/style>/s', '/<table class="readings">.*?<\\/table>/s', '/<td class="typed[^"]*">[^<]*<\\/td>/', '/“[^”]*”/u'], ' ', $report);
                self::assertDoesNotMatchRegularExpression('/\\d\\s*mm\\b/', strip_tags($text), "$number $kind");
            }
        }
    }

    public function testAMillimetreShopsReportsSayNoInches(): void
    {
        $this->actingAs($this->person());
        foreach (['customer', 'insurer', 'shop'] as $kind) {
            $report = (string) $this->get("/api/repair-orders/{$this->order('2463')}/report/$kind")->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression('/\\d in\\b(?! \\d| 100| a)/', strip_tags((string) preg_replace('/<style>.*?<\\/style>/s', '', $report)), $kind);
        }
    }

    public function testNoAnswerCarriesALengthInWords(): void
    {
        // Whoever reads inches is told every length of an answer in inches: none of them is written out by the server.
        $inches = new Words(new Reader('en', 'in'));
        $this->actingAs($this->person());
        foreach (['2471', '2470', '2468', '2466', '2463'] as $number) {
            $answer = json_decode((string) $this->getJson("/api/tasks/{$this->task($number)}")->assertOk()->getContent(), true);
            self::assertIsArray($answer);
            // What a source or a person wrote is quoted as it stands.
            unset($answer['card'], $answer['owed'], $answer['preparation'], $answer['ledger']);
            // An instrument is called what the shop calls it.
            $answer['calls'] = array_map(static fn(array $call): array => array_diff_key($call, ['choices' => true]), $answer['calls']);
            foreach (['steps', 'statements'] as $source) {
                unset($answer['run'][$source]);
            }
            $said = [];
            $worded = $inches->worded($answer);
            array_walk_recursive($worded, static function (mixed $one, int|string $key) use (&$said): void {
                if (is_string($one) && $key !== 'typed') {
                    $said[] = $one;
                }
            });
            self::assertNotSame([], $said);
            foreach ($said as $one) {
                self::assertDoesNotMatchRegularExpression('/\\d\\s*mm\\b/', str_replace('Inclinometer, 60 mm base', '', $one), $number);
            }
        }
    }
}
