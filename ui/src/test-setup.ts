import '@testing-library/jest-dom/vitest';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { openDB } from 'idb';
import { afterEach } from 'vitest';
import { waitingLines } from './journal/outbox';

afterEach(async () => {
  cleanup();
  // The outbox makes its own store; only then can it be emptied.
  await waitingLines('', '');
  const database = await openDB('lumbro-outbox');
  await database.clear('lines');
  database.close();
});

// A busy machine draws late; what is waited for still has to come.
configure({ asyncUtilTimeout: 8_000 });

// jsdom matches every rule of the page each time an element's style is asked for, which a name, a role and a keystroke
// all do. What a test looks for is hidden by an attribute or inline, never by a rule.
window.getComputedStyle = (element: Element) => (element as HTMLElement).style;
