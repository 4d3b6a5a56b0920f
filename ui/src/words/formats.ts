/*
 * To make one of the browser's formats costs as much as a hundred answers of it, and toLocaleString makes one each time.
 */

/** What is made once for each key. */
function once<Key, Made>(make: (key: Key) => Made): (key: Key) => Made {
  const made = new Map<Key, Made>();
  return (key) => {
    const known = made.get(key);
    if (known !== undefined) {
      return known;
    }
    const fresh = make(key);
    made.set(key, fresh);
    return fresh;
  };
}

/** By how many decimals it shows: numbers with thousands grouped by a comma. */
export const numberFormat = once(
  (digits: number) =>
    new Intl.NumberFormat('en-US', {
      minimumFractionDigits: digits,
      maximumFractionDigits: digits,
    }),
);

/** By zone, null for this device's own: days and hours as a language writes them. */
export function dateFormat(
  language: string,
  options: Intl.DateTimeFormatOptions,
): (zone: string | null) => Intl.DateTimeFormat {
  return once(
    (zone) => new Intl.DateTimeFormat(language, { ...options, timeZone: zone ?? undefined }),
  );
}
