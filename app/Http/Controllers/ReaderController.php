<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\GiveLink;
use App\Day\CalendarFeed;
use App\Day\DayPlans;
use App\Failure\Refusal;
use App\Models\Shop;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Reports\OrderReport;
use App\Reports\ReportFile;
use App\Reports\ReportKind;
use App\Reports\ReportResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Str;
use Lumbro\Words\Words;

/** What somebody with a link sees: one report of one order, to read and to print. Each visit is kept. */
final readonly class ReaderController
{
    /** Visits by one link within a minute. Guesses are not counted: none of them fits, and a shop's network is one address to many. */
    private const VISITS = 40;

    public function __construct(private OrderReport $report, private ReportFile $files) {}

    public function page(Request $request, string $secret): Response
    {
        [$link, $file] = $this->open($request, $secret, 'page') ?? [null, null];

        return $link === null || $file === null ? self::gone() : ReportResponse::html($this->report->html($file, ReportKind::from($link->kind), Moment::now()));
    }

    public function pdf(Request $request, string $secret): Response
    {
        [$link, $file] = $this->open($request, $secret, 'PDF') ?? [null, null];
        if ($link === null || $file === null) {
            return self::gone();
        }
        $kind = ReportKind::from($link->kind);

        return ReportResponse::pdf($this->files->of($file, $kind), OrderReport::name($file, $kind, 'pdf'));
    }

    /** The plan of a bay, a person or a car, for a calendar that asks again and again. */
    public function feed(Request $request, string $secret): Response
    {
        $link = DB::table('feed_links')->where('token_hash', GiveLink::hash($secret))->first();
        $giver = $link === null ? null : self::giver($link);
        if ($link === null || $giver === null || $link->revoked_at !== null || Moment::read($link->expires_at) <= Moment::now()) {
            return self::gone();
        }
        self::count($link->id);
        DB::table('feed_links')->where('shop_id', $link->shop_id)->where('id', $link->id)->update(['read_at' => Moment::now(), 'reads' => (int) $link->reads + 1]);
        $now = DayPlans::current($giver);
        $words = new Words(Shop::query()->findOrFail($link->shop_id)->reader());

        return new Response(CalendarFeed::of($now->book, $now->plan, $link->kind, $link->subject, $link->name, $words), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, no-store',
        ]);
    }

    /** Bounds the visits by one link. */
    private static function count(string $link): void
    {
        $key = "reader|$link";
        if (RateLimiter::tooManyAttempts($key, self::VISITS)) {
            throw Refusal::tooMany(RateLimiter::availableIn($key));
        }
        RateLimiter::hit($key);
    }

    /** Who gave a link, and while they may sign in: it opens no more than that person could. */
    private static function giver(\stdClass $link): ?User
    {
        return User::query()->where('shop_id', $link->shop_id)->where('id', $link->user_id)->where('active', true)->first();
    }

    /** @return array{\stdClass, OrderFile}|null null where the link does not work: unknown, over, or taken back */
    private function open(Request $request, string $secret, string $what): ?array
    {
        $link = DB::table('reader_links')->where('token_hash', GiveLink::hash($secret))->first();
        $giver = $link === null ? null : self::giver($link);
        if ($link === null || $giver === null || $link->revoked_at !== null || Moment::read($link->expires_at) <= Moment::now()) {
            return null;
        }
        self::count($link->id);
        DB::table('reader_visits')->insert([
            'shop_id' => $link->shop_id, 'id' => (string) Str::uuid7(), 'reader_link_id' => $link->id, 'at' => Moment::now(), 'address' => (string) $request->ip(), 'what' => $what,
        ]);

        return [$link, OrderFile::open($giver, $link->repair_order_id)];
    }

    private static function gone(): Response
    {
        $answer = ReportResponse::html(View::make('report.gone')->render());
        $answer->setStatusCode(404);

        return $answer;
    }
}
