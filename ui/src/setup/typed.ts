import type { SetUp } from '../api/types';
import { readLength } from '../words/readLength';

export interface TypedObstacle {
  name: string;
  fromBack: string;
  fromLeft: string;
  length: string;
  width: string;
}

/** What is typed on the set-up page, as it is typed. */
export interface Typed {
  id: string;
  code: string;
  shop: {
    name: string;
    zone: string;
    language: string;
    unit: 'mm' | 'in';
    decimal: '.' | ',';
    paper: 'A4' | 'Letter';
  };
  lead: { name: string; email: string };
  bay: { name: string; length: string; width: string; obstacles: TypedObstacle[] };
  /** Item of the checklist → what is said of it. */
  kit: Record<string, { accuracy: string; figures: Record<string, string> }>;
}

export const noObstacle: TypedObstacle = {
  name: '',
  fromBack: '',
  fromLeft: '',
  length: '',
  width: '',
};

/** What can be known of a shop from the device it is set up on. */
export function begin(id: string): Typed {
  const here = Intl.DateTimeFormat().resolvedOptions();
  const american = /-(US|LR|MM)$/.test(navigator.language);
  return {
    id,
    code: '',
    shop: {
      name: '',
      zone: here.timeZone,
      language: 'en',
      unit: american ? 'in' : 'mm',
      decimal: (1.5).toLocaleString(navigator.language).includes(',') ? ',' : '.',
      paper: /-(US|CA|MX|PH)$/.test(navigator.language) ? 'Letter' : 'A4',
    },
    lead: { name: '', email: '' },
    bay: { name: 'Bay 1', length: '', width: '', obstacles: [] },
    kit: {},
  };
}

/** A length for the server; what cannot be read is sent as 0, which it refuses by the field's name. */
const mm = (typed: string) => readLength(typed) ?? 0;

export function body(typed: Typed, password: string, checklist: SetUp['kit']) {
  return {
    id: typed.id,
    version: 0,
    code: typed.code.trim(),
    shop: { ...typed.shop, name: typed.shop.name.trim() },
    lead: { name: typed.lead.name.trim(), email: typed.lead.email.trim(), password },
    bay: {
      name: typed.bay.name.trim(),
      length: mm(typed.bay.length),
      width: mm(typed.bay.width),
      obstacles: typed.bay.obstacles.map((one) => ({
        name: one.name.trim(),
        fromBack: mm(one.fromBack),
        fromLeft: mm(one.fromLeft),
        length: mm(one.length),
        width: mm(one.width),
      })),
    },
    kit: checklist
      .filter((item) => typed.kit[item.id] !== undefined)
      .map((item) => {
        const told = typed.kit[item.id];
        const accuracy = told === undefined ? NaN : Number(told.accuracy.replace(',', '.'));
        return {
          item: item.id,
          ...(told?.accuracy.trim() && Number.isFinite(accuracy) ? { accuracy } : {}),
          ...(item.asks.length === 0
            ? {}
            : {
                figures: Object.fromEntries(
                  item.asks.map((asked) => [asked, mm(told?.figures[asked] ?? '')]),
                ),
              }),
        };
      }),
  };
}
