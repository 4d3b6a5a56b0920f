import { useState } from 'react';

/** What is being filled in, kept over a reload until it is done with. */
export function useKept<Value extends object>(
  name: string,
  begin: () => Value,
): [Value, (value: Value) => void, () => void] {
  const key = `lumbro-kept-${name}`;
  const [value, setValue] = useState<Value>(() => {
    const kept = sessionStorage.getItem(key);
    return kept === null ? begin() : { ...begin(), ...(JSON.parse(kept) as Value) };
  });
  return [
    value,
    (next) => {
      sessionStorage.setItem(key, JSON.stringify(next));
      setValue(next);
    },
    () => {
      sessionStorage.removeItem(key);
      setValue(begin());
    },
  ];
}
