import '@testing-library/jest-dom/vitest';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { openDB } from 'idb';
import { afterEach } from 'vitest';

afterEach(async () => {
  cleanup();
  const database = await openDB('lumbro-outbox');
  if (database.objectStoreNames.contains('lines')) {
    await database.clear('lines');
  }
  database.close();
});

// A busy machine draws late; what is waited for still has to come.
configure({ asyncUtilTimeout: 8_000 });
