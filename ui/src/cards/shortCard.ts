import type { MakerPage } from '../api/types';
import type { Code } from '../words/say';
import { readLength } from '../words/readLength';
import type { Doc, Json } from './document';
import { at, withValue } from './document';
import type { PageSpot } from './MakerPages';

/** A value of the short card: where it stands in the card, and how it is typed. */
export interface ShortField {
  pointer: string;
  label: Code;
  kind: 'length' | 'sided' | 'degrees';
  required: boolean;
}

/** What is typed of a card, as it is typed. */
export interface Typed {
  id: string;
  page: MakerPage | null;
  source: string;
  edition: string;
  dated: string;
  form: 'along' | 'angle';
  datum: string;
  target: string;
  heightTo: string;
  heightFrom: 'floor' | 'sensor';
  angleFrom: 'ahead' | 'back';
  angleSide: 'left' | 'right';
  way: string;
  reported: string;
  schools: string[];
  screws: Doc[];
  steps: string;
  values: Record<string, string>;
  spots: Record<string, PageSpot>;
}

export interface KitTarget {
  name: string;
  kind: string;
  heights: Record<string, number>;
}

const field = (
  pointer: string,
  label: Code,
  kind: ShortField['kind'],
  required = false,
): ShortField => ({ pointer, label, kind, required });

/** The figures of the page, in the order in which a page has them. */
export function shortFields(form: Typed['form']): ShortField[] {
  const limits = [
    field('/sensor/limits/azimuth', 'card.sensor.limits.azimuth', 'degrees'),
    field('/sensor/limits/elevation', 'card.sensor.limits.elevation', 'degrees'),
  ];
  return form === 'along'
    ? [
        field('/spot/along', 'screen.short-card.distance', 'length', true),
        field('/spot/across', 'screen.short-card.aside', 'sided'),
        field('/spot/height', 'screen.short-card.height', 'length', true),
        field('/spot/tolerance/along', 'screen.short-card.tolerance-along', 'length'),
        field('/spot/tolerance/across', 'screen.short-card.tolerance-across', 'length'),
        field('/spot/tolerance/height', 'screen.short-card.tolerance-height', 'length'),
        field('/spot/tolerance/yaw', 'screen.short-card.tolerance-yaw', 'degrees'),
        ...limits,
      ]
    : [
        field('/spot/range', 'screen.short-card.range', 'length', true),
        field('/spot/bearing', 'screen.short-card.angle', 'degrees', true),
        field('/spot/height', 'screen.short-card.height', 'length', true),
        field('/spot/tolerance/range', 'screen.short-card.tolerance-range', 'length'),
        field('/spot/tolerance/bearing', 'screen.short-card.tolerance-angle', 'degrees'),
        field('/spot/tolerance/height', 'screen.short-card.tolerance-height', 'length'),
        ...limits,
      ];
}

/** What a typed value comes to in the card, mm or degrees; undefined where nothing is typed, the text where it cannot be read. */
export function valueOf(typed: Typed, one: ShortField, looksBack: boolean): Json | undefined {
  const text = (typed.values[one.pointer] ?? '').trim();
  if (text === '') {
    return undefined;
  }
  if (one.kind === 'degrees') {
    const angle = Number(text.replace(',', '.').replace(/\s*(°|deg|degrees)$/i, ''));
    if (!Number.isFinite(angle)) {
      return text;
    }
    return one.pointer === '/spot/bearing' ? bearing(angle, typed) : angle;
  }
  const side = /\b(left|right)\b/i.exec(text)?.[1]?.toLowerCase();
  const length = readLength(one.kind === 'sided' ? text.replace(/\b(left|right)\b/i, '') : text);
  if (length === null) {
    return text;
  }
  if (one.pointer === '/spot/along') {
    return looksBack ? -length : length;
  }
  return side === 'right' ? -length : length;
}

/** Anticlockwise from straight ahead, as the core counts. */
function bearing(angle: number, typed: Typed): number {
  const from = typed.angleFrom === 'ahead' ? angle : 180 - angle;
  return typed.angleSide === 'left' ? from : -from;
}

/** What a card for a sensor begins with. */
export interface Start {
  document: Doc;
  looksBack: boolean;
  sources: { car: string; usual: string };
}

/** Figures that no page says: the car's own, and what is usual where the page is silent. */
const CAR = ['/sensor/along', '/sensor/across', '/sensor/height'];
const USUAL = ['/sensor/s', '/spot/yaw', '/spot/across'];

/** The card's document: what it began with, and what was typed. */
export function documentOf(
  { document: start, looksBack, sources }: Start,
  typed: Typed,
  target: KitTarget | undefined,
  person: string,
): Doc {
  let doc: Doc = {
    ...start,
    edition: typed.edition.trim(),
    dated: typed.dated,
    source: typed.source.trim(),
    enteredBy: person,
    target: {
      name: target?.name ?? '',
      heights: target?.heights ?? {},
      ...(target?.kind.includes('plate') ? { kind: 'plate' } : {}),
    },
    spot: {
      datum: typed.datum,
      heightDatum: typed.heightTo,
      heightFrom: typed.heightFrom,
      ...(typed.form === 'along' ? { across: 0, yaw: looksBack ? 0 : 180 } : {}),
      tolerance: {},
    },
    steps: typed.steps
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '')
      .map((text, i) => ({
        id: `step-${i + 1}`,
        text,
        ...(i === 0 ? {} : { after: [`step-${i}`] }),
      })),
    ...(typed.schools.length === 0 ? {} : { schools: typed.schools }),
    ...(typed.way === ''
      ? {}
      : {
          adjustment: {
            way: typed.way,
            ...(typed.way === 'screws' ? { screws: typed.screws } : {}),
          },
        }),
    ...(typed.page === null ? {} : { page: { hash: typed.page.hash, name: typed.page.name } }),
  };
  doc = withValue(doc, '/sensor/reported', typed.reported);
  const values: Doc = {};
  for (const pointer of CAR) {
    values[pointer] = { source: sources.car, enteredBy: person };
  }
  for (const pointer of USUAL) {
    if (at(doc, pointer) !== undefined && (typed.values[pointer] ?? '').trim() === '') {
      values[pointer] = { source: sources.usual, enteredBy: person };
    }
  }
  for (const one of shortFields(typed.form)) {
    const value = valueOf(typed, one, looksBack);
    if (value !== undefined) {
      doc = withValue(doc, one.pointer, value);
    }
    const spot = typed.spots[one.pointer];
    if (value !== undefined && spot !== undefined && typed.page !== null) {
      values[one.pointer] = {
        source: typed.source.trim(),
        edition: typed.edition.trim(),
        dated: typed.dated,
        enteredBy: person,
        at: { page: spot.page, x: round(spot.x), y: round(spot.y) },
      };
    }
  }
  if (at(doc, '/sensor/limits') === undefined) {
    doc = withValue(doc, '/sensor', { ...(doc['sensor'] as Doc), limits: {} });
  }
  return { ...doc, values };
}

const round = (part: number) => Math.round(part * 10000) / 10000;
