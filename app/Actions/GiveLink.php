<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Input\Body;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Reports\ReportKind;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/** An outside reader is given a link to one report of one order, for some days. Only the secret's hash is kept. */
final readonly class GiveLink
{
    public const FIELDS = [['kind', 'reader', 'days'], []];

    private const LONGEST = 366;

    /** @return string the link's secret, told this once */
    public function __invoke(User $user, string $order, Body $body): string
    {
        $kind = $body->node('kind')->oneOf(array_column(ReportKind::cases(), 'value'));
        $reader = $body->text('reader', 120, 2);
        $days = (int) $body->node('days')->between(1, self::LONGEST);
        $file = OrderFile::open($user, $order);
        $secret = self::secret();
        $made = DB::table('reader_links')->insertOrIgnore([
            'shop_id' => $user->shop_id,
            'id' => $body->id,
            'repair_order_id' => $file->row->id,
            'kind' => $kind,
            'reader' => $reader,
            'token_hash' => self::hash($secret),
            'user_id' => $user->id,
            'person' => $user->name,
            'made_at' => Moment::now(),
            'expires_at' => (new \DateTimeImmutable("+$days days"))->format('c'),
        ]);

        return $made === 1 ? $secret : throw Refusal::conflict('link-made', Message::of('link.made'));
    }

    /** What is kept of a link's secret. */
    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** A new secret, as a link's address carries it. */
    public static function secret(): string
    {
        return rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
    }
}
