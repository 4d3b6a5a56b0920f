import { useState } from 'react';

/** A text being typed, kept over a reload until it is recorded. */
export function useDraft(key: string): [string, (text: string) => void] {
  const storage = `lumbro-draft-${key}`;
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
