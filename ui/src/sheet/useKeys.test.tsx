import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useMemo } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

function Field({ onFar }: { onFar: () => void }) {
  useKeys(useMemo(() => ({ f: onFar }), [onFar]));
  return (
    <>
      <input aria-label="reading" data-reading="split" />
      <input aria-label="name" />
    </>
  );
}

describe('keys', () => {
  it('work in an empty reading field and are typed into one that holds something', async () => {
    const far = vi.fn();
    render(<Field onFar={far} />);
    const person = userEvent.setup();
    await person.click(screen.getByLabelText('reading'));
    await person.keyboard('f');
    expect(far).toHaveBeenCalledTimes(1);
    expect(screen.getByLabelText('reading')).toHaveValue('');
    await person.keyboard('4 f');
    expect(far).toHaveBeenCalledTimes(1);
    expect(screen.getByLabelText('reading')).toHaveValue('4 f');
  });

  it('belong to any other field that has the focus', async () => {
    const far = vi.fn();
    render(<Field onFar={far} />);
    const person = userEvent.setup();
    await person.click(screen.getByLabelText('name'));
    await person.keyboard('f');
    expect(far).not.toHaveBeenCalled();
    expect(screen.getByLabelText('name')).toHaveValue('f');
  });
});
