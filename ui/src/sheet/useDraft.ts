import { useState } from 'react';

const storageOf = (key: string) => `lumbro-draft-${key}`;

/** Whether somebody has begun to type it. */
export function hasDraft(key: string): boolean {
  return sessionStorage.getItem(storageOf(key)) !== null;
}

/** A text being typed, kept over a reload until it is recorded. */
export function useDraft(key: string): [string, (text: string) => void] {
  const storage = storageOf(key);
  const [drafts, setDrafts] = useState<Record<string, string>>({});
  const set = (text: string) => {
    if (text === '') {
      sessionStorage.removeItem(storage);
    } else {
      sessionStorage.setItem(storage, text);
    }
    setDrafts((known) => ({ ...known, [storage]: text }));
  };
  return [drafts[storage] ?? sessionStorage.getItem(storage) ?? '', set];
}
