<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Day\CalendarTaken;
use App\Day\DayBook;
use App\Day\DayRegister;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\Recorder;
use App\Records\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Shop\DayRules;
use Lumbro\Core\Catalogue\Shop\Opening;
use Lumbro\Core\Catalogue\Shop\OutsideShop;
use Lumbro\Core\Catalogue\Shop\PersonDay;
use Lumbro\Core\Catalogue\Shop\SharedWall;
use Lumbro\Core\Day\CalendarEntry;
use Lumbro\Core\Day\Durations;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Journal\DetailNoted;

/** The demo shop's day: a working morning, with promises, somebody away, and what stages took until now. All of it invented. */
final readonly class DemoDay
{
    /** @param array<string, User> $people by e-mail */
    public function __construct(private string $shop, private array $people) {}

    public function run(): void
    {
        $told = json_decode((string) file_get_contents(__DIR__ . '/../demo/day.json'), true, 16, JSON_THROW_ON_ERROR);
        $date = $this->workday();
        ShopClock::set($this->shop, "{$date}T{$told['clock']}");
        DayRegister::keep($this->shop, $this->rules($told['rules']), 1);
        foreach ($told['away'] as $away) {
            $person = $this->people[$away['person']];
            CalendarTaken::absence($this->people['oda@copperlane.example'], (string) Str::uuid7(), $person->id, '', new CalendarEntry('', "{$date}T{$away['from']}", "{$date}T{$away['to']}", null, $away['why']));
        }
        foreach ($told['orders'] as $number => $hours) {
            $this->promise((string) $number, $date, $hours);
        }
        $this->times();
        // Where the cars fit takes seconds to find: the demo's day opens at once.
        for ($i = 0; $i < 20 && (new DayBook($this->people['oda@copperlane.example'], null))->unsearched > 0; $i++);
    }

    /** Today, or the next day on which the shop works from Monday to Friday. */
    private function workday(): string
    {
        $day = new \DateTimeImmutable('today');
        while ((int) $day->format('N') > 5) {
            $day = $day->modify('+1 day');
        }

        return $day->format('Y-m-d');
    }

    /** @param array<string, mixed> $told */
    private function rules(array $told): DayRules
    {
        $bays = DB::table('bays')->where('shop_id', $this->shop)->pluck('id', 'name')->all();
        $people = [];
        foreach ($told['people'] as $email => $own) {
            $people[] = new PersonDay($this->people[$email]->id, works: $own['works'] ?? true, drives: $own['drives'] ?? true);
        }
        $walls = [];
        foreach ($told['walls'] as $name => $shared) {
            $walls[] = new SharedWall($name, array_map(static fn(string $bay): string => (string) $bays[$bay], $shared));
        }

        return new DayRules([...DayRules::usual()->opening, new Opening(6, ...$told['saturday'])], $people, $walls, $told['warmUp'], $told['latitude'], $told['east'], new OutsideShop(...$told['outside']));
    }

    /** @param array<string, string> $hours */
    private function promise(string $number, string $date, array $hours): void
    {
        $user = $this->people['fenna@copperlane.example'];
        $order = DB::table('repair_orders')->where('shop_id', $this->shop)->where('number', $number)->value('id');
        $file = OrderFile::open($user, is_string($order) ? $order : '');
        foreach (array_intersect_key($hours, ['promised' => 1, 'ready' => 1]) as $field => $hour) {
            Recorder::order($user, $file, new DetailNoted((string) Str::uuid7(), $user->name, Moment::now(), $field, "{$date}T$hour"), $file->version, true);
        }
    }

    /** The demo's lines are written within moments: what their stages took is invented here, over the days before. */
    private function times(): void
    {
        $now = ShopClock::of($this->shop)->now;
        $tasks = DB::table('stage_times')->where('shop_id', $this->shop)->orderBy('sensor_task_id')->get()->groupBy('sensor_task_id');
        foreach ($tasks->values() as $i => $rows) {
            $isOpen = $rows->contains(static fn(\stdClass $row): bool => $row->ended_at === null);
            // What is not over was left this morning; the rest lies on days before.
            $at = $isOpen ? $now->modify('-50 minutes') : $now->modify('-' . (1 + $i) . ' days');
            foreach ($rows->sortByDesc(static fn(\stdClass $row): int => (int) array_search($row->stage, SensorWork::STAGES, true)) as $row) {
                $usual = Durations::USUAL[$row->stage];
                $minutes = round($usual * (0.8 + (crc32("$row->stage $i") % 60) / 100), 1);
                $began = $at->modify('-' . (int) round($minutes * 60) . ' seconds');
                DB::table('stage_times')->where('shop_id', $this->shop)->where('sensor_task_id', $row->sensor_task_id)->where('stage', $row->stage)->update([
                    'minutes' => $minutes, 'told' => $usual, 'began_at' => Moment::iso($began), 'last_at' => Moment::iso($at), 'ended_at' => $row->ended_at === null ? null : Moment::iso($at),
                ]);
                $at = $began->modify('-3 minutes');
            }
        }
    }
}
