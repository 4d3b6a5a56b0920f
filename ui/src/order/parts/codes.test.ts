import { describe, expect, it } from 'vitest';
import { pasted } from './codes';

describe('pasted trouble codes', () => {
  it('takes the unit from the line or from the one above', () => {
    expect(
      pasted(
        'Front radar\nC2A5200  Axis not learned  stored\n\nEngine: P0442 - Small leak, vapour (pending)\n',
      ),
    ).toEqual([
      { unit: 'Front radar', code: 'C2A5200', text: 'Axis not learned', status: 'stored' },
      { unit: 'Engine', code: 'P0442', text: 'Small leak, vapour', status: 'pending' },
    ]);
  });

  it('reads columns, and leaves empty what is not there', () => {
    expect(pasted('Gateway\tu3001-54\tNo answer\tActive\nBrakes;C1A00')).toEqual([
      { unit: 'Gateway', code: 'U3001-54', text: 'No answer', status: 'Active' },
      { unit: 'Brakes', code: 'C1A00', text: '', status: '' },
    ]);
  });

  it('finds none in words alone', () => {
    expect(pasted('All units scanned.\nNothing stored')).toEqual([]);
  });
});
