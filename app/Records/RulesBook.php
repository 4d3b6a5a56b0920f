<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** The shop's rules with their history: every version is kept, with who made it and why. */
final class RulesBook
{
    private const HISTORY = 40;

    /** Rows that say whose rule they are. */
    private const SOURCED = ['conditions', 'owed'];

    /** The tables that Lumbro ships. */
    public static function defaults(): \stdClass
    {
        $read = json_decode((string) file_get_contents(base_path('core/defaults/shop-rules.json')), false, 32, JSON_THROW_ON_ERROR);
        assert($read instanceof \stdClass);

        return $read;
    }

    /** @return array{version: int, document: \stdClass} */
    public static function now(string $shop, bool $forWriting = false): array
    {
        $row = DB::table('shop_rules')->where('shop_id', $shop)->when($forWriting, static fn($query) => $query->lockForUpdate())->first() ?? throw Refusal::notFound('table');
        $document = json_decode((string) $row->document, false, 32, JSON_THROW_ON_ERROR);
        assert($document instanceof \stdClass);

        return ['version' => (int) $row->version, 'document' => $document];
    }

    /** @return list<array<string, mixed>> the latest first */
    public static function history(string $shop): array
    {
        $rows = DB::table('shop_rule_versions')->where('shop_id', $shop)->orderByDesc('version')->limit(self::HISTORY + 1)->get();
        $lines = [];
        foreach ($rows->slice(0, self::HISTORY)->values() as $i => $row) {
            $before = $rows->get($i + 1);
            $lines[] = [
                'version' => (int) $row->version, 'person' => $row->person, 'at' => Moment::read($row->made_at), 'reason' => $row->reason,
                'parts' => $before === null ? [] : self::parts(Stored::decoded($before->document), Stored::decoded($row->document)),
            ];
        }

        return $lines;
    }

    /**
     * Another version, once it is read as a whole. A rule that is not the one it was, and still names the source of that, names its person.
     *
     * @throws Refusal where somebody else was faster
     */
    public static function save(User $user, int $version, \stdClass $document, string $reason): void
    {
        DB::transaction(static function () use ($user, $version, $document, $reason): void {
            $now = self::now($user->shop_id, true);
            if ($now['version'] !== $version) {
                throw Refusal::conflict('rules-moved-on', Message::of('moved-on.rules'));
            }
            self::resource($user, $now['document'], $document);
            $written = json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            Document::read(ShopRules::class, Node::parse($written));
            // What the shop began with belongs to the history too.
            DB::table('shop_rule_versions')->insertOrIgnore(['shop_id' => $user->shop_id, 'version' => $version, 'person' => '', 'made_at' => Moment::now(), 'reason' => '', 'document' => json_encode($now['document'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
            DB::table('shop_rules')->where('shop_id', $user->shop_id)->update(['document' => $written, 'version' => $version + 1]);
            DB::table('shop_rule_versions')->insert(['shop_id' => $user->shop_id, 'version' => $version + 1, 'person' => $user->name, 'made_at' => Moment::now(), 'reason' => $reason, 'document' => $written]);
        });
    }

    /** The document of an earlier version. */
    public static function version(string $shop, int $version): \stdClass
    {
        $document = DB::table('shop_rule_versions')->where('shop_id', $shop)->where('version', $version)->value('document') ?? throw Refusal::notFound('table');
        $read = Stored::decoded(is_string($document) ? $document : '');
        assert($read instanceof \stdClass);

        return $read;
    }

    private static function resource(User $user, \stdClass $before, \stdClass $after): void
    {
        foreach (self::SOURCED as $part) {
            $known = array_map(json_encode(...), [...self::list($before, $part), ...self::list(self::defaults(), $part)]);
            $sources = array_column([...self::list($before, $part), ...self::list(self::defaults(), $part)], 'source');
            foreach (self::list($after, $part) as $rule) {
                if ($rule instanceof \stdClass && ! in_array(json_encode($rule), $known, true) && in_array($rule->source ?? '', [...$sources, ''], true)) {
                    $rule->source = mb_substr("$user->name, " . Moment::today(), 0, 120);
                }
            }
        }
    }

    /** @return list<mixed> */
    private static function list(\stdClass $document, string $part): array
    {
        $list = $document->{$part} ?? [];

        return is_array($list) ? array_values($list) : [];
    }

    /** @return list<string> parts of the rules in which two versions differ */
    private static function parts(mixed $before, mixed $after): array
    {
        [$before, $after] = [(array) $before, (array) $after];

        return array_values(array_filter(array_keys($before + $after), static fn(string $part): bool => json_encode($before[$part] ?? null) !== json_encode($after[$part] ?? null)));
    }
}
