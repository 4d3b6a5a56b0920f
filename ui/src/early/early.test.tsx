import { render } from '@testing-library/react';
import { MemoryRouter, Link } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { begin, goOn, searchedBefore } from '../loading/before';
import { orderLine, taskSummary } from '../tests/fixtures';
import { OrderRow } from '../today/OrderRow';
import { plainReader } from '../words/reader';
import { takeColours } from './colours';
import { draw } from './draw';
import { toDom } from './toDom';

vi.mock('../loading/learned', () => ({ learned: Promise.resolve() }));

const SIGNED_IN = { shop: 'Copper Lane', reader: plainReader, pad: null, due: null };
const ORDERS = [
  orderLine({ id: 'o1', alarm: true, alarms: 3, promised: '2020-03-02T16:45' }),
  orderLine({ id: 'o2', tasks: [taskSummary({ task: 't2', verdict: 'out' })] }),
  orderLine({
    id: 'o3',
    closed: true,
    tasks: [taskSummary({ task: 't3', sealed: true, verdict: 'holds' })],
  }),
];

function answers(session: object | null, orders = ORDERS): void {
  window.askedEarly = new Map(
    Object.entries({
      '/api/session': session,
      '/api/repair-orders': { orders, count: orders.length, more: false, next: null },
    }).map(([address, body]) => [
      address,
      Promise.resolve(new Response(JSON.stringify(body), { status: body === null ? 401 : 200 })),
    ]),
  );
}

let root: HTMLElement;

beforeEach(() => {
  root = document.createElement('div');
  document.body.replaceChildren(root);
});

// What is left on the page or of the answers would be another test's.
afterEach(() => {
  delete window.askedEarly;
  document.body.replaceChildren();
  takeColours();
});

describe('what is drawn ahead of the application', () => {
  it.each(ORDERS)('is of each order what the application draws: $id', (order) => {
    const row = { order, begins: null, now: '2020-03-02T17:00' };
    const { container } = render(<OrderRow {...row} link={Link} />, { wrapper: MemoryRouter });
    toDom(<OrderRow {...row} link={({ to, ...rest }) => <a {...rest} href={to} />} />, root);
    const later = container.innerHTML.replaceAll(' data-discover="true"', '');
    const attributes = (html: string) =>
      [...html.matchAll(/ ([a-z-]+="[^"]*")/g)]
        .map(([, one]) => one)
        .toSorted((one = '', other = '') => one.localeCompare(other));
    expect(attributes(root.innerHTML)).toEqual(attributes(later));
    expect(root.textContent).toBe(container.textContent);
  });

  it('is nothing where nobody is signed in, or no order is open', async () => {
    answers(null);
    await draw(root);
    answers({ ...SIGNED_IN, pad: 't1' });
    await draw(root);
    answers(SIGNED_IN, []);
    await draw(root);
    expect(root).toBeEmptyDOMElement();
  });

  it('refuses what comes only later', () => {
    expect(() => toDom(Promise.resolve('late'), root)).toThrow(TypeError);
  });

  it('remembers what is typed and where the focus is, and opens what is pressed once the application is there', async () => {
    answers(SIGNED_IN);
    await draw(root);
    const field = root.querySelector('input');
    field?.focus();
    if (field) {
      field.value = '2468';
      field.dispatchEvent(new Event('input', { bubbles: true }));
    }
    const [first, second] = root.querySelectorAll<HTMLElement>('li a');
    first?.click();
    second?.click();
    expect(root.querySelectorAll('[aria-busy]')).toHaveLength(1);
    expect(second).toHaveAttribute('aria-busy', 'true');
    expect(window.location.pathname).toBe('/');

    root.dispatchEvent(new Event('pointerdown'));
    let isThere = false;
    const begun = begin().then(() => (isThere = true));
    await new Promise((done) => setTimeout(done, 50));
    expect(isThere, 'a finger is on the screen').toBe(false);
    window.dispatchEvent(new Event('pointerup'));
    await begun;
    expect(window.location.pathname).toBe(second?.getAttribute('href'));
    window.history.back();

    expect(searchedBefore()).toBe('2468');
    const search = document.createElement('input');
    search.id = 'search';
    document.body.replaceChildren(search);
    goOn();
    expect(search).toHaveFocus();
    expect(searchedBefore()).toBe('');
    // What is typed into the application is its own.
    const reading = document.createElement('input');
    root.append(reading);
    reading.value = '1849';
    reading.dispatchEvent(new Event('input', { bubbles: true }));
    expect(searchedBefore()).toBe('');
    // The application has the page now.
    answers(SIGNED_IN);
    await draw(root);
    expect(root.querySelectorAll('li')).toHaveLength(ORDERS.length);
  });
});
