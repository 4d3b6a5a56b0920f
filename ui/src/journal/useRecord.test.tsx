import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer } from '../tests/app';
import { useRecord } from './useRecord';

interface State {
  version: number;
}

beforeEach(() => {
  new FakeServer();
});

describe('a record', () => {
  it('is not set back by an answer that was asked for before a write and comes after it', async () => {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
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
