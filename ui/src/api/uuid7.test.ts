import { describe, expect, it } from 'vitest';
import { uuid7 } from './uuid7';

describe('uuid7', () => {
  it('is of version 7 and begins with the moment', () => {
    const id = uuid7(0x0190_1234_5678);
    expect(id).toMatch(/^01901234-5678-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  });

  it('is another one each time, and later ones sort later', () => {
    expect(uuid7()).not.toBe(uuid7());
    expect(uuid7(2_000) > uuid7(1_000)).toBe(true);
  });
});
