<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\GiveLink;
use App\Day\CalendarFeed;
use App\Day\CalendarReader;
use App\Day\CalendarTaken;
use App\Day\DayRegister;
use App\Day\DayRulesPage;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\User;
use App\People\ShopLog;
use App\Records\Moment;
use App\Records\ShopClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Shop\DayRules;
use Lumbro\Core\Day\CalendarEntry;
use Lumbro\Core\Day\Matched;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Message\Message;

/** What days are planned by: the shop's hours and people, who is away, calendars that come in and go out. */
final class DayRulesController
{
    /** Bytes of a calendar file. */
    private const FILE = 2_000_000;

    /** Days for which a calendar may be followed. */
    private const LONGEST = 366;

    public function show(Request $request): JsonResponse
    {
        return Answer::json(DayRulesPage::of(Answer::user($request)));
    }

    public function save(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['document']);
        $rules = Document::read(DayRules::class, $body->node('document'));
        $this->known($user, $rules);
        DB::transaction(static function () use ($user, $body, $rules): void {
            DB::table('shops')->where('id', $user->shop_id)->lockForUpdate()->first();
            if (DayRegister::of($user->shop_id)->version !== $body->version) {
                throw Refusal::conflict('day-rules-moved-on', Message::of('day.rules-moved-on'));
            }
            DayRegister::keep($user->shop_id, $rules, $body->version + 1);
        });

        return Answer::json(DayRulesPage::of($user));
    }

    /** Notes when somebody is away. */
    public function away(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['person', 'from', 'to'], ['why']);
        $from = ShopClock::checked($body->text('from', 16), '/from');
        $to = ShopClock::checked($body->text('to', 16), '/to');
        if ($to <= $from) {
            throw InvalidInput::because('/to', 'day.ends-first', ['from' => strtr($from, 'T', ' ')]);
        }
        CalendarTaken::absence($user, $body->id, $body->uuid('person'), '/person', new CalendarEntry('', $from, $to, null, $body->optionalText('why', 200) ?? ''));

        return Answer::json(DayRulesPage::of($user));
    }

    /** Takes an absence back. */
    public function back(Request $request, string $absence): JsonResponse
    {
        $user = Answer::user($request);
        Body::of($request, []);
        if (DB::table('absences')->where('shop_id', $user->shop_id)->where('id', $absence)->delete() === 0) {
            throw Refusal::notFound('absence');
        }

        return Answer::json(DayRulesPage::of($user));
    }

    /** What a calendar file says, to be looked at before it is taken. */
    public function look(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $text = $request->getContent();
        if (strlen($text) > self::FILE) {
            throw InvalidInput::because('', 'file.too-large', ['most' => intdiv(self::FILE, 1_000_000)]);
        }
        $people = DB::table('users')->where('shop_id', $user->shop_id)->where('active', true)->pluck('name', 'id')->all();
        $orders = DB::table('repair_orders')->where('shop_id', $user->shop_id)->where('closed', false)->where('practice', false)->pluck('number', 'id')->all();

        return Answer::json([
            'entries' => array_map(static function (CalendarEntry $entry) use ($people, $orders): array {
                $matched = Matched::of($entry, $people, $orders);

                return ['title' => $entry->title, 'from' => $entry->from, 'to' => $entry->to, 'why' => $entry->why, 'source' => $entry->source, 'kind' => $matched->kind, 'subject' => $matched->subject];
            }, (new CalendarReader(ShopClock::of($user->shop_id)))->entries($text)),
            'people' => array_map(static fn(string $id, string $name): array => ['id' => $id, 'name' => $name], array_keys($people), $people),
            'orders' => array_map(static fn(string $id, string $number): array => ['id' => $id, 'name' => $number], array_keys($orders), $orders),
        ]);
    }

    /** Takes what was looked at. */
    public function take(Request $request, CalendarTaken $take): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['entries']);
        $taken = $take($user, $body->node('entries')->fewItems(500));

        return Answer::json([...DayRulesPage::of($user), 'taken' => $taken]);
    }

    /** Gives somebody outside the plan of a bay, a person or a car as a calendar. */
    public function feed(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['kind', 'subject', 'reader', 'days']);
        $kind = $body->node('kind')->oneOf(CalendarFeed::KINDS);
        $days = (int) $body->node('days')->between(1, self::LONGEST);
        [$table, $column] = ['bay' => ['bays', 'name'], 'person' => ['users', 'name'], 'car' => ['repair_orders', 'number']][$kind];
        $name = DB::table($table)->where('shop_id', $user->shop_id)->where('id', $body->uuid('subject'))->value($column);
        if (! is_string($name)) {
            throw Refusal::field('/subject', Message::of("feed.no-$kind"));
        }
        $secret = GiveLink::secret();
        $made = DB::table('feed_links')->insertOrIgnore([
            'shop_id' => $user->shop_id, 'id' => $body->id, 'kind' => $kind, 'subject' => $body->uuid('subject'), 'name' => $name,
            'reader' => $body->text('reader', 120, 2), 'token_hash' => GiveLink::hash($secret), 'user_id' => $user->id, 'person' => $user->name,
            'made_at' => Moment::now(), 'expires_at' => (new \DateTimeImmutable("+$days days"))->format('c'),
        ]);
        if ($made !== 1) {
            throw Refusal::conflict('link-made', Message::of('link.made'));
        }

        ShopLog::note(ShopLog::LINK, $user, $body->text('reader', 120, 2));

        return Answer::json([...DayRulesPage::of($user), 'address' => "/read/$secret/day.ics"]);
    }

    public function revoke(Request $request, string $feed): JsonResponse
    {
        $user = Answer::user($request);
        Body::of($request, []);
        $query = DB::table('feed_links')->where('shop_id', $user->shop_id)->where('id', $feed);
        if (! (clone $query)->exists()) {
            throw Refusal::notFound('link');
        }
        if ($query->whereNull('revoked_at')->update(['revoked_at' => Moment::now(), 'revoked_by' => $user->name]) === 1) {
            ShopLog::note(ShopLog::LINK_ENDED, $user, (string) DB::table('feed_links')->where('shop_id', $user->shop_id)->where('id', $feed)->value('reader'));
        }

        return Answer::json(DayRulesPage::of($user));
    }

    /** Whom and what the rules name must be the shop's own. */
    private function known(User $user, DayRules $rules): void
    {
        $people = DB::table('users')->where('shop_id', $user->shop_id)->pluck('id')->all();
        foreach ($rules->people as $i => $person) {
            if (! in_array($person->person, $people, true)) {
                throw Refusal::field("/document/people/$i/person", Message::of('people.none'));
            }
        }
        $bays = DB::table('bays')->where('shop_id', $user->shop_id)->pluck('id')->all();
        foreach ($rules->walls as $i => $wall) {
            foreach ($wall->bays as $j => $bay) {
                if (! in_array($bay, $bays, true)) {
                    throw Refusal::field("/document/walls/$i/bays/$j", Message::of('bay.none'));
                }
            }
        }
    }
}
