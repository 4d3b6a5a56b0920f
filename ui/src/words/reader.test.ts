import { afterEach, describe, expect, it } from 'vitest';
import { degrees, expectedReading, length, lengthFigure } from './length';
import { calendarDay, clock, day, moment } from './moments';
import { chooseUnit, currentReader, plainReader, readFor, whenReaderChanges } from './reader';

const late = '2026-11-25T03:07:00.000Z';

afterEach(() => {
  localStorage.clear();
  readFor(plainReader);
});

describe('the reader', () => {
  it('has the day and the time on the wall of the shop, wherever the device is', () => {
    readFor({ ...plainReader, zone: 'America/Chicago' });
    expect([moment(late), day(late), clock(late)]).toEqual([
      '24 Nov 2026, 21:07',
      '24 Nov 2026',
      '21:07',
    ]);
    readFor({ ...plainReader, zone: 'Asia/Tokyo' });
    expect(moment(late)).toBe('25 Nov 2026, 12:07');
    expect(calendarDay('2026-09-05')).toBe('5 Sep 2026');
  });

  it('has the shop’s decimal mark in every figure', () => {
    readFor({ ...plainReader, decimal: ',' });
    expect(degrees(-0.426)).toBe('0,43°');
    expect(length(1840.5, 'mm', 1)).toBe('1\u202f840,5 mm');
    expect(expectedReading(-0.4, 'turn', 'mm')).toBe('0,4° clockwise');
  });

  it('begins with the shop’s unit, and keeps the one that the person chose on this device', () => {
    const heard: string[] = [];
    const forget = whenReaderChanges(() => heard.push(currentReader().unit));
    readFor({ ...plainReader, unit: 'in' });
    chooseUnit('mm');
    readFor({ ...plainReader, unit: 'in' });
    forget();
    expect(heard).toEqual(['in', 'mm']);
    expect(currentReader().unit).toBe('mm');
  });

  it('sees what lies under a sixteenth where decimals are asked for', () => {
    expect(length(0.4, 'in', 1)).toBe('0.02 in');
    expect(lengthFigure(1479.55, 'in')).toBe('58 1/4');
  });
});
