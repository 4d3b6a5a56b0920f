import { screen } from '@testing-library/react';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import english from '../../../words/en.json';
import { learn } from '../words/words';
import { FakeServer, openAt } from './app';
import { orderLine, run, taskSummary, workspace } from './fixtures';
import { capture, condition, order, sensor } from './orderFixture';
import { axis, cause, finding, runState, step } from './runFixture';

// Another language, in which every message is its English between brackets: what stands outside them was written into a component.
beforeAll(() =>
  learn(
    'en',
    Object.fromEntries(Object.entries(english).map(([code, pattern]) => [code, `⟦${pattern}⟧`])),
  ),
);
afterAll(() => learn('en', english));

/** Units, keys of the keyboard and our own name are the same in every language. */
const SAME = /^(mm|in|dB|km|kmh|min|UTC|Lumbro|Enter|Escape|[A-Z])$/;

let server: FakeServer;
let served: string;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
  served = 'Ilse Corrant Copper Lane Body Works';
});

afterEach(() => localStorage.clear());

function serve(request: string, body: unknown): void {
  served += JSON.stringify(body);
  server.on(request, { body });
}

/** All that the page says to eye and ear, without what stands in brackets and what came from the server. */
function written(): string[] {
  const texts: string[] = [];
  const walk = document.createTreeWalker(
    document.body,
    NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT,
  );
  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
    if (node instanceof Element) {
      for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
        texts.push(node.getAttribute(name) ?? '');
      }
    } else if (!node.parentElement?.closest('style, script')) {
      texts.push(node.textContent ?? '');
    }
  }
  return texts.flatMap((text) => {
    let left = text;
    for (let before = ''; before !== left;) {
      before = left;
      left = left.replace(/⟦[^⟦⟧]*⟧/g, ' ');
    }
    return (left.match(/[A-Za-z]{2,}/g) ?? []).filter(
      (word) => !SAME.test(word) && !served.includes(word),
    );
  });
}

describe('no screen holds words of its own', () => {
  it('today', async () => {
    serve('GET /api/repair-orders', {
      orders: [
        orderLine({
          alarm: true,
          alarms: 3,
          tasks: [taskSummary({ present: 'prove', verdict: 'out' })],
        }),
      ],
      more: null,
    });
    openAt('/');
    await screen.findByText(orderLine().number);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('⟦Today⟧');
    expect(written()).toEqual([]);
  });

  it.each([
    'work',
    'owed',
    'capture',
    'scan',
    'conditions',
    'kit',
    'car',
    'photos',
    'sensors',
    'road',
    'close',
  ])('an order: %s', async (part) => {
    serve('GET /api/intake', { number: '2475', operations: [], sheets: [], bays: [] });
    serve(
      'GET /api/repair-orders/o1',
      order({ captures: [capture()], conditions: [condition()], sensors: [sensor()] }),
    );
    openAt(`/orders/o1/${part}`);
    await screen.findByTestId('waits');
    expect(written()).toEqual([]);
  });

  it.each(['intake', 'prepare', 'floor', 'line', 'place', 'run', 'prove', 'close'])(
    'a sensor: %s',
    async (stage) => {
      const state = workspace({
        runs: [run()],
        run: runState({
          steps: [step('routine', { text: 'Start the routine', does: 'start', state: 'now' })],
          finding: finding({ azimuth: axis(), elevation: axis() }),
          causes: [cause('clutter')],
        }),
      });
      serve(`GET /api/tasks/${state.task}`, state);
      openAt(`/tasks/${state.task}/${stage}`);
      await screen.findByTestId('floor-plan');
      expect(written()).toEqual([]);
    },
  );
});
