import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import type { FormList } from '../api/forms';
import { cardLists } from '../api/forms.generated';
import type { Doc } from '../cards/document';
import { RowsEditor } from '../cards/RowsEditor';

let rows: Doc[] = [];

function Editor({ spec, first }: { spec: FormList; first: Doc[] }) {
  const [known, setKnown] = useState(first);
  const keep = (next: Doc[]) => {
    rows = next;
    setKnown(next);
  };
  return <RowsEditor of="card" spec={spec} rows={known} onChange={keep} wrong={null} />;
}

function open(pointer: string, first: Doc[]) {
  const spec = cardLists.find((list) => list.pointer === pointer);
  if (!spec) {
    throw new Error(`no list ${pointer}`);
  }
  render(<Editor spec={spec} first={first} />);
  return userEvent.setup({ delay: null });
}

describe('a list of a card, as it is edited', () => {
  it('takes several ids with commas between them', async () => {
    const user = open('/steps', [{ id: 'c', text: 'Start' }]);
    await user.type(screen.getByLabelText('After'), 'a, b');
    expect(screen.getByLabelText('After')).toHaveValue('a, b');
    expect(rows[0]?.['after']).toEqual(['a', 'b']);
    await user.clear(screen.getByLabelText('After'));
    expect(rows[0]).not.toHaveProperty('after');
  });

  it('offers operations and kinds of sensor by name, several at once', async () => {
    const user = open('/capture', [{ id: 'photo', question: 'Bracket', kind: 'photo' }]);
    await user.click(screen.getByLabelText('Only after these operations'));
    const list = within(screen.getByRole('listbox'));
    await user.click(list.getByText('front bumper cover repainted'));
    await user.click(list.getByText('wheel alignment'));
    await user.keyboard('{Escape}');
    expect(rows[0]?.['when']).toEqual(['front-cover-painted', 'wheel-alignment']);
    expect(screen.getByText('front bumper cover repainted, wheel alignment')).toBeVisible();
  });

  it('says a choice in words and keeps its code', async () => {
    const user = open('/rules', [{ operation: 'wheel-alignment', state: 'owed' }]);
    expect(screen.getByText('wheel alignment')).toBeVisible();
    await user.click(screen.getByLabelText('Then it is'));
    await user.click(within(screen.getByRole('listbox')).getByText('not owed'));
    expect(rows[0]?.['state']).toBe('not-owed');
  });
});
