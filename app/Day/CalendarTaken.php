<?php

declare(strict_types=1);

namespace App\Day;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\Recorder;
use App\Records\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Day\CalendarEntry;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Entries of a calendar become absences of people, and promised hours of orders. The same file taken twice changes nothing. */
final class CalendarTaken
{
    /**
     * @param list<Node> $entries
     *
     * @return int of them, that were taken
     *
     * @throws Refusal naming the entry
     */
    public function __invoke(User $user, array $entries): int
    {
        return DB::transaction(static function () use ($user, $entries): int {
            foreach ($entries as $i => $entry) {
                $f = $entry->fields(['kind', 'subject', 'from', 'to'], ['why', 'source']);
                $kind = $f['kind']->oneOf(['absence', 'promise']);
                $read = new CalendarEntry('', self::hour($f['from']), self::hour($f['to']), isset($f['source']) ? $f['source']->text() : null, isset($f['why']) ? $f['why']->text() : '');
                $subject = Str::isUuid($f['subject']->text()) ? $f['subject']->text() : throw InvalidInput::because("/entries/$i/subject", 'request.shop-id');
                $kind === 'absence'
                    ? self::absence($user, (string) Str::uuid7(), $subject, "/entries/$i/subject", $read)
                    : self::promise($user, $subject, $read->from);
            }

            return count($entries);
        });
    }

    /** Somebody is away. An entry that is known again takes the place of what it said before. */
    public static function absence(User $user, string $id, string $person, string $path, CalendarEntry $entry): void
    {
        if (! DB::table('users')->where('shop_id', $user->shop_id)->where('id', $person)->exists()) {
            throw Refusal::field($path, Message::of('people.none'));
        }
        DB::table('absences')->upsert([[
            'shop_id' => $user->shop_id, 'id' => $id, 'user_id' => $person, 'from_hour' => $entry->from, 'to_hour' => $entry->to, 'why' => $entry->why,
            'source' => $entry->source ?? "$entry->from $entry->to", 'person' => $user->name, 'made_at' => Moment::now(),
        ]], ['shop_id', 'user_id', 'source'], ['from_hour', 'to_hour', 'why']);
    }

    private static function promise(User $user, string $order, string $hour): void
    {
        $file = OrderFile::open($user, $order, true);
        if ($file->state()->record->hour('promised') !== $hour) {
            Recorder::order($user, $file, new DetailNoted((string) Str::uuid7(), $user->name, Moment::now(), 'promised', $hour), $file->version, true);
        }
    }

    private static function hour(Node $node): string
    {
        return ShopClock::checked($node->text(), $node->path());
    }
}
