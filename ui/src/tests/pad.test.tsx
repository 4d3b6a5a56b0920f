import { renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { erased, pressed, tapeKeys } from '../pad/tapeKeys';
import { nextCall, readHere, useNextCall } from '../workspace/task/nextCall';
import type { Task } from '../workspace/task/useTask';
import { call, workspace } from './fixtures';
import { learn } from '../words/words';
import english from '../../../words/en.json';

learn('en', english);

const key = (shows: string, display: 'mm' | 'in' = 'mm') =>
  tapeKeys(display, false).find((one) => one.shows === shows)!;

describe('the keys of a tape', () => {
  it('put a unit in the place of another, and none before a figure', () => {
    expect(pressed('', key('mm'))).toBe('');
    expect(pressed('184', key('cm'))).toBe('184 cm');
    expect(pressed('184 cm', key('m'))).toBe('184 m');
    expect(pressed('18', key('.'))).toBe('18.');
  });
  it('write feet, inches and fractions as a tape has them', () => {
    const typed = ['7', 'ft', '2', '␣', '1', '/', '4', 'in'].reduce(
      (text, shows) => pressed(text, key(shows, 'in')),
      '',
    );
    expect(typed).toBe('7\'2 1/4"');
  });
  it('take back a digit, a unit or a word', () => {
    expect(erased('184 cm left')).toBe('184 cm');
    expect(erased('184 cm')).toBe('184');
    expect(erased('184')).toBe('18');
    expect(erased('7\'2 1/4"')).toBe("7'2 1/4");
    expect(erased('')).toBe('');
  });
});

describe('the next call', () => {
  const state = workspace({
    present: { kind: 'read', call: 'a', why: null },
    calls: [
      call('a', { beside: ['c'] }),
      call('b', { beside: ['c'] }),
      call('c', { beside: ['a', 'b'] }),
    ],
  });
  const at = (id: string) => [{ call: id, person: 'Bram', own: false }];
  it('is the one that is due', () => {
    expect(nextCall(state, [], [])?.id).toBe('a');
  });
  it('is another one where somebody is at it, which does not disturb theirs', () => {
    expect(nextCall(state, [], at('a'))?.id).toBe('c');
    expect(nextCall(state, [], at('c'))?.id).toBe('a');
  });
  it('is none where all that is left would disturb them', () => {
    expect(nextCall(state, ['c'], at('a'))).toBeNull();
  });
  it('stays what somebody is at here, unless another one was at it before', () => {
    expect(nextCall(state, [], [], 'b')?.id).toBe('b');
    const mine = { call: 'b', person: 'Ilse', own: true };
    expect(nextCall(state, [], [mine, ...at('a')], 'b')?.id).toBe('b');
    expect(nextCall(state, [], [...at('a'), mine], 'b')?.id).toBe('c');
    // Half a number is never left in another one's field.
    expect(nextCall(state, [], [...at('a'), mine], 'b', true)?.id).toBe('b');
    expect(nextCall(state, ['b'], [...at('a'), mine], 'b', true)?.id).toBe('c');
    // It was at another one before: this one comes after theirs.
    expect(nextCall(state, [], [mine, ...at('a')], 'c')?.id).toBe('c');
    expect(nextCall(state, [], [{ ...mine, call: 'c' }, ...at('a')], 'b')?.id).toBe('c');
    // Read meanwhile, by whoever.
    const read = state.calls.map((one) =>
      one.id === 'b' ? { ...one, reading: { typed: '1' } as never } : one,
    );
    expect(nextCall({ ...state, calls: read }, [], [], 'b')?.id).toBe('a');
  });
  it('does not change under the hands of whoever is at it where the other one leaves', () => {
    const task = { isCarriedOn: false, queue: [] } as unknown as Task;
    const { result, rerender } = renderHook(({ shown, held }) => useNextCall(shown, task, held), {
      initialProps: { shown: state, held: at('a') },
    });
    expect(result.current?.id).toBe('c');
    rerender({ shown: state, held: [] });
    expect(result.current?.id).toBe('c');
    // Once it is read, what is due is next.
    const calls = state.calls.map((one) =>
      one.id === 'c' ? { ...one, reading: { typed: '1' } as never } : one,
    );
    rerender({ shown: { ...state, calls }, held: [] });
    expect(result.current?.id).toBe('a');
    rerender({ shown: { ...state, calls, present: { ...state.present, call: 'b' } }, held: [] });
    expect(result.current?.id).toBe('b');
  });
  it('passes over what waits on this device', () => {
    expect(nextCall(state, ['a'], [])?.id).toBe('b');
    const queue = [
      { kind: 'reading' as const, payload: { call: 'a', typed: '1' }, id: '1', version: 1 },
    ];
    expect(readHere({ isCarriedOn: false, queue })).toEqual(['a']);
    expect(readHere({ isCarriedOn: true, queue })).toEqual([]);
  });
  it('is none where no reading is asked for', () => {
    expect(
      nextCall({ ...state, present: { kind: 'move', call: null, why: null } }, [], []),
    ).toBeNull();
  });
});
