import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { FakeServer, openAt } from './app';
import { workspace } from './fixtures';

const state = workspace();
const api = `/api/tasks/${state.task}`;
let server: FakeServer;

beforeEach(() => {
  server = new FakeServer();
  server.on(`GET ${api}`, { body: state });
});

describe('an address', () => {
  it('opens the sheet it names', async () => {
    openAt(`/tasks/${state.task}/close`);
    expect(
      await screen.findByRole('button', { name: 'Back to the present call' }),
    ).toBeInTheDocument();
  });

  it('of a sheet that there is none of leaves it to the work', async () => {
    openAt(`/tasks/${state.task}/no-such-sheet`);
    await screen.findByTestId('floor-plan');
    expect(
      screen.queryByRole('button', { name: 'Back to the present call' }),
    ).not.toBeInTheDocument();
  });

  it('changes with the sheet, and back with the way back to the work', async () => {
    const person = openAt(`/tasks/${state.task}`);
    await person.click(await screen.findByRole('button', { name: /^Line/ }));
    await person.click(await screen.findByRole('button', { name: 'Back to the present call' }));
    expect(
      screen.queryByRole('button', { name: 'Back to the present call' }),
    ).not.toBeInTheDocument();
  });

  it('lets the sheet go on with the work after a reading', async () => {
    server.on(
      'LINE reading',
      { body: workspace({ version: 8, present: { kind: 'read', call: 'split' } }) },
      { body: workspace({ version: 9, stage: 'run', present: { kind: 'run', call: null } }) },
    );
    const person = openAt(`/tasks/${state.task}`);
    await person.type(await screen.findByRole('textbox'), '1840{Enter}');
    await waitFor(() => expect(server.writes()).toHaveLength(1));
    await waitFor(() => expect(screen.getByRole('textbox')).toHaveValue(''));
    await person.type(screen.getByRole('textbox'), '28 mm left{Enter}');
    await waitFor(() => expect(server.writes()).toHaveLength(2));
    await waitFor(() => expect(screen.queryByRole('textbox')).not.toBeInTheDocument());
    expect(
      screen.queryByRole('button', { name: 'Back to the present call' }),
    ).not.toBeInTheDocument();
  });

  it('whose screen cannot be drawn says that, with what went wrong', async () => {
    // What React says of it to the console is no failure of this test.
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    server.on('GET /api/kit', { body: { items: null } });
    openAt('/kit');
    await screen.findByRole('heading', { name: 'This screen could not be drawn' });
    expect(screen.getByRole('alert')).toHaveTextContent('For whoever mends it: ');
    expect(screen.getByRole('link', { name: 'To Today' })).toHaveAttribute('href', '/');
    vi.restoreAllMocks();
  });
});
