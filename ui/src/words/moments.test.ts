import { describe, expect, it } from 'vitest';
import { plainReader, readFor } from './reader';
import { wallHour, wallNow } from './moments';

describe('an hour on the wall of the shop', () => {
  it('is an hour alone today, a day and an hour otherwise, and past once it is past there', () => {
    readFor({ ...plainReader, zone: 'Europe/Paris' });
    const noon = wallNow(new Date('2026-11-28T11:00:00Z'));
    expect(noon).toBe('2026-11-28T12:00');
    expect(wallHour('2026-11-28T16:00', noon)).toEqual({ says: '16:00', isPast: false });
    expect(wallHour('2026-11-28T11:30', noon)).toEqual({ says: '11:30', isPast: true });
    expect(wallHour('2026-11-30T09:00', noon)).toEqual({
      says: '30 Nov 2026, 09:00',
      isPast: false,
    });
    expect(wallHour('2026-11-27T16:00', noon).isPast).toBe(true);
  });
});
