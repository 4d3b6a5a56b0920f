<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\Bay;
use App\Models\KitItem as KitRow;
use App\Models\Shop;
use App\Models\User;
use App\People\Passwords;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Bay\PlainBay;
use Lumbro\Core\Catalogue\Kit\KitItem;
use Lumbro\Core\Catalogue\Shop\ShopSettings;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Role;

/** A shop begins: what it is called, its first lead, one bay, the kit it says it has, and Lumbro's own tables until it has others. */
final class OpenShop
{
    /** What is told of a shop, here and on the command line. */
    public const FIELDS = ['shop', 'lead', 'bay', 'kit'];

    /** As many items as the checklist can give. */
    private const MOST = 60;

    /**
     * @param array<array-key, Node> $fields FIELDS
     *
     * @return array{User, string|null} its lead, and the password that was made up where none was given
     *
     * @throws InvalidInput|Refusal naming the field
     */
    public function __invoke(array $fields): array
    {
        $settings = Document::read(ShopSettings::class, $fields['shop']);
        if (! is_file(base_path("words/$settings->language.json"))) {
            throw Refusal::field('/shop/language', Message::of('shop.language', ['language' => $settings->language]));
        }
        $lead = $fields['lead']->fields(['name', 'email'], ['password']);
        $email = mb_strtolower(trim($lead['email']->text()));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            throw Refusal::field('/lead/email', Message::of('people.no-email', ['email' => $email]));
        }
        $name = trim($lead['name']->line(80));
        $made = isset($lead['password']) ? null : Passwords::madeUp();
        $password = $made ?? Passwords::checked($lead['password'], [$name, $email, $settings->name]);
        $bay = Document::read(PlainBay::class, $fields['bay'])->bay();
        $kit = self::kit($fields['kit']);

        return DB::transaction(static function () use ($settings, $name, $email, $password, $made, $bay, $kit): array {
            if (User::query()->where('email', $email)->exists()) {
                throw Refusal::field('/lead/email', Message::of('people.email-used'));
            }
            $shop = Shop::query()->create([
                'name' => $settings->name, 'zone' => $settings->zone, 'language' => $settings->language,
                'unit' => $settings->unit, 'decimal_mark' => $settings->decimal, 'paper' => $settings->paper,
            ]);
            $user = User::query()->create(['shop_id' => $shop->id, 'name' => $name, 'email' => $email, 'role' => Role::Lead->value, 'password' => $password]);
            Bay::query()->create(['shop_id' => $shop->id, 'name' => $bay->name, 'document' => json_encode(Document::write($bay), JSON_THROW_ON_ERROR)]);
            foreach ($kit as $item) {
                KitRow::query()->create(['shop_id' => $shop->id, 'item' => $item->id, 'sort' => $item->sort, 'document' => json_encode($item, JSON_THROW_ON_ERROR)]);
            }
            DB::table('shop_rules')->insert(['shop_id' => $shop->id, 'document' => self::file('shop-rules.json')]);

            return [$user, $made];
        });
    }

    /** @return list<array<string, mixed>> what a shop may have, with the accuracy that is usual */
    public static function checklist(): array
    {
        return array_map(static fn(Node $usual): array => [
            'id' => self::of($usual)->id,
            'name' => self::of($usual)->name,
            'sort' => self::of($usual)->sort,
            'kind' => self::of($usual)->kind ?? null,
            'accuracy' => self::of($usual)->accuracy ?? null,
            'asks' => self::asks($usual),
        ], self::usual());
    }

    /**
     * @return list<\stdClass> documents of the kit register
     *
     * @throws InvalidInput naming the field
     */
    private static function kit(Node $node): array
    {
        $known = [];
        foreach (self::usual() as $usual) {
            $known[self::of($usual)->id] = $usual;
        }
        $items = [];
        foreach ($node->fewItems(self::MOST) as $i => $choice) {
            $told = $choice->fields(['item'], ['accuracy', 'figures']);
            $id = $told['item']->oneOf(array_keys($known));
            if (isset($items[$id])) {
                throw InvalidInput::because("/kit/$i/item", 'kit.id-used', ['id' => $id]);
            }
            $item = self::of($known[$id]);
            if (isset($told['accuracy'])) {
                $item->accuracy = $told['accuracy']->positive();
            }
            $asks = self::asks($known[$id]);
            $figures = isset($told['figures']) ? $told['figures']->fields($asks) : [];
            foreach ($asks as $pointer) {
                $figure = ($figures[$pointer] ?? throw InvalidInput::missing("/kit/$i", 'figures'))->between(-5_000, 5_000);
                $at = $item;
                $path = explode('/', substr($pointer, 1));
                foreach (array_slice($path, 0, -1) as $part) {
                    $at = $at->{$part};
                }
                $at->{$path[count($path) - 1]} = $figure;
            }
            KitItem::read(Node::decoded($item));
            $items[$id] = $item;
        }

        return array_values($items);
    }

    /** @return list<Node> */
    private static function usual(): array
    {
        return Node::parse(self::file('kit.json'))->items();
    }

    private static function of(Node $usual): \stdClass
    {
        $item = $usual->member('item')?->raw();

        return $item instanceof \stdClass ? clone $item : throw new \LogicException('An item of the checklist is an object.');
    }

    /** @return list<string> */
    private static function asks(Node $usual): array
    {
        return array_map(static fn(Node $pointer): string => $pointer->text(), $usual->member('asks')?->items() ?? []);
    }

    private static function file(string $name): string
    {
        return (string) file_get_contents(base_path("core/defaults/$name"));
    }
}
