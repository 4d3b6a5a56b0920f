import { QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { FakeServer, PERSON, problem } from '../tests/app';
import { Refused, Unreachable } from '../api/client';
import type { Carrier } from '../carry/carrier';
import { decidedHere, keep, keptLines, waitingLines } from '../device/outbox';
import { uuid7 } from '../api/uuid7';
import { newQueries } from '../session/queries';
import { useRecord, type Sent } from './useRecord';

interface State {
  version: number;
  /** Lines that were decided here. */
  here?: number;
}

beforeEach(() => {
  new FakeServer();
});

interface Line {
  kind: string;
  payload?: { typed: string };
  confirmed?: boolean;
}

/** A record with its server's answers in the test's hands. */
function opened(
  carrier?: Carrier<State>,
  fetch: () => Promise<State> = () => Promise.resolve({ version: 7 }),
  goesAlone = false,
) {
  const queries = newQueries({ retry: false });
  const sends: { line: Sent<Line>; answer: (state: State) => void; fail: (why: Error) => void }[] =
    [];
  const { result } = renderHook(
    () =>
      useRecord<State, Line>({
        record: 'task here',
        queryKey: ['task', 'here'],
        fetch,
        send: (line) => new Promise((answer, fail) => sends.push({ line, answer, fail })),
        newer: () => undefined,
        goesAlone: () => goesAlone,
        carrier,
        took: () => undefined,
      }),
    {
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
      ),
    },
  );
  return { result, sends, queries };
}

/** Decides every line on this device. */
const TAKES_ALL: Carrier<State> = {
  takes: () => true,
  refresh: () => Promise.resolve(),
  decide: async (person) => {
    const lines = await keptLines<Sent<Line>>('task here', person.email);
    await decidedHere('task here', person.email, new Map(lines.map((one) => [one.line.id, 1])));
    return { state: { version: 7, here: lines.length }, stopped: null };
  },
};

describe('a record', () => {
  it('takes two presses before anything is drawn anew for one', async () => {
    const { result, sends } = opened();
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    act(() => {
      result.current.write({ kind: 'move' });
      result.current.write({ kind: 'move' });
    });
    await waitFor(() => expect(sends).toHaveLength(1));
    act(() => sends[0]?.answer({ version: 8 }));
    await waitFor(() => expect(result.current.query.data?.version).toBe(8));
    expect(sends).toHaveLength(1);
    // And the next one is taken.
    act(() => result.current.write({ kind: 'move' }));
    await waitFor(() => expect(sends).toHaveLength(2));
  });

  it('waits longer for what cannot go on without the server', async () => {
    const { result, sends } = opened();
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    try {
      act(() => result.current.write({ kind: 'seal' }));
      await vi.waitFor(() => expect(sends).toHaveLength(1));
      await act(() => vi.advanceTimersByTimeAsync(30_000));
      act(() => sends[0]?.answer({ version: 8 }));
      await vi.waitFor(() => expect(result.current.query.data?.version).toBe(8));
      expect(result.current.failure).toBeNull();
      expect(result.current.queue).toHaveLength(0);
    } finally {
      vi.useRealTimers();
    }
  });

  it('takes what is written while something that waited is on its way, after it', async () => {
    const line = { id: uuid7(), version: 7, kind: 'reading', payload: { typed: '1849' } };
    await keep('task here', PERSON, line);
    const { result, sends } = opened(undefined, undefined, true);
    await waitFor(() => expect(sends).toHaveLength(1));
    expect(result.current.isWriting).toBe(false);
    const done = vi.fn();
    act(() => result.current.write({ kind: 'reading', payload: { typed: '12' } }, done));
    await waitFor(() => expect(result.current.isWriting).toBe(true));
    // Another press is none.
    act(() => result.current.write({ kind: 'reading', payload: { typed: '12' } }));
    expect(sends).toHaveLength(1);
    act(() => sends[0]?.answer({ version: 8 }));
    await waitFor(() => expect(sends).toHaveLength(2));
    // What this device wrote meanwhile is known to its person.
    expect(sends[1]?.line).toMatchObject({ payload: { typed: '12' }, version: 8 });
    act(() => sends[1]?.answer({ version: 9 }));
    await waitFor(() => expect(done).toHaveBeenCalledTimes(1));
    expect(result.current.query.data?.version).toBe(9);
    expect(result.current.queue).toHaveLength(0);
    expect(sends).toHaveLength(2);
  });

  it('goes on here where nobody answers; what is refused here holds up nothing', async () => {
    const refused = {
      type: 'about:blank',
      code: 'invalid-input',
      path: '/payload/typed',
      status: 422,
      title: 'no',
    };
    const carrier: Carrier<State> = {
      takes: () => true,
      refresh: () => Promise.resolve(),
      decide: async (person) => {
        const lines = await keptLines<Sent<Line>>('task here', person.email);
        const bad = lines.find(({ line }) => line.payload?.typed === 'far');
        const good = lines.filter((kept) => kept !== bad);
        await decidedHere('task here', person.email, new Map(good.map(({ line }) => [line.id, 1])));
        return {
          state: { version: 7, here: good.length },
          stopped: bad === undefined ? null : { line: bad.line.id, refusal: refused },
        };
      },
    };
    const { result, sends } = opened(carrier);
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    act(() => result.current.write({ kind: 'reading', payload: { typed: '1849' } }));
    await waitFor(() => expect(sends).toHaveLength(1));
    act(() => sends[0]?.fail(new Unreachable()));
    await waitFor(() => expect(result.current.isCarriedOn).toBe(true));
    expect(result.current.query.data).toMatchObject({ here: 1 });
    // Who is known to be away is not asked again with every line.
    act(() => result.current.write({ kind: 'reading', payload: { typed: 'far' } }));
    await waitFor(() => expect(result.current.failure).toBeInstanceOf(Refused));
    expect(result.current.queue).toHaveLength(1);
    expect(sends).toHaveLength(1);
    // Once it answers, what waits goes by itself, and says how long it waited.
    await act(async () => {
      await result.current.query.refetch();
    });
    await waitFor(() => expect(sends).toHaveLength(2));
    expect(sends[1]?.line).toMatchObject({ payload: { typed: '1849' }, version: 7 });
    expect(sends[1]?.line.waited).toBeGreaterThanOrEqual(0);
    act(() => sends[1]?.answer({ version: 8 }));
    await waitFor(() => expect(result.current.queue).toHaveLength(0));
    expect(result.current.isCarriedOn).toBe(false);
  });

  it('says that the session has ended where it heard so when it looked for the server', async () => {
    const over = problem({ status: 401, code: 'signed-out', title: 'over' });
    let isOver = false;
    const { result, sends, queries } = opened(TAKES_ALL, () =>
      isOver ? Promise.reject(new Refused(over)) : Promise.resolve({ version: 7 }),
    );
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    act(() => result.current.write({ kind: 'reading', payload: { typed: '1849' } }));
    await waitFor(() => expect(sends).toHaveLength(1));
    // It was only slow; what is typed from now on is taken here.
    act(() => sends[0]?.fail(new Unreachable()));
    await waitFor(() => expect(result.current.isCarriedOn).toBe(true));
    isOver = true;
    act(() => result.current.write({ kind: 'reading', payload: { typed: '12' } }));
    await waitFor(() => expect(result.current.queue).toHaveLength(2));
    await act(() => result.current.query.refetch());
    expect(queries.getQueryData(['person'])).toBeNull();
    expect(result.current.queue).toHaveLength(2);
  });

  it('keeps what is written after the session has ended for the one whose session it was', async () => {
    const { result, sends, queries } = opened(undefined, undefined, true);
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    const person: unknown = queries.getQueryData(['person']);
    // Heard by another question, before anybody has seen it.
    act(() => void queries.setQueryData(['person'], null));
    act(() => result.current.write({ kind: 'answer' }));
    await waitFor(() => expect(sends).toHaveLength(1));
    act(() =>
      sends[0]?.fail(new Refused(problem({ status: 401, code: 'signed-out', title: 'over' }))),
    );
    await waitFor(() => expect(result.current.heldUp?.line.kind).toBe('answer'));
    expect(await waitingLines('task here', PERSON)).toHaveLength(1);
    act(() => void queries.setQueryData(['person'], person));
    await act(() => result.current.query.refetch());
    await waitFor(() => expect(sends).toHaveLength(2));
    expect(sends[1]?.line.id).toBe(sends[0]?.line.id);
    act(() => sends[1]?.answer({ version: 8 }));
    await waitFor(() => expect(result.current.queue).toHaveLength(0));
  });

  it('shows what was decided here on an older record as it was kept, with what the server took since', async () => {
    const { result, sends } = opened(TAKES_ALL);
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    act(() => result.current.write({ kind: 'reading', payload: { typed: '1849' } }));
    await waitFor(() => expect(sends).toHaveLength(1));
    act(() => sends[0]?.answer({ version: 8 }));
    await waitFor(() => expect(result.current.query.data?.version).toBe(8));
    act(() => result.current.write({ kind: 'reading', payload: { typed: '12' } }));
    await waitFor(() => expect(sends).toHaveLength(2));
    act(() => sends[1]?.fail(new Unreachable()));
    await waitFor(() => expect(result.current.isCarriedOn).toBe(true));
    expect(result.current.query.data?.here).toBe(2);
  });

  it('stops at a line that waited where it is not taken any more, and keeps what is typed after it', async () => {
    const question = {
      type: 'about:blank',
      code: 'asks-once',
      path: '/payload/typed',
      status: 422,
      title: 'sure?',
    };
    for (const typed of ['1849', '90000']) {
      const line = { id: uuid7(), version: 7, kind: 'reading', payload: { typed } };
      await keep('task here', PERSON, line);
    }
    const carrier: Carrier<State> = {
      takes: () => true,
      refresh: () => Promise.resolve(),
      decide: async (person) => {
        const lines = await keptLines<Sent<Line>>('task here', person.email);
        const at = lines.findIndex(
          ({ line }) => line.payload?.typed === '90000' && line.confirmed !== true,
        );
        const taken = at < 0 ? lines : lines.slice(0, at);
        await decidedHere('task here', person.email, new Map(taken.map((one) => [one.line.id, 1])));
        return {
          state: { version: 7, here: taken.length },
          stopped: at < 0 ? null : { line: lines[at]?.line.id ?? '', refusal: question },
        };
      },
    };
    const { result } = opened(carrier, () => Promise.reject(new Unreachable()));
    // Once it is known who is there.
    await waitFor(async () => {
      await act(() => result.current.query.refetch());
      expect(result.current.heldUp?.line.payload?.typed).toBe('90000');
    });
    expect(result.current.query.data).toMatchObject({ here: 1 });
    expect(result.current.heldUp?.failure?.message).toBe('sure?');
    // It has no form: what is open is about something else, and goes on.
    expect(result.current.failure).toBeNull();
    const done = vi.fn();
    act(() => result.current.write({ kind: 'reading', payload: { typed: '12' } }, done));
    await waitFor(() => expect(done).toHaveBeenCalledTimes(1));
    expect(result.current.queue.map(({ payload }) => payload?.typed)).toEqual([
      '1849',
      '90000',
      '12',
    ]);
    act(() => result.current.repeat({ confirmed: true }));
    await waitFor(() => expect(result.current.query.data).toMatchObject({ here: 3 }));
    expect(result.current.isCarriedOn).toBe(true);
    expect(result.current.heldUp).toBeNull();
  });

  it('is not set back by an answer that was asked for before a write and comes after it', async () => {
    const queries = newQueries({ retry: false });
    const fetches: ((state: State) => void)[] = [];
    const sends: ((state: State) => void)[] = [];
    const { result } = renderHook(
      () =>
        useRecord<State, { kind: string }>({
          record: 'task late',
          queryKey: ['task', 'late'],
          fetch: () => new Promise((resolve) => fetches.push(resolve)),
          send: () => new Promise((resolve) => sends.push(resolve)),
          newer: () => undefined,
          goesAlone: () => false,
          took: () => undefined,
        }),
      {
        wrapper: ({ children }: { children: ReactNode }) => (
          <QueryClientProvider client={queries}>{children}</QueryClientProvider>
        ),
      },
    );
    await waitFor(() => expect(fetches).toHaveLength(1));
    act(() => fetches[0]?.({ version: 7 }));
    await waitFor(() => expect(result.current.query.data?.version).toBe(7));
    act(() => result.current.write({ kind: 'reading' }));
    await waitFor(() => expect(sends).toHaveLength(1));
    // While it is on its way somebody looks whether there is anything new.
    act(() => void queries.refetchQueries({ queryKey: ['task', 'late'] }));
    await waitFor(() => expect(fetches).toHaveLength(2));
    await act(async () => {
      sends[0]?.({ version: 8 });
      await new Promise((resolve) => setTimeout(resolve, 30));
    });
    await waitFor(() => expect(result.current.query.data?.version).toBe(8));
    await act(async () => {
      fetches[1]?.({ version: 7 });
      await new Promise((resolve) => setTimeout(resolve, 30));
    });
    expect(result.current.query.data?.version).toBe(8);
  });
});
