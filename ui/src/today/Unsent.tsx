import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { OrderLine, Workspace } from '../api/types';
import { keptRecord } from '../device/outbox';
import { useUnsent, type Unsent as Left } from '../journal/useUnsent';
import { say } from '../words/say';

/** Tasks as this device has them, by what their records are called. */
type Kept = ReadonlyMap<string, Workspace>;

interface Props {
  person: string;
  /** Those that are listed, for their numbers. */
  orders: readonly OrderLine[];
}

/** What was entered on this tablet and is not sent yet: it goes by itself, but for what asks its person something. */
export function Unsent({ person, orders }: Props) {
  const left = useUnsent(person);
  const [kept, setKept] = useState<Kept>(new Map());
  useEffect(() => {
    let isOver = false;
    void keptOf(person, left ?? []).then((found) => isOver || setKept(found));
    return () => {
      isOver = true;
    };
  }, [person, left]);
  const shown = (left ?? []).flatMap((one) => {
    const title = titled(one, orders, kept);
    return title === null ? [] : [{ record: one.record, title }];
  });
  return shown.length === 0 ? null : (
    <Alert severity="warning" data-testid="left-here" sx={{ mb: 2 }}>
      {say('screen.today.left-here')}
      {shown.map(({ record, title }) => (
        <Box key={record}>
          <Box
            component={Link}
            to={`/${record.replace(' ', 's/')}`}
            sx={{ display: 'inline-block', color: 'inherit', fontWeight: 700, py: 1.5 }}
          >
            {title}
          </Box>
        </Box>
      ))}
    </Alert>
  );
}

/** Which car and how much; null where the device cannot name it. */
function titled({ record, lines }: Left, orders: readonly OrderLine[], tasks: Kept): string | null {
  const task = tasks.get(record);
  if (task !== undefined) {
    const { order, card } = task;
    return say('screen.today.left-at', { number: order.number, sensor: card.sensor, lines });
  }
  const order = orders.find(({ id }) => record === `order ${id}`);
  return order === undefined
    ? null
    : say('screen.today.left-at-order', { number: order.number, lines });
}

async function keptOf(person: string, left: readonly Left[]): Promise<Kept> {
  const found = await Promise.all(
    left.map(async ({ record }) => [record, (await keptRecord(record, person))?.state] as const),
  );
  return new Map(
    found.filter((one): one is [string, Workspace] => one[0].startsWith('task ') && !!one[1]),
  );
}
