/** A card's document as it is edited: plain JSON, with what was typed where a number is expected. */
export type Json = string | number | boolean | null | Json[] | { [key: string]: Json };
export type Doc = { [key: string]: Json };

/** A value as text, a list with commas; nothing of an object. */
export function textOf(value: Json | undefined): string {
  if (Array.isArray(value)) {
    return value.map(textOf).join(', ');
  }
  return typeof value === 'object' || value === undefined ? '' : String(value);
}

function steps(pointer: string): string[] {
  return pointer
    .split('/')
    .slice(1)
    .map((step) => step.replaceAll('~1', '/').replaceAll('~0', '~'));
}

export function at(doc: Json | undefined, pointer: string): Json | undefined {
  let here = doc;
  for (const step of steps(pointer)) {
    if (typeof here !== 'object' || here === null || Array.isArray(here)) {
      return undefined;
    }
    here = here[step];
  }
  return here;
}

/** The document with another value at a pointer; an undefined one takes the field away. */
export function withValue(doc: Doc, pointer: string, value: Json | undefined): Doc {
  const [first, ...rest] = steps(pointer);
  if (first === undefined) {
    return doc;
  }
  const next = { ...doc };
  if (rest.length === 0) {
    if (value === undefined) {
      delete next[first];
    } else {
      next[first] = value;
    }
    return next;
  }
  const inner = next[first];
  const child: Doc =
    typeof inner === 'object' && inner !== null && !Array.isArray(inner) ? inner : {};
  const made = withValue(
    child,
    `/${rest.map((step) => step.replaceAll('~', '~0').replaceAll('/', '~1')).join('/')}`,
    value,
  );
  if (Object.keys(made).length === 0 && value === undefined) {
    delete next[first];
  } else {
    next[first] = made;
  }
  return next;
}

/** What was typed as the number it means; left as it is where it means none, for the server to say so. */
export function numeric(typed: Json | undefined): Json | undefined {
  if (typeof typed !== 'string') {
    return typed;
  }
  const text = typed.trim().replace(',', '.');
  return text === '' ? undefined : Number.isFinite(Number(text)) ? Number(text) : typed;
}
