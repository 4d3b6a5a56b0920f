import { describe, expect, it } from 'vitest';
import { labelIn, pictureReader, vinIn } from './detector';

describe('what a camera reads', () => {
  it.each([
    // A Q is in no such number.
    ['LMB0CLY27RQ004711', null],
    ['VIN LMB0CLY27RP004711', 'LMB0CLY27RP004711'],
    ['LMB0CLY27RP004711', 'LMB0CLY27RP004711'],
    ['*lmb0cly27rp004711*', 'LMB0CLY27RP004711'],
    ['LMB0 CLY2 7RP0 0471 1', 'LMB0CLY27RP004711'],
    ['LMB0CLY27RP0047111', null],
    ['LMB0CLY27RP00471', null],
  ])('of “%s” the number %s is meant', (text, vin) => {
    expect(vinIn(text)).toBe(vin);
  });
  it('is a label only where it has a line’s length', () => {
    expect(labelIn('  SN 44-0917 \n lot 7')).toBe('SN 44-0917 lot 7');
    expect(labelIn('x')).toBeNull();
    expect(labelIn('x'.repeat(121))).toBeNull();
  });
  it('is nothing where the browser reads no pictures', () => {
    expect(pictureReader()).toBeNull();
  });
});
