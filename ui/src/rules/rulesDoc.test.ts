import { describe, expect, it } from 'vitest';
import type { Doc } from '../cards/document';
import { closed, isDefault, list, opened, sorted } from './rulesDoc';

const RULES: Doc = {
  conditions: [
    {
      id: 'tyres',
      question: 'Tyre pressures',
      perSensor: false,
      unmet: 'blocks',
      why: 'x',
      source: 's',
      sag: { front: 0, rear: 6 },
      values: [
        {
          id: 'front-left',
          label: 'Left front',
          unit: 'bar',
          against: 'placard-front',
          within: 0.1,
        },
        { id: 'front-right', label: 'Right front', unit: 'bar', against: 'placard-front' },
      ],
    },
    { id: 'clean', question: 'Clean', perSensor: true, unmet: 'blocks', why: 'y', source: 's' },
  ],
  owed: [],
  codes: [{ unit: '*', code: 'U3*', sort: 'blocking', why: 'z' }],
  policy: { readings: 2 },
};

describe('the rules as forms have them', () => {
  it('come back as they were, with what no form shows', () => {
    expect(sorted(closed(opened(RULES), RULES))).toBe(sorted(RULES));
  });

  it('put the values of all preconditions in one list, each with whose it is', () => {
    const values = opened(RULES)['values'];
    expect(Array.isArray(values) && values.map((value) => (value as Doc)['condition'])).toEqual([
      'tyres',
      'tyres',
    ]);
    expect(list('values').columns.map((column) => column.key)).toContain('within');
  });

  it('lose a value with its row, and say whom a precondition is asked for', () => {
    const doc = opened(RULES);
    const made = closed(
      {
        ...doc,
        values: (doc['values'] as Doc[]).slice(1),
        conditions: (doc['conditions'] as Doc[]).map((row) => ({ ...row, for: 'sensor' })),
      },
      RULES,
    );
    const [tyres] = made['conditions'] as Doc[];
    expect((tyres?.['values'] as Doc[] | undefined)?.map((value) => value['id'])).toEqual([
      'front-right',
    ]);
    expect(tyres?.['perSensor']).toBe(true);
    expect(tyres?.['sag']).toEqual({ front: 0, rear: 6 });
  });

  it('are as they ship whatever the order of their members', () => {
    const other: Doc = {
      ...RULES,
      codes: [{ why: 'z', sort: 'blocking', code: 'U3*', unit: '*' }],
    };
    expect(isDefault('codes', other, RULES)).toBe(true);
    expect(isDefault('codes', { ...RULES, codes: [] }, RULES)).toBe(false);
    expect(isDefault('overdue', RULES, RULES)).toBe(true);
  });
});
