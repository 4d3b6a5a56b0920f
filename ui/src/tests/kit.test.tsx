import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { KitItem } from '../api/types';
import { FakeServer, openAt, problem } from './app';
import { call, workspace } from './fixtures';

const tape: KitItem = {
  id: '0192',
  version: 1,
  retired: false,
  overdue: false,
  document: { sort: 'instrument', id: 'tape-1', name: 'Steel tape, 5 m', kind: 'tape' },
  lesson: { factor: 1.234, readings: 46, redundancy: 17.2 },
};
const rule: KitItem = {
  ...tape,
  id: '0193',
  document: { ...tape.document, id: 'rule-1', name: 'Steel rule', kind: 'rule' },
  lesson: null,
};
const kit = {
  items: [tape, rule],
  overdueRule: { bars: false, widening: 2 },
  taughtByReal: false,
  mayEdit: false,
};
let server: FakeServer;

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  server = new FakeServer();
});

describe('what an instrument taught', () => {
  it('stands beside it, with what it rests on behind one press; a failure can be tried again', async () => {
    server.on('GET /api/kit', { body: kit }).on(
      'GET /api/kit/0192/lessons',
      { status: 500, body: problem({ title: 'The server is out of order.' }) },
      {
        body: {
          months: [{ month: '2026-11', readings: 46, redundancy: 17.2, factor: 1.234 }],
          people: [{ person: 'Bram Tolley', readings: 46, redundancy: 17.2, factor: 1.234 }],
        },
      },
    );
    openAt('/kit');
    const lesson = await screen.findByTestId('lesson-tape-1');
    expect(lesson).toHaveTextContent(
      'Its own readings scatter 1.23 × what is stated (46 readings)',
    );
    expect(lesson).toHaveTextContent('From simulated cars');
    expect(screen.queryByTestId('lesson-rule-1')).toBeNull();
    await userEvent.click(within(lesson).getByRole('button', { name: 'What that rests on' }));
    await userEvent.click(await within(lesson).findByRole('button', { name: /again/i }));
    expect(await within(lesson).findByRole('table', { name: 'Month' })).toHaveTextContent(
      '2026-11',
    );
    expect(within(lesson).getByRole('table', { name: 'Person' })).toHaveTextContent('Bram Tolley');
    await userEvent.click(within(lesson).getByRole('button', { name: 'Hide it' }));
    expect(within(lesson).queryByRole('table')).toBeNull();
  });
});

describe('what a reading is taken with', () => {
  const choices = [
    { id: 'tape-1', name: 'Steel tape, 5 m' },
    { id: 'tape-2', name: 'Steel tape, 8 m' },
  ];
  const state = workspace({ calls: [call('spot-along', { choices })] });

  it('is asked where the kit leaves a choice, sent with it, and remembered', async () => {
    server.on(`GET /api/tasks/${state.task}`, { body: state }).on('LINE reading', {
      status: 422,
      body: problem({ title: 'No.', path: '/payload/instrument' }),
    });
    openAt(`/tasks/${state.task}`);
    await userEvent.click(await screen.findByRole('combobox', { name: 'Taken with' }));
    await userEvent.click(await screen.findByRole('option', { name: 'Steel tape, 8 m' }));
    await userEvent.type(screen.getByLabelText(/Reads/), '1840{Enter}');
    await screen.findByText('No.');
    expect(server.writes()[0]?.line).toMatchObject({ call: 'spot-along', instrument: 'tape-2' });
    expect(screen.getByLabelText(/Reads/)).toHaveValue('1840');
    expect(Object.keys(localStorage).map((key) => localStorage.getItem(key))).toContain('tape-2');
  });

  it('is nobody’s question where there is one of a kind', async () => {
    const only = workspace({ calls: [call('spot-along')] });
    server.on(`GET /api/tasks/${only.task}`, { body: only });
    openAt(`/tasks/${only.task}`);
    await screen.findByLabelText(/Reads/);
    expect(screen.queryByRole('combobox', { name: 'Taken with' })).toBeNull();
  });
});
