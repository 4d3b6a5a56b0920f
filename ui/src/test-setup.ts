import '@testing-library/jest-dom/vitest';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { openDB } from 'idb';
import { afterEach } from 'vitest';
import english from '../../words/en.json';
import { waitingLines } from './device/outbox';
import { learn } from './words/words';

learn('en', english);

afterEach(async () => {
  cleanup();
  // The outbox makes its own store; only then can it be emptied.
  await waitingLines('', '');
  const database = await openDB('lumbro-outbox');
  await database.clear('lines');
  await database.clear('records');
  database.close();
});

// A busy machine draws late; what is waited for still has to come.
configure({ asyncUtilTimeout: 8_000 });

// jsdom matches every rule of the page each time an element's style is asked for, which a name, a role and a keystroke
// all do. What a test looks for is hidden by an attribute or inline, never by a rule.
window.getComputedStyle = (element: Element) => (element as HTMLElement).style;

// jsdom has a window 1024 wide and knows no media: a trolley's screen is wider.
window.matchMedia = (media: string) =>
  ({
    media,
    matches: Number(/min-width:\s*(\d+)px/.exec(media)?.[1] ?? Infinity) <= 1280,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }) as unknown as MediaQueryList;
