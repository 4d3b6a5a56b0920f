import { screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { FakeServer, openAt } from './app';

beforeEach(() => {
  new FakeServer();
});

describe('a meter that types', () => {
  it('is tried where nothing is recorded', async () => {
    const person = openAt('/practice/meter');
    await person.click(await screen.findByRole('button', { name: 'A simulated meter' }));
    expect(await screen.findByText(/This meter works here/)).toBeInTheDocument();
    expect(screen.getByLabelText('Reads')).toHaveValue('');
  });

  it('needs no focus, and empty bursts are none', async () => {
    const person = openAt('/practice/meter');
    await screen.findByLabelText('Reads');
    await person.keyboard('2275{Enter}');
    expect(await screen.findByText('2275')).toBeInTheDocument();
    await person.keyboard('{Enter}');
    expect(screen.getByTestId('bursts').children).toHaveLength(1);
  });
});
