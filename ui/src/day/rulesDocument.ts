import type { DayRules } from '../api/types';

export type RulesDocument = DayRules['document'];

/** The document without one of its fields, where it is to go. */
export function without(
  document: RulesDocument,
  field: keyof RulesDocument,
  isGone: boolean,
): RulesDocument {
  return isGone
    ? (Object.fromEntries(
        Object.entries(document).filter(([name]) => name !== field),
      ) as RulesDocument)
    : document;
}
