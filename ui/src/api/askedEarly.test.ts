import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { askedEarly } from './askedEarly';

const SESSION = 'http://127.0.0.1/api/session';
const ORDERS = 'http://127.0.0.1/api/repair-orders';

beforeEach(() => {
  // Just opened, however long the tests have run.
  vi.spyOn(performance, 'now').mockReturnValue(400);
  window.askedEarly = new Map([
    ['/api/session', Promise.resolve(new Response('who'))],
    ['/api/repair-orders', Promise.resolve(new Response('orders'))],
  ]);
});

afterEach(() => {
  vi.restoreAllMocks();
  delete window.askedEarly;
});

test('an answer asked for early is given once, and to its own question alone', async () => {
  expect(askedEarly(new Request(`${ORDERS}?search=24`))).toBeUndefined();
  expect(await (await askedEarly(new Request(SESSION)))?.text()).toBe('who');
  expect(askedEarly(new Request(SESSION))).toBeUndefined();
  expect(await (await askedEarly(new Request(ORDERS)))?.text()).toBe('orders');
});

test('after anything was written nothing asked for before it counts: somebody may have come in', () => {
  expect(askedEarly(new Request(SESSION, { method: 'POST', body: '{}' }))).toBeUndefined();
  expect(askedEarly(new Request(ORDERS))).toBeUndefined();
});

test('an answer that nobody took up in time is asked for again', () => {
  vi.spyOn(performance, 'now').mockReturnValue(10_001);
  expect(askedEarly(new Request(ORDERS))).toBeUndefined();
});
