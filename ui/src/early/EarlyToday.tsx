import type { ReactNode } from 'react';
import type { OrderList, Person } from '../api/types';
import { StripPlace } from '../day/StripPlace';
import { ways } from '../shell/ways';
import { OrderRow } from '../today/OrderRow';
import { say } from '../words/say';
import css from './EarlyToday.module.css';

/** No window shows more of them. */
const IN_SIGHT = 16;

/** The orders as Today shows them, with what can be done to them at once: to read, to search, to open. */
export function EarlyToday({ person, list }: { person: Person; list: OrderList }) {
  return (
    <div className={css.page} data-early="">
      <header className={css.bar}>
        <a className={css.name} href="/" aria-label={say('screen.top-bar.lumbro-today')}>
          {say('screen.lumbro')}
        </a>
        <nav className={css.ways} aria-label={say('screen.top-bar.screens')}>
          {ways().map(([to, words]) => (
            <a
              key={to}
              className={to === '/' ? `${css.way} ${css.here}` : css.way}
              href={to}
              aria-current={to === '/' ? 'page' : undefined}
            >
              {words}
            </a>
          ))}
        </nav>
      </header>
      <main className={css.main}>
        <h1 className={css.title}>{say('screen.today')}</h1>
        <div className={css.tools}>
          <input
            className={css.search}
            type="search"
            aria-label={say('screen.today.find-order-number-plate')}
            placeholder={say('screen.today.find-order-number-plate')}
          />
          <a className={css.new} href="/orders/new">
            {say('screen.new-repair-order')}
          </a>
          <span className={css.later} aria-hidden="true">
            {say('screen.take-in-estimates')}
          </span>
        </div>
        {/* How many there are is a plural, which takes a slow tablet a tenth of a second to put in words. */}
        <p className={css.shop}>{person.shop}</p>
        <StripPlace />
        <ul className={css.list} aria-label={say('screen.today.repair-orders')}>
          {list.orders.slice(0, IN_SIGHT).map((order) => (
            <li key={order.id} className={css.item}>
              <OrderRow order={order} begins={null} now={list.now} link={PlainLink} />
            </li>
          ))}
        </ul>
      </main>
    </div>
  );
}

function PlainLink({
  to,
  className,
  children,
}: {
  to: string;
  className?: string | undefined;
  children: ReactNode;
}) {
  return (
    <a className={className} href={to}>
      {children}
    </a>
  );
}
