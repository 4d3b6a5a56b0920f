<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\TestDatabase;

/** Ten thousand orders and a thousand cards: the lists hold what is in sight, go on to their ends and find at once. */
final class LongListsTest extends BrowserCase
{
    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        $owner = TestDatabase::owner(self::$server->database);
        $owner->exec(<<<'SQL'
            insert into repair_orders (shop_id, id, number, vehicle, plate, vehicle_sheet_id, bay_id, created_at, summary, search)
            select o.shop_id, gen_random_uuid(), (100000 + n)::text, 'Quillon Sable ' || n, 'ZZ ' || n, o.vehicle_sheet_id, o.bay_id, now() - n * interval '1 minute', o.summary,
                   lower((100000 + n) || ' quillon sable ' || n || ' zz ' || n)
            from repair_orders o cross join generate_series(1, 10000) n where o.number = '2471';
            insert into procedure_cards (shop_id, id, family, name, document, make, model, search, newest)
            select c.shop_id, i.id, i.id, 'Card ' || lpad(n::text, 4, '0'), jsonb_set(jsonb_set(c.document, '{id}', to_jsonb('card-' || n)), '{title}', to_jsonb('Card ' || lpad(n::text, 4, '0'))), 'x', 'x', 'card ' || n, true
            from procedure_cards c cross join generate_series(1, 1000) n cross join lateral (select gen_random_uuid() as id, n as m) i where c.document->>'id' = 'quillon-sable-front' and i.m = n;
            analyze repair_orders; analyze procedure_cards;
            SQL);
    }

    public function testTenThousandOrdersScrollAndAreFound(): void
    {
        $this->signIn();
        $this->browser->waitForText('main', 'more than 1,000 open');
        $this->scrollThrough('Repair orders', 400);
        $this->browser->type('#search', 'zz 9876');
        $this->until('document.querySelectorAll("main li").length === 1');
        self::assertStringContainsString('Quillon Sable 9876', $this->browser->text('main li'));
    }

    public function testAThousandCardsScrollAndAreFound(): void
    {
        $this->signIn();
        $this->browser->visit('/cards');
        $this->browser->waitForText('main', '1,007 cards');
        $this->scrollThrough('Procedure cards', 1007);
        $this->browser->type('#search', 'card 777');
        $this->until('document.querySelectorAll("main li").length === 1');
        self::assertStringContainsString('Card 0777', $this->browser->text('main li'));
    }

    public function testTheListAndItsSearchGoByAnIndex(): void
    {
        $owner = TestDatabase::owner(self::$server->database);
        $plan = static fn(string $sql): string => implode("\n", array_column(($owner->query("explain $sql") ?: [])->fetchAll(\PDO::FETCH_NUM), 0));
        $shop = (string) ($owner->query('select id from shops') ?: throw new \RuntimeException('No shop.'))->fetchColumn();
        self::assertStringContainsString('repair_orders_listed', $plan("select id from repair_orders where shop_id = '$shop' and closed = false order by closed, alarm desc, created_at desc, id desc limit 61"));
        self::assertStringContainsString('repair_orders_by_words', $plan("select id from (select id, closed, alarm, created_at from repair_orders where shop_id = '$shop' and words @@ '''zz'' & ''9876'':*'::tsquery offset 0) m order by closed, alarm desc, created_at desc, id desc limit 61"));
    }

    /** Scrolls until so many rows have come, with only those in sight in the page. */
    private function scrollThrough(string $list, int $rows): void
    {
        $this->browser->find("[aria-label='$list'] li");
        $found = $this->browser->driver->executeAsyncScript(<<<'JS'
            const [label, wanted, done] = arguments;
            const frame = document.querySelector(`[aria-label="${label}"]`);
            const most = { rows: 0, last: 0 };
            const gaps = [];
            let before = performance.now();
            const step = () => {
                const now = performance.now();
                gaps.push(now - before);
                before = now;
                const shown = [...frame.querySelectorAll('li')];
                most.rows = Math.max(most.rows, shown.length);
                most.last = Math.max(most.last, ...shown.map((li) => Number(li.getAttribute('aria-posinset'))));
                if (most.last >= wanted || gaps.length > 3000) {
                    gaps.sort((a, b) => a - b);
                    done({ ...most, median: gaps[Math.floor(gaps.length / 2)] });
                    return;
                }
                frame.scrollTop += 240;
                requestAnimationFrame(step);
            };
            requestAnimationFrame(step);
            JS, [$list, $rows]);
        self::assertIsArray($found);
        self::assertGreaterThanOrEqual($rows, $found['last']);
        self::assertLessThan(40, $found['rows']);
    }
}
