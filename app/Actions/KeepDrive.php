<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\Recorder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Codec\TrackFile;
use Lumbro\Core\Drive\Drive;
use Lumbro\Core\Drive\TrackPoint;
use Lumbro\Core\Journal\DriveTaken;
use Lumbro\Core\Message\Message;

/** A drive's track is kept as its file was, and noted at the order with who drove. */
final readonly class KeepDrive
{
    /** A longer track is none of a drive, bytes. */
    private const MOST = 40_000_000;

    /**
     * @param string $id      of the line, made by the client
     * @param int    $version of the order's record that was seen
     *
     * @throws Refusal where it is too large, or nobody is said to have driven
     */
    public function __invoke(User $user, string $order, string $id, int $version, string $driver, string $name, string $track): OrderFile
    {
        if (strlen($track) > self::MOST) {
            throw Refusal::field('', Message::of('file.too-large', ['most' => intdiv(self::MOST, 1_000_000)]));
        }
        if (mb_strlen(trim($driver)) < 2) {
            throw Refusal::field('/driver', Message::of('drive.who'));
        }
        $points = TrackFile::read($track)['points'];

        return DB::transaction(static function () use ($user, $order, $id, $version, $driver, $name, $track, $points): OrderFile {
            $file = OrderFile::open($user, $order, true);
            if ($file->has($id)) {
                return $file;
            }
            $kept = (string) Str::uuid7();
            DB::table('tracks')->insert(['shop_id' => $user->shop_id, 'id' => $kept, 'repair_order_id' => $file->row->id, 'user_id' => $user->id, 'kept_at' => Moment::now(), 'track' => $track]);
            Recorder::order($user, $file, new DriveTaken($id, $user->name, Moment::now(), $kept, trim($driver), mb_substr($name, 0, 120), self::enough($file, $points)), $version, false);

            return $file;
        });
    }

    /**
     * @param list<TrackPoint> $points
     *
     * @return list<string> sensors whose card's need the drive met
     */
    private static function enough(OrderFile $file, array $points): array
    {
        $enough = [];
        foreach ($file->state()->concerned() as $sensor) {
            $rule = ($file->journal->context->cards[$sensor->id] ?? null)?->drive;
            if ($rule !== null && Drive::along($points, $rule)->isEnough) {
                $enough[] = $sensor->id;
            }
        }

        return $enough;
    }
}
