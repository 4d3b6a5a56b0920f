import { describe, expect, it } from 'vitest';
import { IntlMessageFormat } from 'intl-messageformat';
import english from '../../../words/en.json';
import examples from '../../../words/examples.json';
import { Words } from './words';

interface Example {
  reader: { unit: string; decimal: string; zone?: string };
  say?: unknown;
  quantity?: Record<string, unknown>;
  says: string;
}

describe('words', () => {
  it.each(examples as Example[])('$says', ({ reader, say, quantity, says }) => {
    const words = new Words({
      language: 'en',
      unit: reader.unit === 'in' ? 'in' : 'mm',
      decimal: reader.decimal === ',' ? ',' : '.',
      zone: reader.zone ?? 'UTC',
    });
    expect(words.say(say ?? quantity)).toBe(says);
  });

  it('fill in what is only filled in, and miss what was not given', () => {
    const words = new Words({ language: 'en', unit: 'mm', decimal: '.', zone: 'UTC' });
    expect(words.of('screen.order-row.promised', { at: '16:45' })).toBe('promised 16:45');
    expect(() => words.of('screen.order-row.promised')).toThrow(RangeError);
  });

  it('are message formats, all of them', () => {
    for (const [code, pattern] of Object.entries(english)) {
      expect(
        () => new IntlMessageFormat(pattern, 'en', undefined, { ignoreTag: true }),
        code,
      ).not.toThrow();
    }
  });

  it('are put to a whole document, and the same document gives the same answer', () => {
    const words = new Words({ language: 'en', unit: 'mm', decimal: '.', zone: null });
    const document = {
      a: [{ says: { say: 'note.operations', with: { count: 2 } }, n: 1.5, none: null }],
      b: true,
    };
    expect(words.worded(document)).toEqual({
      a: [{ says: '2 operations', n: 1.5, none: null }],
      b: true,
    });
    expect(words.worded(document)).toBe(words.worded(document));
  });
});
