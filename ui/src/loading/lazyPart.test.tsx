import { act, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { lazyPart } from './lazyPart';

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  vi.useRealTimers();
});

/** A part whose file does not come the first times. */
function shown(failures: number) {
  let asked = 0;
  const Part = lazyPart(() =>
    ++asked > failures
      ? Promise.resolve(() => <p>the part</p>)
      : Promise.reject(new TypeError('Failed to fetch')),
  );
  render(
    <Suspense fallback={<p>opening</p>}>
      <Part />
    </Suspense>,
  );
  return () => asked;
}

describe('a part that is fetched when it is first shown', () => {
  it('is asked for again where it did not come', async () => {
    shown(2);
    await act(() => vi.advanceTimersByTimeAsync(100));
    expect(screen.getByText('opening')).toBeInTheDocument();
    await act(() => vi.advanceTimersByTimeAsync(2_000));
    expect(screen.getByText('the part')).toBeInTheDocument();
  });

  it('says so where it does not come at all', async () => {
    const asked = shown(99);
    await act(() => vi.advanceTimersByTimeAsync(10_000));
    expect(screen.getByRole('alert')).toHaveTextContent('No connection to Lumbro');
    expect(screen.getByRole('button', { name: 'Try again' })).toBeInTheDocument();
    expect(asked()).toBe(4);
  });
});
