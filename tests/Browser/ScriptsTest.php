<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\TestDatabase;

/** A script that somebody wrote into every text of the shop: it is shown as what was typed, on every screen. */
final class ScriptsTest extends BrowserCase
{
    private const EVIL = '<img src=x onerror=__ran=1>';

    public function testItIsShownAndNotRun(): void
    {
        $owner = TestDatabase::owner(self::$server->database);
        $evil = self::EVIL;
        $inside = "regexp_replace(document::text, '\"(name|title|source|question|why|note|words|text|reason)\": \"', '\"\\1\": \"$evil', 'g')::jsonb";
        $owner->exec("update shops set name = name || '$evil'");
        $owner->exec("update users set name = name || '$evil'");
        $owner->exec("update repair_orders set vehicle = vehicle || '$evil', plate = plate || '$evil', number = number || '$evil', search = search || ' evil', summary = regexp_replace(summary::text, '\"(words|name)\": \"', '\"\\1\": \"$evil', 'g')::jsonb");
        foreach (['procedure_cards', 'bays', 'shop_rules'] as $table) {
            $owner->exec("update $table set document = $inside");
        }
        $owner->exec("update kit_items set document = regexp_replace(document::text, '\"(name|note)\": \"', '\"\\1\": \"$evil', 'g')::jsonb");
        $owner->exec('alter table order_events disable trigger user; alter table readings disable trigger user; alter table record_events disable trigger user');
        $owner->exec("update order_events set person = person || '$evil', payload = regexp_replace(payload::text, '\"(value|word|origin|tool|text|driver|route|weather|reason)\": \"', '\"\\1\": \"$evil', 'g')::jsonb where kind in ('road', 'scan', 'capture')");
        $owner->exec("update readings set person = person || '$evil', typed = typed || '$evil'");
        $owner->exec("update record_events set person = person || '$evil'");
        $this->browser->visit('/');
        $this->browser->signIn('oda@copperlane.example', 'chalk-and-brass');
        $this->browser->find('#search');
        $ids = static fn(string $query): array => ($owner->query($query) ?: self::fail('No rows.'))->fetchAll(\PDO::FETCH_COLUMN);
        $paths = ['/', '/records?search=evil', '/cards', '/kit', '/bays', '/people', '/practice'];
        foreach ($ids('select id from repair_orders') as $order) {
            $paths[] = "/orders/$order";
        }
        foreach ($ids("select t.id from sensor_tasks t join repair_orders o on o.id = t.repair_order_id where t.procedure_card_id is not null and o.number similar to '(2463|2468|2470|2471)%'") as $task) {
            array_push($paths, "/tasks/$task", "/tasks/$task/record");
        }
        $paths[] = '/cards/' . $ids('select id from procedure_cards')[0];
        $shown = 0;
        foreach ($paths as $path) {
            $this->browser->visit($path);
            $this->browser->find('main');
            $this->until('document.querySelector("main").innerText.length > 20 && document.querySelector(".MuiSkeleton-root") === null');
            self::assertNull($this->browser->driver->executeScript('return window.__ran ?? null'), $path);
            self::assertSame(0, $this->browser->driver->executeScript('return document.querySelectorAll("body img[src=x], main script").length'), $path);
            $shown += str_contains($this->browser->text('body'), '<img src=x') ? 1 : 0;
        }
        self::assertGreaterThan(15, $shown, 'it is shown as what was typed');
    }
}
